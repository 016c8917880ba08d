package grimygasket.pack.work;

import grimygasket.units.Figures;
import grimygasket.units.Quantity;
import grimygasket.units.UnitSystem;
import grimygasket.util.Arguments;
import org.jspecify.annotations.Nullable;

/**
 * What is measured of a function, before the cure and after it.
 *
 * @param name of the quantity, for example "Drained in 15 seconds"
 * @param unit for example "L"; left out where there is a quantity
 * @param quantity whose base unit it is kept in; null for a unit that is nothing else's
 * @param better which way it goes when the cure has worked
 * @param check id of the check whose readings are the same ones; null for none
 * @param least lower end of what is right, for {@link Better#WITHIN}; in the base unit
 * @param most upper end of what is right, for {@link Better#WITHIN}; in the base unit
 */
public record Reading(
        String name,
        String unit,
        @Nullable Quantity quantity,
        Better better,
        @Nullable String check,
        @Nullable Double least,
        @Nullable Double most) {
    public enum Better {
        MORE,
        LESS,
        /** Neither more nor less is better: it is to lie within a band. */
        WITHIN
    }

    public Reading {
        Arguments.text("name of a reading", name);
        unit = quantity == null ? unit : quantity.unit(UnitSystem.METRIC).symbol();
        Arguments.text("unit of the reading " + name, unit);
        if (better == null) {
            throw new IllegalArgumentException("the reading " + name + " does not say which way is better");
        }
        boolean band = least != null && most != null && least < most;
        if ((better == Better.WITHIN) != band) {
            throw new IllegalArgumentException(
                    "the reading " + name + " needs a least and a most if, and only if, it is to lie within them");
        }
    }

    /** A value with its unit; one of a quantity as a system of units writes it. */
    public String show(double value, UnitSystem system) {
        return quantity == null ? Figures.show(value) + " " + unit : quantity.show(value, system);
    }

    /**
     * Whether a reading is as it should be after a cure.
     *
     * @param before null where none was taken
     */
    public boolean right(Double before, double after) {
        return switch (better) {
            case MORE -> before == null || after > before;
            case LESS -> before == null || after < before;
            case WITHIN -> after >= least && after <= most;
        };
    }
}
