package grimygasket.state;

import grimygasket.diagnosis.belief.Finding;
import grimygasket.diagnosis.belief.Finding.CheckMade;
import grimygasket.diagnosis.belief.Finding.CodeRead;
import grimygasket.diagnosis.belief.Finding.CodeShown;
import grimygasket.diagnosis.belief.Finding.FactKnown;
import grimygasket.diagnosis.belief.Finding.ReadingTaken;
import grimygasket.diagnosis.belief.Finding.RemedyTried;
import grimygasket.diagnosis.belief.Finding.SymptomSettled;
import grimygasket.pack.KindKnowhow;
import grimygasket.pack.evidence.Check;
import grimygasket.pack.evidence.Fact;
import grimygasket.pack.evidence.Symptom;
import grimygasket.util.ById;
import grimygasket.util.Unfit;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Something supposed to be found on a machine.
 *
 * @param maker whose code it is; null for what is not a code
 */
public record Supposition(Finding finding, @Nullable String maker) {

    /**
     * The finding, as the diagnosis takes it.
     *
     * @throws Unfit if the know-how does not have it, or nothing can be supposed of it
     */
    Finding in(KindKnowhow known) {
        return finding.to(new Known(known, maker))
                .orElseThrow(() -> new Unfit("“" + finding.subject() + "” is not known for this kind of machine."));
    }

    /** Empty for what the know-how does not have. */
    private record Known(KindKnowhow known, @Nullable String maker) implements Finding.Cases<Optional<Finding>> {
        @Override
        public Optional<Finding> symptom(SymptomSettled said) {
            return ById.of(known.pack().symptoms(), Symptom::id, said.symptom()).map(has -> said);
        }

        @Override
        public Optional<Finding> fact(FactKnown said) {
            return ById.of(known.pack().facts(), Fact::id, said.fact())
                    .flatMap(fact -> ById.of(fact.choices(), Fact.Choice::id, said.choice()))
                    .map(has -> said);
        }

        @Override
        public Optional<Finding> code(CodeShown said) {
            return codeRead(new CodeRead(said.code().code()));
        }

        @Override
        public Optional<Finding> codeRead(CodeRead said) {
            return known.codes().stream()
                    .filter(code ->
                            code.maker().equalsIgnoreCase(maker) && code.code().equalsIgnoreCase(said.shown()))
                    .<Finding>map(CodeShown::new)
                    .findFirst();
        }

        @Override
        public Optional<Finding> check(CheckMade said) {
            return ById.of(known.pack().checks(), Check::id, said.check())
                    .flatMap(check -> ById.of(check.outcomes(), outcome -> outcome.id(), said.outcome()))
                    .map(has -> said);
        }

        /** Nothing is measured on a machine that need not exist. */
        @Override
        public Optional<Finding> reading(ReadingTaken said) {
            return Optional.empty();
        }

        /** Nor is anything done to it. */
        @Override
        public Optional<Finding> remedy(RemedyTried said) {
            return Optional.empty();
        }
    }
}
