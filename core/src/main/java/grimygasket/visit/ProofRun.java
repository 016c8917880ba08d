package grimygasket.visit;

import java.util.List;

/**
 * The proof of one function, as far as it has come.
 *
 * @param proof its id in the pack
 * @param before its reading before the cure; null where none was taken
 * @param after its reading after; null while none is taken
 * @param runs how often it was seen to work, at least 0
 * @param dry ids of the pieces on the tray whose joints were watched and stayed dry
 * @param lightOut whether the light is out, where there is one
 */
public record ProofRun(String proof, Double before, Double after, int runs, List<String> dry, boolean lightOut) {
    public ProofRun {
        dry = List.copyOf(dry);
        if (runs < 0) {
            throw new IllegalArgumentException("a proof is run 0 times or more, not " + runs);
        }
    }

    /** Nothing of it is done yet. */
    public static ProofRun none(String proof) {
        return new ProofRun(proof, null, null, 0, List.of(), false);
    }
}
