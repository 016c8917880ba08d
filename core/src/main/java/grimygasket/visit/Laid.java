package grimygasket.visit;

import grimygasket.pack.Confirmation;
import grimygasket.pack.Piece;
import grimygasket.pack.Screws;
import java.util.List;

/**
 * A piece that was taken off the machine, and what became of it.
 *
 * @param id unique on the tray
 * @param name what it is called
 * @param layer id of the layer that it was part of; null for one beside the layers
 * @param piece id of the pack's piece that it is; null for an own entry
 * @param screws what held it; null for none
 * @param cup where its screws lie; blank while nobody has said
 * @param turn which way it came off; null where it was just lifted
 * @param clip how its clip is released; null for none
 * @param orientation how it has to sit; null where it fits one way only
 * @param joint whether its place is watched for leaks after
 * @param lastIn whether it goes back after everything else
 * @param confirm what has to be seen when it is back
 * @param dryUntil when it will be dry, in milliseconds since 1970; 0 for one that need not dry
 * @param place where it is
 * @param screwsBack how many of its screws are back in
 * @param confirmed what was seen when it went back
 * @param reason why it is left out; null for one that is not
 */
public record Laid(
        String id,
        String name,
        String layer,
        String piece,
        Screws screws,
        String cup,
        String turn,
        String clip,
        String orientation,
        boolean joint,
        boolean lastIn,
        List<Confirmation> confirm,
        long dryUntil,
        Place place,
        int screwsBack,
        List<Confirmation> confirmed,
        String reason) {
    public enum Place {
        TRAY,
        BACK,
        /** Stays off the machine on purpose. */
        LEFT_OUT
    }

    public Laid {
        confirm = List.copyOf(confirm);
        confirmed = List.copyOf(confirmed);
        if (name.isBlank()) {
            throw new IllegalArgumentException("a piece on the tray needs a name");
        }
        if (screwsBack < 0 || screwsBack > (screws == null ? 0 : screws.count())) {
            throw new IllegalArgumentException(screwsBack + " screws back in “" + name + "”, which came off with "
                    + (screws == null ? 0 : screws.count()));
        }
        if (place == Place.LEFT_OUT && (reason == null || reason.isBlank())) {
            throw new IllegalArgumentException("“" + name + "” is left out without a reason");
        }
    }

    /**
     * A piece of the pack as it is laid down.
     *
     * @param cup for its screws
     */
    public static Laid of(String id, String layer, Piece piece, String cup) {
        return new Laid(
                id,
                piece.name(),
                layer,
                piece.id(),
                piece.screws(),
                piece.screws() == null ? "" : cup,
                piece.turn(),
                piece.clip(),
                piece.orientation(),
                piece.joint(),
                piece.lastIn(),
                piece.confirm(),
                0,
                Place.TRAY,
                0,
                List.of(),
                null);
    }

    /** Whether it still dries. */
    boolean dries(long now) {
        return place == Place.TRAY && dryUntil > now;
    }

    /** Screws that are neither back in nor left out with their piece. */
    int screwsOver() {
        return screws == null || place == Place.LEFT_OUT ? 0 : screws.count() - screwsBack;
    }
}
