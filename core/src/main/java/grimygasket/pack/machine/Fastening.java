package grimygasket.pack.machine;

import grimygasket.util.Lists;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * How a piece is held, as somebody found it.
 *
 * @param screws the groups of screws, in the order in which they come out
 * @param turn which way it comes off; null where it is just lifted
 * @param clips how each of its clips is released
 * @param orientation how it has to sit; null where it fits one way only
 */
public record Fastening(
        List<Screws> screws,
        @Nullable String turn,
        List<String> clips,
        @Nullable String orientation) {
    public Fastening {
        screws = Lists.copy(screws);
        clips = Lists.copy(clips);
    }

    public static Fastening of(Piece piece) {
        return new Fastening(piece.screws(), piece.turn(), piece.clips(), piece.orientation());
    }
}
