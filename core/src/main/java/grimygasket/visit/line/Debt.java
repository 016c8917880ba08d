package grimygasket.visit.line;

import java.util.Optional;

/**
 * Something that was changed for the work and has to be put back before the call ends.
 *
 * @param what it is
 * @param text in the technician's words; blank where the kind says enough
 * @param settled whether it is put back
 */
public record Debt(Kind what, String text, boolean settled) implements JobLine<Debt> {
    public enum Kind {
        HEATER_UP,
        WATER_OFF,
        POWER_OFF,
        GAS_OFF,
        OTHER
    }

    @Override
    public Optional<Debt> merged(Debt was, Debt theirs) {
        var merge = new Merge<>(was, this, theirs);
        return merge.merged(() -> new Debt(merge.of(Debt::what), merge.of(Debt::text), merge.of(Debt::settled)));
    }
}
