package grimygasket.call;

import grimygasket.visit.PartCount;
import grimygasket.visit.PartCount.OldPart;
import java.math.BigDecimal;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * Parts used on a call.
 *
 * @param at in milliseconds since 1970
 * @param account from whose van they came; null for a call that was made elsewhere
 * @param remedy pack id of the remedy that used them
 * @param fits pack id of the kind of part that it is
 * @param used how many
 * @param unitPrice as it was when they were used
 * @param warrantyMonths months of its maker's warranty; null where nobody knows
 * @param serial of the new part; blank where none is noted
 * @param oldPart what became of the part that was replaced
 */
public record PartUse(
        UUID id,
        long at,
        @Nullable UUID account,
        String remedy,
        UUID partId,
        String number,
        String name,
        String fits,
        int used,
        BigDecimal unitPrice,
        @Nullable Integer warrantyMonths,
        Source source,
        String serial,
        OldPart oldPart) {

    /** Where parts came from. */
    public enum Source {
        VAN,
        /** Ordered for this call, or brought along for it. */
        ORDERED
    }

    /** Whether it was typed on the call, and so is the one part that its own id names; else it was taken from the list. */
    public boolean wasTyped() {
        return partId.equals(id);
    }

    public BigDecimal total() {
        return unitPrice.multiply(BigDecimal.valueOf(used));
    }

    public PartUse described(String newSerial, OldPart fate) {
        return new PartUse(
                id,
                at,
                account,
                remedy,
                partId,
                number,
                name,
                fits,
                used,
                unitPrice,
                warrantyMonths,
                source,
                newSerial,
                fate);
    }

    /** The same parts, of another catalogue and van. */
    public PartUse of(UUID otherPart, @Nullable UUID otherAccount) {
        return new PartUse(
                id,
                at,
                otherAccount,
                remedy,
                otherPart,
                number,
                name,
                fits,
                used,
                unitPrice,
                warrantyMonths,
                source,
                serial,
                oldPart);
    }

    PartCount counted() {
        return new PartCount(remedy, fits, serial, oldPart);
    }
}
