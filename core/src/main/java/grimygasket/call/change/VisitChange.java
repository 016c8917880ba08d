package grimygasket.call.change;

import grimygasket.call.Call;
import grimygasket.call.Head;
import grimygasket.call.Lengths;
import grimygasket.call.Reason;
import grimygasket.route.Window;
import grimygasket.visit.ring.Authority;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** What becomes of the call itself: another day, somebody else, a fault after all, cancelled, closed, open again. */
public sealed interface VisitChange extends Change {

    /**
     * Another day: the call goes on with everything as it lies.
     *
     * @param fromDay on which it stood as it was seen, since 1970
     * @param fromMinute of that day
     * @param day since 1970
     * @param plannedAt minute of the day
     * @param promised between which times somebody was promised to come; null where only the time was said
     */
    record Move(
            long fromDay,
            int fromMinute,
            long day,
            int plannedAt,
            @Nullable Window promised) implements VisitChange {
        @Override
        public CommandResult on(Call call, Moment moment) {
            if (!Days.isNear(day, moment.at())) {
                return CommandResult.refused(Reason.Kind.FAR_DAY);
            }
            var planned = call.head().planned(day, plannedAt, promised);
            if (planned.equals(call.head())) {
                return new CommandResult.Same();
            }
            return call.head().day() == fromDay && call.head().plannedAt() == fromMinute
                    ? new CommandResult.Applied(call.with(planned))
                    : CommandResult.conflict(Reason.Kind.CHANGED);
        }
    }

    /**
     * The call is given to somebody else.
     *
     * @param from id of the account on whose round it stood as it was seen
     * @param to id of the account that gets it; {@link Head#NOBODY} while nobody is chosen
     */
    record Assign(UUID from, UUID to) implements VisitChange {
        @Override
        public CommandResult on(Call call, Moment moment) {
            var stands = call.head().accountId();
            if (stands.equals(to)) {
                return new CommandResult.Same();
            }
            boolean free = stands.equals(Head.NOBODY) && to.equals(moment.by().account());
            if (moment.by().rank() != Authority.LEAD
                    && !free
                    && !stands.equals(moment.by().account())) {
                return CommandResult.refused(Reason.Kind.NOT_YOURS);
            }
            return stands.equals(from)
                    ? new CommandResult.Applied(call.with(call.head().assigned(to)))
                    : CommandResult.conflict(Reason.Kind.CHANGED);
        }
    }

    /**
     * Nothing will be done on this call: it was entered by mistake, or nobody wants it any more.
     *
     * @param reason why
     */
    record Cancel(String reason) implements VisitChange {
        @Override
        public CommandResult on(Call call, Moment moment) {
            if (reason.isBlank()) {
                return CommandResult.refused(Reason.Kind.NO_REASON);
            }
            if (reason.length() > Lengths.MOST_OF_A_REASON) {
                return CommandResult.refused(Reason.Kind.TOO_LONG, "" + Lengths.MOST_OF_A_REASON);
            }
            if (!call.untouched()) {
                return CommandResult.refused(Reason.Kind.UNDER_WAY);
            }
            var how = new Head.Closed(moment.at(), moment.by().name(), reason.strip(), true);
            return new CommandResult.Applied(
                    call.with(call.head().closed(how, call.head().advice())));
        }
    }

    /** A fault was seen on a visit for upkeep: it goes on as any other call, with all that was done. */
    record SeeFault() implements VisitChange {
        @Override
        public CommandResult on(Call call, Moment moment) {
            return call.head().upkeep()
                    ? new CommandResult.Applied(call.with(call.head().withFaultSeen()))
                    : new CommandResult.Same();
        }
    }

    /**
     * Closes the call, if nobody else has changed it since.
     *
     * @param base the call's version as it was seen when it was decided to close it
     * @param signOff why gaps are left; blank for no reason
     * @param advice to the customer
     */
    record Close(int base, String signOff, String advice) implements VisitChange {
        @Override
        public CommandResult on(Call call, Moment moment) {
            if (signOff.length() > Lengths.MOST_OF_A_REASON) {
                return CommandResult.refused(Reason.Kind.TOO_LONG, "" + Lengths.MOST_OF_A_REASON);
            }
            if (advice.length() > Lengths.MOST_OF_AN_ADVICE) {
                return CommandResult.refused(Reason.Kind.TOO_LONG, "" + Lengths.MOST_OF_AN_ADVICE);
            }
            var ring = Progress.of(call, moment.knowhow(), moment.at()).ring();
            var beyond = ring.beyond(moment.by().rank());
            if (!beyond.isEmpty()) {
                return CommandResult.refused(Reason.Kind.BEYOND, beyond);
            }
            var gaps = ring.gapsBeforeClosing();
            if (!gaps.isEmpty() && signOff.isBlank()) {
                return CommandResult.refused(Reason.Kind.GAPS, gaps);
            }
            // A base above the current version was made up: nobody has seen such a version.
            if (base > call.head().version()
                    || call.changes().entrySet().stream()
                            .anyMatch(last -> !last.getKey().equals(moment.by().account()) && last.getValue() > base)) {
                return CommandResult.conflict(Reason.Kind.MOVED_ON);
            }
            var how = new Head.Closed(moment.at(), moment.by().name(), gaps.isEmpty() ? null : signOff.strip(), false);
            return new CommandResult.Applied(call.with(call.head().closed(how, advice)));
        }
    }

    /** Opens a closed call again. */
    record Reopen() implements VisitChange {
        @Override
        public boolean concernsClosed() {
            return true;
        }

        @Override
        public CommandResult on(Call call, Moment moment) {
            var closing = call.head().closing();
            if (closing == null) {
                return new CommandResult.Same();
            }
            var ring = Progress.of(call, moment.knowhow(), closing.at()).ring();
            return closing.cancelled() || ring.beyond(moment.by().rank()).isEmpty()
                    ? new CommandResult.Applied(
                            call.with(call.head().closed(null, call.head().advice())))
                    : CommandResult.refused(Reason.Kind.SIGNED_OFF);
        }
    }
}
