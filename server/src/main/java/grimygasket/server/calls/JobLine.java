package grimygasket.server.calls;

import java.time.Instant;
import java.util.UUID;

/**
 * A line of a call's job sheet.
 *
 * @param by the name of whoever entered it
 * @param what it says
 */
record JobLine<T>(UUID id, Instant at, String by, int version, T what) {}
