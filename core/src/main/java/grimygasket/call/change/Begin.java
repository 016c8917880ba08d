package grimygasket.call.change;

import grimygasket.call.Call;
import grimygasket.call.CallMachine;
import grimygasket.call.Complaint;
import grimygasket.call.Head;
import grimygasket.call.Lengths;
import grimygasket.call.Person;
import grimygasket.call.Reason;
import grimygasket.pack.Pack;
import grimygasket.route.Window;
import grimygasket.util.Unfit;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A call is put on somebody's round, with its customer and machine, which are put on file too if they are new.
 *
 * @param visitId of the visit that it is made on with others; null for a visit of its own
 * @param follows id of an earlier call about the same machine, since which it has failed again; null for none
 * @param upkeep whether it is for upkeep; a call for a fault wants a complaint
 * @param revision of the know-how that it began with; null for the one in use when it arrives
 * @param day since 1970; null while none is chosen
 * @param plannedAt minute of the day; null while none is chosen
 * @param promised between which times somebody was promised to come; null where only the time was said
 * @param complaint in the customer's words; blank for none
 */
public record Begin(
        @Nullable UUID visitId,
        @Nullable UUID follows,
        boolean upkeep,
        @Nullable Integer revision,
        @Nullable Long day,
        @Nullable Integer plannedAt,
        @Nullable Window promised,
        String complaint,
        Customer customer,
        CallMachine machine)
        implements Change {

    /** A call that is on file has begun. */
    @Override
    public CommandResult on(Call call, Moment moment) {
        return new CommandResult.Same();
    }

    @Override
    public boolean concernsClosed() {
        return true;
    }

    /**
     * The call that it begins.
     *
     * @param command of this change
     * @param pack of the machine's kind
     * @param kept revision of that pack
     */
    public CommandResult begun(Command command, Person by, Pack pack, int kept) {
        var fields = unfit(command.at());
        if (!fields.isEmpty()) {
            return CommandResult.refused(Reason.of(Reason.Kind.INCOMPLETE), fields);
        }
        var problems = pack.problemsOf(machine.features());
        if (!problems.isEmpty()) {
            return CommandResult.refused(Reason.Kind.FEATURES, problems.toArray(String[]::new));
        }
        try {
            return new CommandResult.Applied(call(command, by, kept));
        } catch (Unfit e) {
            return CommandResult.refused(Reason.Kind.UNFIT, e.getMessage());
        }
    }

    private Call call(Command command, Person by, int kept) {
        var id = command.call();
        var head = new Head(
                id,
                visitId == null ? id : visitId,
                by.account(),
                day,
                plannedAt,
                promised,
                kept,
                follows,
                upkeep,
                null,
                null,
                1);
        var begun = Call.begun(head, machine.onFile());
        return complaint.isBlank() ? begun : begun.complainedOf(new Complaint(id, command.at(), complaint.strip()));
    }

    /** What is missing or too long, by the name of its field. */
    private Map<String, Reason> unfit(long now) {
        var fields = new LinkedHashMap<String, Reason>();
        if (day == null) {
            fields.put("day", Reason.of(Reason.Kind.NO_DAY));
        } else if (!Days.isNear(day, now)) {
            fields.put("day", Reason.of(Reason.Kind.FAR_DAY));
        }
        if (plannedAt == null) {
            fields.put("plannedAt", Reason.of(Reason.Kind.NO_TIME));
        }
        if (!upkeep) {
            Lengths.wanted(fields, "complaint", complaint, Reason.Kind.NO_COMPLAINT);
        }
        Lengths.fits(fields, "complaint", complaint, Lengths.MOST_OF_A_COMPLAINT);
        customer.unfit().forEach((name, reason) -> fields.put("customer." + name, reason));
        machine.plate().unfit().forEach((name, reason) -> fields.put("machine." + name, reason));
        return fields;
    }
}
