package grimygasket.server.shelf;

import java.math.BigDecimal;
import java.util.UUID;

/**
 * A part of the catalogue with its count on the van.
 *
 * @param fits pack id of the kind of part that it is
 * @param maker whose machines it fits; null if any
 * @param price for one, in the currency of the business
 */
public record VanPart(UUID id, String number, String name, String fits, String maker, BigDecimal price, int onVan) {}
