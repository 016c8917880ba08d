package grimygasket.units;

/**
 * A measured value.
 *
 * @param value in the quantity's base unit
 * @param spread its standard uncertainty (JCGM 100:2008, 2.3.1) in the same unit, 0 or more
 */
public record Amount(Quantity quantity, double value, double spread) {
    public Amount {
        if (Double.isNaN(value) || Double.isInfinite(value)) {
            throw new IllegalArgumentException("a measured value must be a number, not " + value);
        }
        if (!(spread >= 0) || Double.isInfinite(spread)) {
            throw new IllegalArgumentException("a spread must be 0 or more, not " + spread);
        }
    }

    /** A value known exactly. */
    public static Amount exact(Quantity quantity, double value) {
        return new Amount(quantity, value, 0);
    }
}
