package grimygasket.server.shelf;

import grimygasket.stock.Barcode;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Digits;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.util.UUID;
import org.jspecify.annotations.Nullable;

/**
 * A part of the business's list. A text is blank where nobody has entered it.
 *
 * @param number by which it is ordered: no two have the same
 * @param kind id of the kind of machine that it is for; blank for a part or an agent that is proposed on no call
 * @param fits id of the kind of part in the know-how of that kind; blank with it
 * @param maker whose machines it fits; null for any maker's
 * @param price for the customer
 * @param cost for the business; null where it is not known
 * @param replaces number of the part that it comes in place of
 * @param place on the van
 * @param minimum how many there should be on all vans together
 * @param code what the barcode on its packet says, see {@link Barcode}
 * @param warrantyMonths months of its maker's warranty; null where nobody knows
 * @param version counts its changes; 0 for a new one
 */
public record ListedPart(
        UUID id,

        @NotBlank(message = "Enter the number that it is ordered by.")
        @Size(max = 30, message = "At most 30 characters.")
        String number,

        @NotBlank(message = "Enter what it is.") @Size(max = 80, message = "At most 80 characters.")
        String name,

        @NotNull @Size(max = 40) String kind,

        @NotNull @Size(max = 40) String fits,

        @Nullable @Size(max = 60, message = "At most 60 characters.")
        String maker,

        @NotNull(message = "Enter its price.")
        @DecimalMin(value = "0", message = "Not below nothing.")
        @DecimalMax(value = "99999", message = "At most 99 999.")
        @Digits(integer = 5, fraction = 2, message = "A price has two places after the point at most.")
        BigDecimal price,

        @Nullable
        @DecimalMin(value = "0", message = "Not below nothing.")
        @DecimalMax(value = "99999", message = "At most 99 999.")
        @Digits(integer = 5, fraction = 2, message = "A cost has two places after the point at most.")
        BigDecimal cost,

        @NotNull @Size(max = 30, message = "At most 30 characters.")
        String replaces,

        @NotNull @Size(max = 60, message = "At most 60 characters.")
        String supplier,

        @NotNull @Size(max = 40, message = "At most 40 characters.")
        String place,

        @Min(value = 0, message = "None or more.") @Max(value = 9999, message = "At most 9999.")
        int minimum,

        @Size(max = 80, message = "At most 80 characters.") String code,

        @Nullable
        @Min(value = 1, message = "One month or more; blank for none.")
        @Max(value = 240, message = "At most 240 months.")
        Integer warrantyMonths,

        int version) {
    public ListedPart {
        code = code == null ? "" : Barcode.of(code);
    }

    /** As it stands once it is kept. */
    ListedPart kept() {
        return new ListedPart(
                id,
                number,
                name,
                kind,
                fits,
                maker,
                price,
                cost,
                replaces,
                supplier,
                place,
                minimum,
                code,
                warrantyMonths,
                version + 1);
    }
}
