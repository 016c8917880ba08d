package grimygasket.call.change;

import grimygasket.call.Knowhow;
import grimygasket.call.Reason;
import grimygasket.diagnosis.belief.Finding;
import grimygasket.diagnosis.belief.Finding.Checked;
import grimygasket.diagnosis.belief.Finding.Proved;
import grimygasket.diagnosis.belief.Finding.RemedyTried;
import grimygasket.pack.work.Competence;
import grimygasket.visit.line.JobLine;
import grimygasket.visit.line.ProofRun;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Refuses what asks for more than somebody is qualified for, be it entered or put right: who may not measure does not change a reading
 * either. Anybody may say that something still fails.
 */
final class Qualified {
    private Qualified() {}

    /** Why somebody may not enter a finding; empty where they may. */
    static Optional<Reason> refusal(Knowhow knowhow, Finding said) {
        if (said instanceof Checked made) {
            return refusal(knowhow, knowhow.pack().check(made.check()).competence());
        }
        if (!(said instanceof RemedyTried tried) || tried.proved() == Proved.STILL_FAILING) {
            return Optional.empty();
        }
        var pack = knowhow.pack();
        var remedy = pack.remedy(tried.remedy());
        if (!remedy.isFor(knowhow.competences())) {
            return remedy.licensed() == null
                    ? refusal(knowhow, remedy.competence())
                    : Optional.of(Reason.of(Reason.Kind.LICENSED, remedy.licensed()));
        }
        return switch (tried.proved()) {
            case CURED, PARTLY -> refusal(knowhow, pack.proof(remedy.proof()).competence());
            case PENDING, KEPT_UP, STILL_FAILING -> Optional.empty();
        };
    }

    /** Why a function cannot be seen to work once more; empty for any other line. */
    static Optional<Reason> refusal(Knowhow knowhow, @Nullable JobLine<?> was, JobLine<?> what) {
        return ProofRun.another(was, what)
                .flatMap(run ->
                        refusal(knowhow, knowhow.pack().proof(run.proof()).competence()));
    }

    private static Optional<Reason> refusal(Knowhow knowhow, @Nullable Competence asked) {
        return Competence.suffices(knowhow.competences(), asked)
                ? Optional.empty()
                : Optional.of(Reason.of(Reason.Kind.NOT_QUALIFIED, asked.name()));
    }
}
