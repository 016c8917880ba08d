package grimygasket.server.knowhow;

import grimygasket.diagnosis.Finding;
import grimygasket.diagnosis.Finding.CheckMade;
import grimygasket.diagnosis.Finding.CodeRead;
import grimygasket.diagnosis.Finding.CodeShown;
import grimygasket.diagnosis.Finding.FactKnown;
import grimygasket.diagnosis.Finding.ReadingTaken;
import grimygasket.diagnosis.Finding.RemedyTried;
import grimygasket.diagnosis.Finding.SymptomSettled;
import grimygasket.pack.KindKnowhow;
import grimygasket.server.web.Problem;
import grimygasket.server.web.Problem.Kind;
import jakarta.validation.constraints.NotNull;
import org.jspecify.annotations.Nullable;

/**
 * Something supposed to be found on a machine.
 *
 * @param maker whose code it is; null for what is not a code
 */
record Supposition(@NotNull Finding finding, @Nullable String maker) {

    /** The finding, as the diagnosis takes it. */
    Finding in(KindKnowhow known) {
        try {
            return finding.to(new Known(known, maker));
        } catch (IllegalArgumentException e) {
            throw new Problem(Kind.INVALID, "“" + finding.subject() + "” is not known for this kind of machine.");
        }
    }

    /** Refuses what the know-how does not have. */
    private record Known(KindKnowhow known, String maker) implements Finding.Cases<Finding> {
        @Override
        public Finding symptom(SymptomSettled said) {
            known.pack().symptom(said.symptom());
            return said;
        }

        @Override
        public Finding fact(FactKnown said) {
            known.pack().fact(said.fact()).choiceIndex(said.choice());
            return said;
        }

        @Override
        public Finding code(CodeShown said) {
            return codeRead(new CodeRead(said.code().code()));
        }

        @Override
        public Finding codeRead(CodeRead said) {
            return new CodeShown(known.codes().stream()
                    .filter(code ->
                            code.maker().equalsIgnoreCase(maker) && code.code().equalsIgnoreCase(said.shown()))
                    .findFirst()
                    .orElseThrow(() -> new IllegalArgumentException("no code " + said.shown())));
        }

        @Override
        public Finding check(CheckMade said) {
            known.pack().check(said.check()).outcomeIndex(said.outcome());
            return said;
        }

        @Override
        public Finding reading(ReadingTaken said) {
            throw new IllegalArgumentException("nothing is measured on a machine that need not exist");
        }

        @Override
        public Finding remedy(RemedyTried said) {
            throw new IllegalArgumentException("nothing is done to a machine that need not exist");
        }
    }
}
