package grimygasket.visit.ring;

import grimygasket.pack.Pack;
import grimygasket.pack.machine.Piece;
import grimygasket.pack.machine.Power;
import grimygasket.pack.work.Proof;
import grimygasket.visit.VisitRecord;
import grimygasket.visit.line.Laid;
import java.util.List;
import java.util.Optional;

/**
 * What has to be back on the machine before it has power: all that lies on the tray but what the know-how says it may run without,
 * and every cover of a layer that exposes something, whatever became of it.
 */
public final class InTheWay {
    private InTheWay() {}

    /** The pieces that have to be back before a proof. Some must be on whenever the machine runs; others, this proof needs. */
    static List<Laid> of(Pack pack, VisitRecord visit, Proof proof) {
        var inTheWay = proof.power() == Power.LIVE ? of(pack, visit.laid(), List.of(), visit.now()) : List.<Laid>of();
        return visit.laid().stream()
                .filter(laid -> inTheWay.contains(laid)
                        || laid.place() == Laid.Place.TRAY && proof.inPlace().contains(laid.piece()))
                .toList();
    }

    /**
     * The pieces in the way of power, in the order in which they were laid down.
     *
     * @param mayBeOff ids of the layers that may be open
     * @param now in milliseconds since 1970
     */
    public static List<Laid> of(Pack pack, List<Laid> laid, List<String> mayBeOff, long now) {
        return laid.stream()
                .filter(piece -> piece.layer() == null || !mayBeOff.contains(piece.layer()))
                .filter(piece -> isInTheWay(pack, piece, now))
                .toList();
    }

    private static boolean isInTheWay(Pack pack, Laid laid, long now) {
        return switch (laid.place()) {
            case BACK -> false;
            case LEFT_OUT -> covers(pack, laid);
            // While something dries its spare is in; a cover has none.
            case TRAY ->
                covers(pack, laid)
                        || !laid.dries(now)
                                && !piece(pack, laid).map(Piece::mayBeOff).orElse(false);
        };
    }

    /** Whether it is a part of what keeps hands away from what can hurt. */
    private static boolean covers(Pack pack, Laid laid) {
        return laid.layer() != null
                && !pack.mayExpose(laid.layer()).isEmpty()
                && piece(pack, laid).map(piece -> !piece.optional()).orElse(true);
    }

    private static Optional<Piece> piece(Pack pack, Laid laid) {
        return laid.layer() == null
                ? Optional.empty()
                : pack.layer(laid.layer()).pieces().stream()
                        .filter(piece -> piece.id().equals(laid.piece()))
                        .findFirst();
    }
}
