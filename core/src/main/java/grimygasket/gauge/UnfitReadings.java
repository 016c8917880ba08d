package grimygasket.gauge;

import grimygasket.util.Copy;
import java.util.Map;

/** Readings that cannot be judged, with a sentence for each that is wrong. */
public class UnfitReadings extends RuntimeException {
    private static final long serialVersionUID = 1;

    private final transient Map<String, String> problems;

    /**
     * @param problems input id to what is wrong with it
     */
    public UnfitReadings(Map<String, String> problems) {
        super(String.join(" ", problems.values()));
        this.problems = Copy.of(problems);
    }

    public static UnfitReadings of(String input, String sentence) {
        return new UnfitReadings(Map.of(input, sentence));
    }

    public Map<String, String> problems() {
        return problems;
    }
}
