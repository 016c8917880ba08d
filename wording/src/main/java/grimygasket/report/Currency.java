package grimygasket.report;

import java.math.BigDecimal;
import java.math.RoundingMode;

/**
 * What prices are in.
 *
 * @param symbol before the amount
 * @param places after the point
 */
public record Currency(String symbol, int places) {
    private static final String THOUSANDS = "(?<=\\d)(?=(\\d{3})+$)";

    /** For example "€1,234.50". */
    String say(BigDecimal amount) {
        var plain = amount.setScale(places, RoundingMode.HALF_EVEN).toPlainString();
        int point = plain.indexOf('.');
        var whole = point < 0 ? plain : plain.substring(0, point);
        return symbol + whole.replaceAll(THOUSANDS, ",") + plain.substring(whole.length());
    }
}
