package grimygasket.server.shelf;

import com.fasterxml.jackson.annotation.JsonProperty;
import grimygasket.visit.PartCount.OldPart;
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
 * @param source where they came from
 * @param serial of the new part; blank where none is noted
 * @param oldPart what became of the part that was replaced
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
        BigDecimal unitPrice,
        Source source,
        String serial,
        OldPart oldPart) {

    public enum Source {
        VAN,
        /** Ordered for this call, or brought along for it. */
        ORDERED
    }

    @JsonProperty
    public BigDecimal total() {
        return unitPrice.multiply(BigDecimal.valueOf(used));
    }
}
