package grimygasket.state;

import grimygasket.util.Unfit;
import java.util.List;

/**
 * What is supposed of a machine that need not exist.
 *
 * @param features ids of the features that it has
 * @param findings at most 60
 */
public record Supposed(List<String> features, List<Supposition> findings) {
    private static final int MOST = 60;

    public Supposed {
        features = List.copyOf(features);
        findings = List.copyOf(findings);
        if (findings.size() > MOST) {
            throw new Unfit("That is more than can be weighed: " + MOST + " findings at most.");
        }
    }
}
