package grimygasket.server.calls;

import java.time.Instant;

/**
 * A caution that the technician has confirmed.
 *
 * @param caution its id in the pack
 * @param by name of whoever confirmed it
 */
record CautionKept(String caution, Instant at, String by) {}
