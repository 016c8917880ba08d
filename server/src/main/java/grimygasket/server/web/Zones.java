package grimygasket.server.web;

import grimygasket.state.ClockChange;
import grimygasket.state.Zone;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;

/** Where the business works, as the core asks for it. */
public final class Zones {
    private static final int SECONDS_OF_A_MINUTE = 60;

    private Zones() {}

    public static Zone of(ZoneId id) {
        var rules = id.getRules();
        return at -> minutes(rules.getOffset(Instant.ofEpochMilli(at)));
    }

    /** The changes of its clocks in a span of time, with how they go at its beginning. */
    public static List<ClockChange> changes(ZoneId id, Instant first, Instant last) {
        var rules = id.getRules();
        var changes = new ArrayList<ClockChange>();
        changes.add(new ClockChange(first.toEpochMilli(), minutes(rules.getOffset(first))));
        for (var next = rules.nextTransition(first);
                next != null && next.getInstant().isBefore(last);
                next = rules.nextTransition(next.getInstant())) {
            changes.add(new ClockChange(next.getInstant().toEpochMilli(), minutes(next.getOffsetAfter())));
        }
        return changes;
    }

    private static int minutes(ZoneOffset offset) {
        return offset.getTotalSeconds() / SECONDS_OF_A_MINUTE;
    }
}
