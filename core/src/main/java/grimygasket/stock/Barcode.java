package grimygasket.stock;

/**
 * What the barcode on a packet says. Most are the number of an article in trade, of 8, 12, 13 or 14 digits, the last of which follows from
 * the others; some are the maker's own number, which may have as many digits and no such last one. Anything is taken as it is.
 *
 * @see <a href="https://ref.gs1.org/standards/genspecs/">GS1 General Specifications, section 7.9</a>
 */
public final class Barcode {
    private Barcode() {}

    /**
     * As it is kept and looked for: a number in trade without blanks, and with 13 digits where it has a shorter or longer form that says
     * the same, as readers give now one and now the other.
     */
    public static String of(String read) {
        var digits = read.replaceAll("\\s", "");
        if (!isTradeNumber(digits)) {
            return read.strip();
        }
        return switch (digits.length()) {
            case 12 -> "0" + digits;
            case 14 -> digits.startsWith("0") ? digits.substring(1) : digits;
            default -> digits;
        };
    }

    /** Whether it can be the number of an article in trade. */
    public static boolean isTradeNumber(String code) {
        return code.matches("\\d{8}|\\d{12,14}") && sum(code) % 10 == 0;
    }

    /** Whether a digit was typed wrongly: nothing but a number in trade has as many, and the last does not go with the others. */
    public static boolean isMisread(String code) {
        return code.matches("\\d{13,14}") && !isTradeNumber(code);
    }

    /** Its digits, every second from the last but one thrice. */
    private static int sum(String digits) {
        int sum = 0;
        for (int i = 0; i < digits.length(); i++) {
            boolean thrice = (digits.length() - i) % 2 == 0;
            sum += (thrice ? 3 : 1) * (digits.charAt(i) - '0');
        }
        return sum;
    }
}
