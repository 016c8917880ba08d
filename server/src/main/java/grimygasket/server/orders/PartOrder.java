package grimygasket.server.orders;

import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Parts that were ordered of a supplier.
 *
 * @param number counts the orders of the business
 * @param by name of who ordered; null where nobody kept it
 * @param simulated whether the supplier is made up, and no order has left the house
 * @param lines by the parts' numbers
 */
record PartOrder(
        UUID id,
        int number,
        String supplier,
        Instant at,
        @Nullable String by,
        boolean simulated,
        List<OrderedPart> lines) {

    /**
     * @param ordered how many, 1 or more
     * @param coming how many of them have not come
     * @param promised day on which they come; null where the supplier has not said
     * @param inBox how many come on that day; null where the supplier has not said
     * @param cost of one for the business; null where it is not known
     * @param code what the barcode on its packet says; blank where nobody has entered it
     */
    record OrderedPart(
            UUID part,
            String partNumber,
            String name,
            int ordered,
            int coming,
            @Nullable LocalDate promised,
            @Nullable Integer inBox,
            @Nullable BigDecimal cost,
            String code) {}
}
