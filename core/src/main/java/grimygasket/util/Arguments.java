package grimygasket.util;

/** Argument checks that name the bad value. */
public final class Arguments {
    private Arguments() {}

    /** A probability strictly between 0 and 1: certainty either way could never be revised by evidence. */
    public static double open(String what, double value) {
        if (!(value > 0 && value < 1)) {
            throw new Unfit(what + " must lie between 0 and 1, both excluded, but is " + value);
        }
        return value;
    }

    /** From 0 to 1, both included. */
    public static double share(String what, double value) {
        if (!(value >= 0 && value <= 1)) {
            throw new Unfit(what + " must lie between 0 and 1, but is " + value);
        }
        return value;
    }

    /** Both ends are included. */
    public static double between(String what, double value, double least, double most) {
        if (!(value >= least && value <= most)) {
            throw new Unfit(
                    what + " must lie between " + plain(least) + " and " + plain(most) + ", but is " + plain(value));
        }
        return value;
    }

    private static String plain(double value) {
        return value == Math.floor(value) ? Long.toString((long) value) : Double.toString(value);
    }

    /** From 0 to 600 minutes. */
    public static double minutes(String what, double value) {
        if (!(value >= 0 && value <= 600)) {
            throw new Unfit(what + " must lie between 0 and 600 minutes, but is " + value);
        }
        return value;
    }

    /** Neither null nor blank. */
    public static String text(String what, String value) {
        if (value == null || value.isBlank()) {
            throw new Unfit(what + " is missing");
        }
        return value;
    }
}
