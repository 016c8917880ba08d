package grimygasket.report;

import java.math.BigDecimal;
import java.util.List;
import java.util.stream.Stream;

/**
 * The business that a report comes from. A text is blank where nobody has entered it.
 *
 * @param address of one line or more
 * @param taxNumber under which it pays tax
 * @param taxPercent how much tax its prices contain, in percent of what they are without it; 0 for none
 * @param warrantyMonths for how long it answers for its work; 0 where it says nothing of it
 * @param labourPerHour price of an hour of work
 */
public record Sender(
        String name,
        String address,
        String phone,
        String email,
        String taxNumber,
        BigDecimal taxPercent,
        int warrantyMonths,
        BigDecimal labourPerHour,
        Currency currency) {

    /** What stands below the name. */
    List<String> lines() {
        return Stream.concat(
                        Stream.of(address.split("\n")),
                        Stream.of(phone, email, taxNumber.isBlank() ? "" : "Tax number " + taxNumber))
                .filter(line -> !line.isBlank())
                .toList();
    }
}
