package grimygasket.diagnosis;

import java.util.List;

/**
 * All that is known on a call so far.
 *
 * @param findings in the order in which they were made: a check after a remedy speaks of the machine as it then was
 * @param van what is on board
 */
public record Evidence(List<Finding> findings, Van van) {
    public Evidence {
        findings = List.copyOf(findings);
    }
}
