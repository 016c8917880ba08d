package grimygasket.device;

import grimygasket.state.ClockChange;
import grimygasket.state.Viewer;
import grimygasket.state.Zone;
import java.util.List;

/**
 * Who asks, where and when.
 *
 * @param now in milliseconds since 1970
 * @param clocks of where the business works: their changes, earliest first, at least one
 */
record Asker(Viewer viewer, long now, List<ClockChange> clocks) {
    Zone zone() {
        return Zone.of(clocks);
    }
}
