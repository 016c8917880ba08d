package grimygasket.call;

import java.util.UUID;

/**
 * What somebody said is wrong, in their own words.
 *
 * @param at in milliseconds since 1970
 */
public record Complaint(UUID id, long at, String text) {}
