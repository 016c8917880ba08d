package grimygasket.visit.line;

import grimygasket.pack.machine.Screws;
import grimygasket.util.Unfit;

/**
 * The screws of one kind that came out of a piece.
 *
 * @param screws what they are
 * @param cup where they lie; blank while nobody has said
 * @param back how many of them are back in, 0 to their count
 */
public record Cupped(Screws screws, String cup, int back) {
    public Cupped {
        cup = cup == null ? "" : cup;
        if (screws == null) {
            throw new Unfit("a cup holds screws that nobody has described");
        }
        if (back < 0 || back > screws.count()) {
            throw new Unfit(back + " screws back in, of " + screws.count() + " that came out");
        }
    }

    public int over() {
        return screws.count() - back;
    }
}
