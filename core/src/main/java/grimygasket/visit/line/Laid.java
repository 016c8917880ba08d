package grimygasket.visit.line;

import grimygasket.pack.Pack;
import grimygasket.pack.machine.Confirmation;
import grimygasket.pack.machine.Layer;
import grimygasket.pack.machine.Piece;
import grimygasket.util.ById;
import grimygasket.util.Unfit;
import java.util.Iterator;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A piece that was taken off the machine, and what became of it.
 *
 * @param id unique on the tray
 * @param name what it is called
 * @param layer id of the layer that it was part of; null for one beside the layers
 * @param piece id of the pack's piece that it is; null for an own entry
 * @param screws what held it, in the order in which it came out, each kind in its cup
 * @param turn which way it came off; null where it was just lifted
 * @param clips how each of its clips is released
 * @param orientation how it has to sit; null where it fits one way only
 * @param joint whether its place is watched for leaks after
 * @param lastIn whether it goes back after everything else
 * @param confirm what has to be seen when it is back
 * @param dryUntil when it will be dry, in milliseconds since 1970; 0 for one that need not dry
 * @param place where it is
 * @param confirmed what was seen when it went back
 * @param reason why it is left out; null for one that is not
 */
public record Laid(
        String id,
        String name,
        @Nullable String layer,
        @Nullable String piece,
        List<Cupped> screws,
        @Nullable String turn,
        List<String> clips,
        @Nullable String orientation,
        boolean joint,
        boolean lastIn,
        List<Confirmation> confirm,
        long dryUntil,
        Place place,
        List<Confirmation> confirmed,
        @Nullable String reason)
        implements JobLine<Laid> {
    public enum Place {
        TRAY,
        BACK,
        /** Stays off the machine on purpose. */
        LEFT_OUT
    }

    public Laid {
        screws = List.copyOf(screws);
        clips = List.copyOf(clips);
        confirm = List.copyOf(confirm);
        confirmed = List.copyOf(confirmed);
        if (name.isBlank()) {
            throw new Unfit("a piece on the tray needs a name");
        }
        if (place == Place.LEFT_OUT && (reason == null || reason.isBlank())) {
            throw new Unfit("“" + name + "” is left out without a reason");
        }
    }

    /**
     * A piece of the pack as it is laid down.
     *
     * @param cups free ones, for its screws
     */
    public static Laid of(String id, String layer, Piece piece, Iterator<String> cups) {
        return new Laid(
                id,
                piece.name(),
                layer,
                piece.id(),
                piece.screws().stream()
                        .map(screws -> new Cupped(screws, cups.next(), 0))
                        .toList(),
                piece.turn(),
                piece.clips(),
                piece.orientation(),
                piece.joint(),
                piece.lastIn(),
                piece.confirm(),
                0,
                Place.TRAY,
                List.of(),
                null);
    }

    /** Whether it still dries. */
    public boolean dries(long now) {
        return place == Place.TRAY && dryUntil > now;
    }

    /** Screws that are expected to be back in: none of a piece that is left out. */
    public List<Cupped> expected() {
        return place == Place.LEFT_OUT ? List.of() : screws;
    }

    @Override
    public Optional<String> onlyAbout() {
        return Optional.ofNullable(piece);
    }

    @Override
    public Optional<String> unknownTo(Pack pack) {
        return layer == null ? Optional.empty() : ById.missing(pack.layers(), Layer::id, layer);
    }

    @Override
    public Optional<Laid> merged(Laid was, Laid theirs) {
        var merge = new Merge<>(was, this, theirs);
        return merge.merged(() -> new Laid(
                merge.of(Laid::id),
                merge.of(Laid::name),
                merge.of(Laid::layer),
                merge.of(Laid::piece),
                merge.of(Laid::screws),
                merge.of(Laid::turn),
                merge.of(Laid::clips),
                merge.of(Laid::orientation),
                merge.of(Laid::joint),
                merge.of(Laid::lastIn),
                merge.of(Laid::confirm),
                merge.of(Laid::dryUntil),
                merge.of(Laid::place),
                merge.of(Laid::confirmed),
                merge.of(Laid::reason)));
    }
}
