package grimygasket.call.change;

import grimygasket.call.Call;
import grimygasket.call.Entry;
import grimygasket.call.Knowhow;
import grimygasket.call.Reason;
import grimygasket.diagnosis.belief.Finding;
import grimygasket.diagnosis.belief.Finding.Proved;
import grimygasket.diagnosis.belief.Finding.ReadingTaken;
import grimygasket.diagnosis.belief.Finding.RemedyTried;
import grimygasket.gauge.Plausible;
import grimygasket.gauge.Readings.Typed;
import grimygasket.gauge.UnfitReadings;
import grimygasket.pack.evidence.Check;
import grimygasket.units.UnitSystem;
import grimygasket.visit.line.ProofRun;
import java.util.LinkedHashMap;
import java.util.Optional;
import java.util.UUID;

/** What is told, seen, checked and done: settled, corrected and taken back. */
public sealed interface StoryChange extends Change {

    /** Settles what was found. */
    record Settle(Finding finding) implements StoryChange {
        @Override
        public CommandResult on(Call call, Moment moment) {
            var said = Settling.asRead(finding, moment.knowhow());
            var refused = said.to(new Settling.Refusals(
                            call, moment.id(), moment.at(), moment.knowhow().pack()))
                    .or(() -> Qualified.refusal(moment.knowhow(), said))
                    .or(() -> Powered.refusal(call, moment, said));
            return refused.map(CommandResult::refused).orElseGet(() -> Settling.settle(call, moment, said));
        }
    }

    /**
     * Settles what an instrument read at a check.
     *
     * @param typed as it was typed, or taken from a meter
     * @param units of whoever typed it
     */
    record TakeReading(String check, Typed typed, UnitSystem units) implements StoryChange {
        @Override
        public CommandResult on(Call call, Moment moment) {
            return StoryChange.read(check, typed, units, moment, reading -> new Settle(reading).on(call, moment));
        }
    }

    /**
     * Answers otherwise what was answered.
     *
     * @param base the entry's version as it was seen
     */
    record Correct(UUID entry, int base, Finding finding) implements StoryChange {
        @Override
        public CommandResult on(Call call, Moment moment) {
            var found = call.entry(entry);
            if (found.isEmpty()) {
                return CommandResult.refused(Reason.Kind.TAKEN_BACK);
            }
            var stands = found.get();
            var said = Settling.asRead(finding, moment.knowhow());
            if (!said.subject().equals(stands.finding().subject())) {
                return CommandResult.refused(Reason.Kind.BORROWED_ID);
            }
            if (said.equals(stands.finding())) {
                return new CommandResult.Same();
            }
            var refused = said.to(new Settling.Refusals(
                            call, entry, stands.at(), moment.knowhow().pack()))
                    .or(() -> Qualified.refusal(moment.knowhow(), said))
                    .or(() -> Powered.refusalOfCorrection(call, moment, said));
            if (refused.isPresent()) {
                return CommandResult.refused(refused.get());
            }
            if (stands.version() != base) {
                return new CommandResult.Conflict(Reason.of(Reason.Kind.ANSWERED), stands);
            }
            var corrected = call.withStory(
                    story -> story.replaceAll(one -> one.id().equals(entry) ? one.corrected(moment.at(), said) : one));
            return new CommandResult.Applied(begunAnew(corrected, said, moment.knowhow()));
        }

        /** A proof that failed begins anew. */
        private static Call begunAnew(Call call, Finding said, Knowhow knowhow) {
            if (!(said instanceof RemedyTried tried) || tried.proved() != Proved.STILL_FAILING) {
                return call;
            }
            var proof = knowhow.pack().remedy(tried.remedy()).proof();
            return SheetChange.rewritten(
                    call, ProofRun.class, run -> run.proof().equals(proof) ? run.begunAnew() : run);
        }
    }

    /** Reads a check again, see {@link TakeReading}, in the place of what was answered. */
    record RetakeReading(UUID entry, int base, Typed typed, UnitSystem units) implements StoryChange {
        @Override
        public CommandResult on(Call call, Moment moment) {
            var found = call.entry(entry).map(Entry::finding);
            if (found.isEmpty() || !(found.get() instanceof Finding.Checked checked)) {
                return CommandResult.refused(Reason.Kind.TAKEN_BACK);
            }
            return StoryChange.read(
                    checked.check(),
                    typed,
                    units,
                    moment,
                    reading -> new Correct(entry, base, reading).on(call, moment));
        }
    }

    /** Takes an entry back; one that is already gone is gone. */
    record TakeBack(UUID entry, int base) implements StoryChange {
        @Override
        public CommandResult on(Call call, Moment moment) {
            var found = call.entry(entry);
            if (found.isEmpty()) {
                return new CommandResult.Same();
            }
            if (found.get().version() != base) {
                return new CommandResult.Conflict(Reason.of(Reason.Kind.ANSWERED), found.get());
            }
            return new CommandResult.Applied(
                    call.withStory(story -> story.removeIf(one -> one.id().equals(entry))));
        }
    }

    /** What to do with a reading, once it can be read. */
    interface Read {
        CommandResult on(ReadingTaken reading);
    }

    private static CommandResult read(String check, Typed typed, UnitSystem units, Moment moment, Read then) {
        var measure = Optional.ofNullable(Settling.check(moment.knowhow().pack(), check))
                .map(Check::measure);
        if (measure.isEmpty()) {
            return CommandResult.refused(Reason.Kind.NOT_KNOWN, check);
        }
        if (typed == null) {
            return CommandResult.refused(Reason.Kind.READING);
        }
        try {
            return then.on(new ReadingTaken(check, Plausible.read(measure.get(), typed, units), typed.source()));
        } catch (UnfitReadings e) {
            var fields = new LinkedHashMap<String, Reason>();
            e.problems().forEach((field, said) -> fields.put(field, Reason.of(Reason.Kind.MISREAD, said)));
            return CommandResult.refused(Reason.of(Reason.Kind.READING), fields);
        }
    }
}
