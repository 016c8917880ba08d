package grimygasket.call;

import java.util.UUID;

/**
 * A change that somebody made on some device.
 *
 * @param id made by the device, once, so that a repeat changes nothing
 * @param call that it is about
 * @param device on which it was made
 * @param seq counts what was done on that device
 * @param at when it was made, in milliseconds since 1970, as the server's clock counts them
 */
public record Command(UUID id, UUID call, UUID device, long seq, long at, Change change) {}
