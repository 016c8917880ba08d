package grimygasket.call.change;

import grimygasket.call.Call;
import grimygasket.call.Complaint;
import grimygasket.call.Lengths;
import grimygasket.call.Reason;
import java.util.UUID;

/** What somebody says is wrong, added and withdrawn. */
public sealed interface ComplaintChange extends Change {

    /** Writes a complaint down. */
    record Complain(String text) implements ComplaintChange {
        @Override
        public CommandResult on(Call call, Moment moment) {
            if (text.isBlank()) {
                return CommandResult.refused(Reason.Kind.NO_COMPLAINT);
            }
            if (text.length() > Lengths.MOST_OF_A_COMPLAINT) {
                return CommandResult.refused(Reason.Kind.TOO_LONG, "" + Lengths.MOST_OF_A_COMPLAINT);
            }
            if (call.complaints().stream().anyMatch(one -> one.id().equals(moment.id()))) {
                return new CommandResult.Same();
            }
            return new CommandResult.Applied(call.withComplaints(
                    complaints -> complaints.add(new Complaint(moment.id(), moment.at(), text.strip()))));
        }
    }

    /** Takes a complaint back. */
    record Withdraw(UUID complaint) implements ComplaintChange {
        @Override
        public CommandResult on(Call call, Moment moment) {
            if (call.complaints().stream().noneMatch(one -> one.id().equals(complaint))) {
                return new CommandResult.Same();
            }
            if (call.complaints().size() == 1) {
                return CommandResult.refused(Reason.Kind.LAST_COMPLAINT);
            }
            return new CommandResult.Applied(call.withComplaints(
                    complaints -> complaints.removeIf(one -> one.id().equals(complaint))));
        }
    }
}
