package grimygasket.call;

import java.util.UUID;

/**
 * A caution that somebody has confirmed. Two people may have confirmed the same: whoever takes theirs back leaves the other's.
 *
 * @param caution its id in the pack
 * @param at in milliseconds since 1970
 * @param by name of whoever confirmed it
 */
public record Confirmed(UUID id, String caution, long at, String by) {}
