package grimygasket.visit.ring;

import grimygasket.visit.VisitRecord;
import grimygasket.visit.line.Debt;
import grimygasket.visit.line.Laid;
import grimygasket.visit.ring.Gap.Kind;
import java.util.ArrayList;
import java.util.List;

/** The segment Close: the tray is empty, no screw is over, every piece sits as it should, and nothing stays turned off. */
final class Closing {
    private Closing() {}

    static List<Gap> gaps(VisitRecord visit) {
        var gaps = new ArrayList<Gap>();
        for (var piece : visit.laid()) {
            switch (piece.place()) {
                case TRAY -> gaps.add(Gap.of(piece.dries(visit.now()) ? Kind.DRYING : Kind.ON_TRAY, piece.name()));
                case BACK -> back(piece, gaps);
                case LEFT_OUT -> {
                    // It was said why.
                }
            }
        }
        visit.debts().stream()
                .filter(debt -> !debt.settled())
                .map(Closing::notPutBack)
                .forEach(gaps::add);
        return gaps;
    }

    private static Gap notPutBack(Debt debt) {
        var kind = switch (debt.what()) {
            case HEATER_UP -> Kind.HEATER_UP;
            case WATER_OFF -> Kind.WATER_OFF;
            case POWER_OFF -> Kind.POWER_OFF;
            case GAS_OFF -> Kind.GAS_OFF;
            case OTHER -> Kind.PUT_BACK;
        };
        return Gap.of(kind, debt.text());
    }

    private static void back(Laid piece, List<Gap> gaps) {
        for (var some : piece.screws()) {
            if (some.over() > 0) {
                gaps.add(Gap.of(Kind.SCREWS_OVER, "" + some.over(), piece.name(), some.cup()));
            }
        }
        piece.confirm().stream()
                .filter(what -> !piece.confirmed().contains(what))
                .map(what -> Gap.of(Kind.NOT_SEEN, piece.name(), what.name()))
                .forEach(gaps::add);
    }
}
