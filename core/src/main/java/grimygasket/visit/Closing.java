package grimygasket.visit;

import grimygasket.pack.Confirmation;
import java.util.ArrayList;
import java.util.List;

/** The segment Close: the tray is empty, no screw is over, every piece sits as it should, and nothing stays turned off. */
final class Closing {
    private Closing() {}

    static List<Gap> gaps(VisitRecord visit) {
        var gaps = new ArrayList<Gap>();
        for (var piece : visit.laid()) {
            switch (piece.place()) {
                case TRAY ->
                    gaps.add(Gap.of((piece.dries(visit.now()) ? "Still drying: " : "Still on the tray: ")
                            + piece.name()
                            + "."));
                case BACK -> back(piece, gaps);
                case LEFT_OUT -> {
                    // It was said why.
                }
            }
        }
        visit.debts().stream().filter(debt -> !debt.settled()).map(Debt::gap).forEach(gaps::add);
        return gaps;
    }

    private static void back(Laid piece, List<Gap> gaps) {
        for (var some : piece.screws()) {
            if (some.over() > 0) {
                var place = some.cup().isBlank() ? "" : ", cup " + some.cup();
                gaps.add(Gap.of(some.over()
                        + (some.over() == 1 ? " screw of “" : " screws of “")
                        + piece.name()
                        + "” over"
                        + place
                        + "."));
            }
        }
        piece.confirm().stream()
                .filter(what -> !piece.confirmed().contains(what))
                .map(what -> Gap.of(piece.name() + ": not seen yet that " + words(what) + "."))
                .forEach(gaps::add);
    }

    private static String words(Confirmation what) {
        return switch (what) {
            case LOCKED -> "it is locked";
            case ORIENTED -> "it sits the right way round";
            case PLUGGED -> "its plug is on";
            case STARTED_BY_HAND -> "its thread was started by hand";
            case HAND_TIGHT -> "it is hand-tight, and no tighter";
            case HOSES_FREE -> "no hose is kinked";
            case DRY -> "it is dry all through";
        };
    }
}
