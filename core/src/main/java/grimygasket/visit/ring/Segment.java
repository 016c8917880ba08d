package grimygasket.visit.ring;

import java.util.List;

/**
 * One part of a visit.
 *
 * @param stage which part
 * @param gaps what is missing; empty when it is sealed
 */
public record Segment(Stage stage, List<Gap> gaps) {
    public Segment {
        gaps = List.copyOf(gaps);
    }

    public boolean sealed() {
        return gaps.isEmpty();
    }
}
