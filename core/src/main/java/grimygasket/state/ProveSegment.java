package grimygasket.state;

import grimygasket.call.Knowhow;
import grimygasket.diagnosis.story.Stays;
import grimygasket.pack.work.Competence;
import grimygasket.pack.work.Look;
import grimygasket.pack.work.Proof;
import grimygasket.visit.VisitRecord;
import grimygasket.visit.line.ProofRun;
import grimygasket.visit.ring.Proving;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;

/**
 * The segment Prove.
 *
 * @param functions ids of the proofs of all that was worked on
 * @param measuredBefore proof id to what was read before the cure, in the reading's base unit
 * @param stays ids of the complaints of which it is asked, after a repair that helped in part, whether they are gone
 * @param lastLook what of this machine is looked at before the tools are packed up
 * @param handedOn ids of those of them that only somebody qualified proves, and whoever works on the call is not
 */
public record ProveSegment(
        List<String> functions,
        Map<String, Double> measuredBefore,
        List<String> stays,
        List<Look> lastLook,
        List<String> handedOn) {
    static ProveSegment of(VisitRecord visit, Knowhow knowhow) {
        var pack = knowhow.pack();
        var before = new HashMap<String, Double>();
        for (var proof : pack.proofs()) {
            var run = visit.proofs().stream()
                    .filter(one -> one.proof().equals(proof.id()))
                    .findFirst()
                    .orElse(ProofRun.none(proof.id()));
            var reading = Proving.before(pack, visit.findings(), run);
            if (reading != null) {
                before.put(proof.id(), reading);
            }
        }
        var functions = Proving.functions(pack, knowhow.machine(), visit);
        return new ProveSegment(
                ids(functions, proof -> true),
                before,
                Stays.toAsk(visit.findings()),
                pack.lastLook().stream()
                        .filter(look -> knowhow.machine().meets(look.needs()))
                        .toList(),
                ids(functions, proof -> !Competence.suffices(knowhow.competences(), proof.competence())));
    }

    private static List<String> ids(Collection<Proof> proofs, Predicate<Proof> which) {
        return proofs.stream().filter(which).map(Proof::id).toList();
    }
}
