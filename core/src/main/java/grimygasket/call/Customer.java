package grimygasket.call;

import java.util.UUID;

/** In whose home a machine stands. */
public record Customer(UUID id, String name, String street, String phone) {}
