package grimygasket.call;

import java.util.UUID;

/** Cautions confirmed, and confirmations taken back. */
public sealed interface CautionChange extends Change {

    /** Confirms a caution. */
    record Confirm(String caution) implements CautionChange {
        @Override
        public Outcome on(Call call, Moment moment) {
            if (moment.knowhow().pack().cautions().stream()
                    .noneMatch(known -> known.id().equals(caution))) {
                return Outcome.refused(Reason.Kind.NO_CAUTION, caution);
            }
            if (call.cautions().stream().anyMatch(one -> one.id().equals(moment.id()))) {
                return new Outcome.Same();
            }
            return new Outcome.Applied(call.withCautions(cautions -> cautions.add(
                    new Confirmed(moment.id(), caution, moment.at(), moment.by().name()))));
        }
    }

    /** Takes a confirmation back; one that is already gone is gone. */
    record Unconfirm(UUID confirmation) implements CautionChange {
        @Override
        public Outcome on(Call call, Moment moment) {
            return call.cautions().stream().noneMatch(one -> one.id().equals(confirmation))
                    ? new Outcome.Same()
                    : new Outcome.Applied(call.withCautions(
                            cautions -> cautions.removeIf(one -> one.id().equals(confirmation))));
        }
    }
}
