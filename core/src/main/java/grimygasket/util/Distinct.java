package grimygasket.util;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.stream.Collector;
import java.util.stream.Collectors;

/**
 * Each of some things once, in the order in which they first come. {@link java.util.stream.Stream#distinct} is of no use: in the
 * browser it leaves doubles of a flat-mapped or concatenated stream.
 */
public final class Distinct {
    private Distinct() {}

    public static <T> Collector<T, ?, List<T>> toList() {
        return Collectors.collectingAndThen(Collectors.toCollection(LinkedHashSet::new), List::copyOf);
    }
}
