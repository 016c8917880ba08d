package grimygasket.units;

import java.util.List;

/** What can be measured, each with the units in both systems. Values are kept in the metric one, the base unit. */
public enum Quantity {
    VOLUME(Unit.LITRE, Unit.GALLON),
    FLOW(Unit.LITRE_PER_MINUTE, Unit.GALLON_PER_MINUTE),
    AIR_FLOW(Unit.CUBIC_METRE_PER_HOUR, Unit.CUBIC_FOOT_PER_MINUTE),
    LENGTH(Unit.METRE, Unit.FOOT),
    LEVEL(Unit.CENTIMETRE, Unit.INCH_OF_HEIGHT),
    BORE(Unit.MILLIMETRE, Unit.INCH),
    AREA(Unit.SQUARE_METRE, Unit.SQUARE_FOOT),
    TEMPERATURE(Unit.CELSIUS, Unit.FAHRENHEIT),
    /** A difference of temperatures. */
    RISE(Unit.KELVIN, Unit.FAHRENHEIT_DEGREE),
    SUCTION(Unit.KILOPASCAL, Unit.INCH_OF_WATER),
    PRESSURE(Unit.BAR, Unit.PSI),
    HARDNESS(
            Unit.MILLIGRAM_PER_LITRE,
            Unit.GRAIN_PER_GALLON,
            Unit.GERMAN_DEGREE,
            Unit.FRENCH_DEGREE,
            Unit.MILLIMOLE_PER_LITRE),
    VOLTAGE(Unit.VOLT, Unit.VOLT),
    RESISTANCE(Unit.OHM, Unit.OHM),
    POWER(Unit.WATT, Unit.WATT),
    CHARGE(Unit.AMPERE_HOUR, Unit.AMPERE_HOUR),
    SECONDS(Unit.SECOND, Unit.SECOND),
    MINUTES(Unit.MINUTE, Unit.MINUTE),
    DAYS(Unit.DAY, Unit.DAY),
    YEARS(Unit.YEAR, Unit.YEAR),
    WEIGHT(Unit.GRAM, Unit.OUNCE),
    LAUNDRY(Unit.KILOGRAM, Unit.POUND),
    SPEED(Unit.METRE_PER_SECOND, Unit.FOOT_PER_MINUTE),
    /** A part of a whole, kept from 0 to 1 and written in per cent. */
    SHARE(Unit.SHARE, Unit.PERCENT) {
        @Override
        public Unit unit(UnitSystem system) {
            return Unit.PERCENT;
        }
    },
    COUNT(Unit.PIECE, Unit.PIECE),
    /** An amount of the business's currency. */
    MONEY(Unit.MONEY, Unit.MONEY);

    private final Unit metric;
    private final Unit us;
    private final List<Unit> others;

    Quantity(Unit metric, Unit us, Unit... others) {
        this.metric = metric;
        this.us = us;
        this.others = List.of(others);
    }

    /** The unit that a system of units has for it. */
    public Unit unit(UnitSystem system) {
        return system == UnitSystem.METRIC ? metric : us;
    }

    /** Further units that instruments give it in, of neither system. */
    public List<Unit> others() {
        return others;
    }

    /** A value in the base unit, as a system of units writes it: "14.2 L/min". */
    public String show(double base, UnitSystem system) {
        return unit(system).show(base);
    }
}
