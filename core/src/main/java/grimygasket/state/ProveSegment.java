package grimygasket.state;

import grimygasket.pack.Pack;
import grimygasket.pack.Proof;
import grimygasket.visit.ProofRun;
import grimygasket.visit.Proving;
import grimygasket.visit.VisitRecord;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * The segment Prove.
 *
 * @param functions ids of the proofs of all that was worked on
 * @param measuredBefore proof id to what was read before the cure, in the reading's base unit
 */
public record ProveSegment(List<String> functions, Map<String, Double> measuredBefore) {
    static ProveSegment of(VisitRecord visit, Pack pack) {
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
        return new ProveSegment(
                Proving.functions(pack, visit).stream().map(Proof::id).toList(), before);
    }
}
