package grimygasket.call;

import java.util.UUID;

/**
 * A photo of what a line of the job sheet is about; the picture itself is kept elsewhere.
 *
 * @param at in milliseconds since 1970
 */
public record Photo(UUID id, UUID lineId, long at) {}
