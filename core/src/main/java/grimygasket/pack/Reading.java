package grimygasket.pack;

/**
 * What is measured of a function, before the cure and after it.
 *
 * @param name of the quantity, for example "Drained in 15 seconds"
 * @param unit for example "L"
 * @param better which way it goes when the cure has worked
 */
public record Reading(String name, String unit, Better better) {
    public enum Better {
        MORE,
        LESS
    }

    public Reading {
        Range.text("name of a reading", name);
        Range.text("unit of the reading " + name, unit);
        if (better == null) {
            throw new IllegalArgumentException("the reading " + name + " does not say which way is better");
        }
    }

    /** Whether a reading has got better. */
    public boolean improved(double before, double after) {
        return better == Better.MORE ? after > before : after < before;
    }
}
