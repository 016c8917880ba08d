package grimygasket.device;

import grimygasket.state.Viewer;
import grimygasket.state.Zone;

/**
 * Who asks, where and when.
 *
 * @param now in milliseconds since 1970
 * @param offset minutes that the clocks here are ahead of universal time
 */
record Asker(Viewer viewer, long now, int offset) {
    Zone zone() {
        return at -> offset;
    }
}
