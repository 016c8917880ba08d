package grimygasket.call.change;

import grimygasket.call.Call;
import grimygasket.call.Confirmed;
import grimygasket.call.Reason;
import java.util.UUID;

/** Cautions confirmed, and confirmations taken back. */
public sealed interface CautionChange extends Change {

    /** Confirms a caution. */
    record Confirm(String caution) implements CautionChange {
        @Override
        public CommandResult on(Call call, Moment moment) {
            if (moment.knowhow().pack().cautions().stream()
                    .noneMatch(known -> known.id().equals(caution))) {
                return CommandResult.refused(Reason.Kind.NO_CAUTION, caution);
            }
            if (call.cautions().stream().anyMatch(one -> one.id().equals(moment.id()))) {
                return new CommandResult.Same();
            }
            return new CommandResult.Applied(call.withCautions(cautions -> cautions.add(
                    new Confirmed(moment.id(), caution, moment.at(), moment.by().name()))));
        }
    }

    /** Takes a confirmation back; one that is already gone is gone. */
    record Unconfirm(UUID confirmation) implements CautionChange {
        @Override
        public CommandResult on(Call call, Moment moment) {
            return call.cautions().stream().noneMatch(one -> one.id().equals(confirmation))
                    ? new CommandResult.Same()
                    : new CommandResult.Applied(call.withCautions(
                            cautions -> cautions.removeIf(one -> one.id().equals(confirmation))));
        }
    }
}
