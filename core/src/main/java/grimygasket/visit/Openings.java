package grimygasket.visit;

import grimygasket.diagnosis.belief.Finding.ReadingTaken;
import grimygasket.pack.Pack;
import java.util.LinkedHashMap;
import java.util.Map;

/** How far open stations are, where somebody has measured or judged it. */
public final class Openings {
    private Openings() {}

    /**
     * Station id to its open share, 0 to 1: what was read of it at a check, or, as it is later, what was noted when it was
     * worked on.
     */
    public static Map<String, Double> of(Pack pack, VisitRecord visit) {
        var openings = new LinkedHashMap<String, Double>();
        for (var finding : visit.findings()) {
            if (finding instanceof ReadingTaken taken) {
                var measure = pack.check(taken.check()).measure();
                if (measure.isOpening()) {
                    openings.put(measure.station(), taken.reading().value());
                }
            }
        }
        for (var condition : visit.conditions()) {
            var open = condition.after() == null ? condition.before() : condition.after();
            if (open != null) {
                openings.put(condition.station(), open);
            }
        }
        return openings;
    }
}
