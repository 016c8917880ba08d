package grimygasket.pack;

import grimygasket.units.Family;
import grimygasket.units.Figures;
import grimygasket.units.Quantity;

/**
 * What is measured of a function, before the cure and after it.
 *
 * @param name of the quantity, for example "Drained in 15 seconds"
 * @param unit for example "L"; left out where there is a quantity
 * @param quantity whose base unit it is kept in; null for a unit that is nothing else's
 * @param better which way it goes when the cure has worked
 * @param check id of the check whose readings are the same ones; null for none
 */
public record Reading(String name, String unit, Quantity quantity, Better better, String check) {
    public enum Better {
        MORE,
        LESS
    }

    public Reading {
        Range.text("name of a reading", name);
        unit = quantity == null ? unit : quantity.unit(Family.METRIC).symbol();
        Range.text("unit of the reading " + name, unit);
        if (better == null) {
            throw new IllegalArgumentException("the reading " + name + " does not say which way is better");
        }
    }

    /** A value with its unit; one of a quantity as a family writes it. */
    public String show(double value, Family family) {
        return quantity == null ? Figures.show(value) + " " + unit : quantity.show(value, family);
    }

    /** Whether a reading has got better. */
    public boolean improved(double before, double after) {
        return better == Better.MORE ? after > before : after < before;
    }
}
