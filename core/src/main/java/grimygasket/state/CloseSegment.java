package grimygasket.state;

import grimygasket.pack.Pack;
import grimygasket.visit.Tray;
import grimygasket.visit.VisitRecord;

/**
 * The segment Close.
 *
 * @param tray what came off, in the order in which it goes back
 */
public record CloseSegment(Tray tray) {
    static CloseSegment of(VisitRecord visit, Pack pack, long now) {
        return new CloseSegment(Tray.of(pack, visit.laid(), now));
    }
}
