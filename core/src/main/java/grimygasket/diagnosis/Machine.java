package grimygasket.diagnosis;

import java.util.Set;

/**
 * What about a machine matters to its diagnosis.
 *
 * @param features the ids of the features that it has; ids unknown to the pack have no effect
 */
public record Machine(Set<String> features) {
    public Machine {
        features = Set.copyOf(features);
    }

    boolean has(String feature) {
        return feature == null || features.contains(feature);
    }
}
