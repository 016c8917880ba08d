package grimygasket.call;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A part with whose machines it fits.
 *
 * @param maker null for any maker's
 */
public record Fitting(@Nullable String maker, Article part) {
    /** The parts that fit a maker's machines. */
    public static List<Article> of(List<Fitting> some, String maker) {
        return some.stream()
                .filter(one -> one.maker == null || one.maker.equalsIgnoreCase(maker))
                .map(Fitting::part)
                .toList();
    }
}
