package grimygasket.call.change;

import grimygasket.call.Call;
import grimygasket.call.Entry;
import grimygasket.call.Knowhow;
import grimygasket.call.Lengths;
import grimygasket.call.Order;
import grimygasket.call.Reason;
import grimygasket.diagnosis.belief.Finding;
import grimygasket.diagnosis.belief.Finding.Answer;
import grimygasket.diagnosis.belief.Finding.CheckMade;
import grimygasket.diagnosis.belief.Finding.CodeRead;
import grimygasket.diagnosis.belief.Finding.CodeShown;
import grimygasket.diagnosis.belief.Finding.FactKnown;
import grimygasket.diagnosis.belief.Finding.ReadingTaken;
import grimygasket.diagnosis.belief.Finding.RemedyTried;
import grimygasket.diagnosis.belief.Finding.SymptomSettled;
import grimygasket.gauge.Plausible;
import grimygasket.pack.Pack;
import grimygasket.pack.evidence.Check;
import grimygasket.pack.evidence.Fact;
import grimygasket.pack.evidence.Symptom;
import grimygasket.pack.work.Remedy;
import grimygasket.util.ById;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/** Between two changes of the machine a thing has one answer: another one is a conflict, until a person has chosen. */
public final class Settling {
    private Settling() {}

    /** Why entries of a story cannot be, by what the pack knows; empty for a call whose every entry was taken as a command. */
    public static List<Reason> contradictions(Call call, Pack pack) {
        return call.story().stream()
                .flatMap(entry -> entry.finding().to(new Refusals(call, entry.id(), entry.at(), pack)).stream())
                .toList();
    }

    /** A finding as it is kept: a code as its table writes it, and not what the table says of it. */
    static Finding asRead(Finding finding, Knowhow knowhow) {
        if (finding instanceof CodeShown shown) {
            return new CodeRead(shown.code().code());
        }
        return finding instanceof CodeRead read
                ? new CodeRead(
                        knowhow.code(read.shown()).map(code -> code.code()).orElse(read.shown()))
                : finding;
    }

    /**
     * Adds what was found. Of a question that others have answered alike, both answers stay, and the diagnosis counts the last:
     * which of them a later remedy makes a finding of its own may not be known yet. A remedy that waits for its proof is done
     * once, by whoever did it first.
     */
    static CommandResult settle(Call call, Moment moment, Finding said) {
        var known = call.entry(moment.id());
        if (known.isPresent()) {
            return known.get().finding().equals(said)
                    ? new CommandResult.Same()
                    : CommandResult.refused(Reason.Kind.BORROWED_ID);
        }
        var mine = new Entry(moment.id(), moment.at(), moment.by().name(), null, 1, said);
        var stands = call.stretch(moment.at(), moment.id()).stream()
                .filter(entry -> entry.finding().subject().equals(said.subject()))
                .findFirst();
        if (stands.isPresent() && !isSame(stands.get().finding(), said)) {
            return new CommandResult.Conflict(Reason.of(Reason.Kind.ANSWERED), stands.get());
        }
        if (stands.isPresent() && said instanceof RemedyTried) {
            return new CommandResult.Applied(call.withStory(story -> {
                story.remove(stands.get());
                story.add(
                        isEarlier(mine, stands.get())
                                ? mine.corrected(stands.get().changedAt(), said)
                                : stands.get().corrected(stands.get().changedAt(), said));
            }));
        }
        return new CommandResult.Applied(withFaultSeen(call, said).withStory(story -> story.add(mine)));
    }

    private static boolean isEarlier(Entry mine, Entry stands) {
        return Order.isBefore(mine.at(), mine.id(), stands.at(), stands.id());
    }

    /** Two readings are the same if they say the same value, however well each instrument knows it. */
    private static boolean isSame(Finding one, Finding other) {
        return one instanceof ReadingTaken a && other instanceof ReadingTaken b
                ? a.reading().value() == b.reading().value()
                : one.equals(other);
    }

