package grimygasket.diagnosis.story;

import grimygasket.diagnosis.belief.Finding;
import java.util.List;
import java.util.Set;

/**
 * All that is known on a call so far.
 *
 * @param findings in the order in which they were made: a check after a remedy speaks of the machine as it then was
 * @param van what is on board
 * @param confirmed ids of the cautions that were confirmed on this call
 */
public record Evidence(List<Finding> findings, Van van, Set<String> confirmed) {
    public Evidence {
        findings = List.copyOf(findings);
        confirmed = Set.copyOf(confirmed);
    }

    /** With no caution confirmed. */
    public Evidence(List<Finding> findings, Van van) {
        this(findings, van, Set.of());
    }
}
