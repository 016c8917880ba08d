package grimygasket.units;

import grimygasket.util.Unfit;
import java.math.BigDecimal;
import java.math.MathContext;
import java.math.RoundingMode;

/** Numbers as a technician writes them: three figures that count, a point, no powers of ten. */
public final class Figures {
    private static final int THAT_COUNT = 3;
    private static final int LARGE = 1000;

    private Figures() {}

    /** For example 0.0517, 14.2, 1230; whole numbers from a thousand up keep all their figures. */
    public static String show(double value) {
        if (Double.isNaN(value) || Double.isInfinite(value)) {
            return "–";
        }
        var exact = new BigDecimal(value);
        var rounded = Math.abs(value) >= LARGE
                ? exact.setScale(0, RoundingMode.HALF_UP)
                : exact.round(new MathContext(THAT_COUNT, RoundingMode.HALF_UP));
        if (rounded.signum() == 0) {
            return "0";
        }
        var plain = rounded.stripTrailingZeros().toPlainString();
        return plain.startsWith("-") ? "−" + plain.substring(1) : plain;
    }

    /** In whole per cent from ten up. */
    static String percent(double value) {
        return Math.abs(value) >= 10 ? show(Math.floor(value + 0.5)) : show(Math.floor(10 * value + 0.5) / 10);
    }

    /** With two places behind the point. */
    static String cents(double value) {
        return BigDecimal.valueOf(value).setScale(2, RoundingMode.HALF_UP).toPlainString();
    }

    /**
     * Reads a number that somebody typed.
     *
     * @throws Unfit with a sentence that says how to write it
     */
    public static double read(String typed) {
        var text = typed == null ? "" : typed.strip().replace('−', '-');
        if (text.isEmpty()) {
            throw new Unfit("Enter a number.");
        }
        if (text.matches("-?\\d*,\\d+")) {
            throw new Unfit(
                    "Write “" + text.replace(',', '.') + "”, with a point: a comma could part thousands just as well.");
        }
        if (!text.matches("-?(\\d+\\.?\\d*|\\.\\d+)")) {
            throw new Unfit("“" + text + "” is not a number. Write digits alone, for example 3.5.");
        }
        return Double.parseDouble(text);
    }
}
