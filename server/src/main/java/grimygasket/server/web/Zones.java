package grimygasket.server.web;

import grimygasket.state.Zone;
import java.time.Clock;
import java.time.Instant;

/** Where the business works, as the core asks for it. */
public final class Zones {
    private static final int SECONDS_OF_A_MINUTE = 60;

    private Zones() {}

    public static Zone of(Clock clock) {
        var rules = clock.getZone().getRules();
        return at -> rules.getOffset(Instant.ofEpochMilli(at)).getTotalSeconds() / SECONDS_OF_A_MINUTE;
    }
}
