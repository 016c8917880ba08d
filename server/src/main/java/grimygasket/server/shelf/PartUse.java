package grimygasket.server.shelf;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.UUID;

/**
 * Parts used on a call.
 *
 * @param remedy pack id of the remedy that used them
 * @param fits pack id of the kind of part that it is
 * @param used how many
 * @param unitPrice as it was when they were used
 */
public record PartUse(
        UUID id,
        Instant at,
        String remedy,
        UUID partId,
        String number,
        String name,
        String fits,
        int used,
        BigDecimal unitPrice) {
    @JsonProperty
    public BigDecimal total() {
        return unitPrice.multiply(BigDecimal.valueOf(used));
    }
}
