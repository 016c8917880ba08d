package grimygasket.units;

import grimygasket.util.Unfit;

/**
 * A measured value.
 *
 * @param value in the quantity's base unit
 * @param standardUncertainty (JCGM 100:2008, 2.3.1) in the same unit, 0 or more
 */
public record Amount(Quantity quantity, double value, double standardUncertainty) {
    public Amount {
        if (Double.isNaN(value) || Double.isInfinite(value)) {
            throw new Unfit("a measured value must be a number, not " + value);
        }
        if (!(standardUncertainty >= 0) || Double.isInfinite(standardUncertainty)) {
            throw new Unfit("a standard uncertainty must be 0 or more, not " + standardUncertainty);
        }
    }

    /** A value known exactly. */
    public static Amount exact(Quantity quantity, double value) {
        return new Amount(quantity, value, 0);
    }
}
