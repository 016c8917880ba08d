package grimygasket.server.shelf;

import java.math.BigDecimal;
import java.util.UUID;

/**
 * A part of the catalogue with its count on the van.
 *
 * @param fits pack id of the kind of part that it is
 * @param price for one, in the currency of the business
 */
public record VanPart(UUID id, String number, String name, String fits, BigDecimal price, int onVan) {}