    /** A symptom or a code that is entered on a visit for upkeep is a fault. */
    private static Call withFaultSeen(Call call, Finding said) {
        boolean fault =
                said instanceof CodeRead || said instanceof SymptomSettled symptom && symptom.answer() == Answer.YES;
        return fault && call.head().upkeep() ? call.with(call.head().withFaultSeen()) : call;
    }

    /** Null for a check that the pack does not have. */
    static @Nullable Check check(Pack pack, String id) {
        return ById.of(pack.checks(), Check::id, id).orElse(null);
    }

    /**
     * Reasons why a finding cannot be entered, apart from what others have entered meanwhile.
     *
     * @param id of its entry
     * @param at of its entry, in milliseconds since 1970
     */
    record Refusals(Call call, UUID id, long at, Pack pack) implements Finding.Cases<Optional<Reason>> {
        private static Optional<Reason> refuse(Reason.Kind kind, String... about) {
            return Optional.of(Reason.of(kind, about));
        }

        /** Of symptoms that exclude each other only one can be. */
        @Override
        public Optional<Reason> symptom(SymptomSettled said) {
            if (ById.of(pack.symptoms(), Symptom::id, said.symptom()).isEmpty()) {
                return refuse(Reason.Kind.NOT_KNOWN, said.symptom());
            }
            var question = said.answer() == Answer.YES ? pack.exclusive(said.symptom()) : null;
            if (question == null) {
                return Optional.empty();
            }
            return call.stretch(at, id).stream()
                    .map(Entry::finding)
                    .filter(finding -> finding instanceof SymptomSettled other
                            && other.answer() == Answer.YES
                            && !other.symptom().equals(said.symptom())
                            && question.symptoms().contains(other.symptom()))
                    .map(finding -> Reason.of(
                            Reason.Kind.EXCLUDED,
                            pack.symptom(said.symptom()).name(),
                            pack.symptom(((SymptomSettled) finding).symptom()).name()))
                    .findFirst();
        }

        @Override
        public Optional<Reason> fact(FactKnown said) {
            var fact = ById.of(pack.facts(), Fact::id, said.fact());
            if (fact.isEmpty()) {
                return refuse(Reason.Kind.NOT_KNOWN, said.fact());
            }
            return fact.get().choices().stream().anyMatch(choice -> choice.id().equals(said.choice()))
                    ? Optional.empty()
                    : refuse(Reason.Kind.NO_ANSWER, said.choice());
        }

        @Override
        public Optional<Reason> code(CodeShown said) {
            return Optional.empty();
        }

        @Override
        public Optional<Reason> codeRead(CodeRead said) {
            return said.shown().length() > Lengths.MOST_OF_A_CODE
                    ? refuse(Reason.Kind.TOO_LONG, "" + Lengths.MOST_OF_A_CODE)
                    : Optional.empty();
        }

        @Override
        public Optional<Reason> check(CheckMade said) {
            var check = Settling.check(pack, said.check());
            if (check == null) {
                return refuse(Reason.Kind.NOT_KNOWN, said.check());
            }
            return check.outcomes().stream().anyMatch(outcome -> outcome.id().equals(said.outcome()))
                    ? Optional.empty()
                    : refuse(Reason.Kind.NO_ANSWER, said.outcome());
        }

        @Override
        public Optional<Reason> reading(ReadingTaken said) {
            var check = Settling.check(pack, said.check());
            if (check == null || check.measure() == null) {
                return refuse(Reason.Kind.NOT_KNOWN, said.check());
            }
            return Plausible.fits(check.measure(), said.reading()) ? Optional.empty() : refuse(Reason.Kind.READING);
        }

        @Override
        public Optional<Reason> remedy(RemedyTried said) {
            return ById.of(pack.remedies(), Remedy::id, said.remedy()).isEmpty()
                    ? refuse(Reason.Kind.NOT_KNOWN, said.remedy())
                    : Optional.empty();
        }
    }
}
