package grimygasket.server.calls.records;

import grimygasket.call.change.Customer;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * What is told of a call besides.
 *
 * @param beside the other machines of the same visit
 * @param earlier the call since which the machine has failed again; null for none, or where it is not on file here
 * @param family id of the family of models that the machine belongs to; null for none
 * @param broughtIn how it came on file, if it was from a file, which can say that anybody has done anything; null if it was begun here
 */
public record Surroundings(
        Customer customer,
        List<Beside> beside,
        @Nullable Earlier earlier,
        @Nullable String family,
        @Nullable FromFile broughtIn) {
    /**
     * Who brought a call in.
     *
     * @param at in milliseconds since 1970
     */
    public record FromFile(String by, long at) {}

    /**
     * The call before this one.
     *
     * @param done names of the remedies
     */
    public record Earlier(UUID callId, LocalDate day, String complaint, List<String> done) {}

    /**
     * Another machine in the same home, looked at on the same visit.
     *
     * @param kind in words
     */
    public record Beside(
            UUID callId,
            String kind,
            String maker,
            String model,
            @Nullable Long closedAt) {}
}
