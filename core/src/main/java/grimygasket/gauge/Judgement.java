package grimygasket.gauge;

import grimygasket.units.Estimate;
import java.util.List;

/**
 * What some readings mean.
 *
 * @param sentence the verdict in a technician's words
 * @param against what it was judged against: the machine's own data, or what is usual
 * @param results what was computed, the one that matters first
 * @param arithmetic line by line, with the numbers filled in
 * @param picture of where the machine stands; null where there is nothing to draw
 */
public record Judgement(
        Verdict verdict,
        String sentence,
        String against,
        List<Result> results,
        List<String> arithmetic,
        Picture picture) {
    public Judgement {
        results = List.copyOf(results);
        arithmetic = List.copyOf(arithmetic);
    }

    public record Result(String name, Estimate value) {}
}
