package grimygasket.units;

/**
 * A unit. The first of each quantity is its base, in which values are kept; of each other one,
 * {@code base = value · factor + offset}.
 *
 * <p>Source of the factors: NIST Special Publication 811 (2008), appendix B; hardness: field guide, section 5, as CaCO₃;
 * inches of water at 4 °C.
 */
public enum Unit {
    LITRE("L", 1),
    GALLON("gal", 3.785411784),
    LITRE_PER_MINUTE("L/min", 1),
    GALLON_PER_MINUTE("gal/min", 3.785411784),
    CUBIC_METRE_PER_HOUR("m³/h", 1),
    CUBIC_FOOT_PER_MINUTE("ft³/min", 1.69901082),
    METRE("m", 1),
    FOOT("ft", 0.3048),
    CENTIMETRE("cm", 1),
    INCH_OF_HEIGHT("in", 2.54),
    MILLIMETRE("mm", 1),
    INCH("in", 25.4),
    SQUARE_METRE("m²", 1),
    SQUARE_FOOT("ft²", 0.09290304),
    CELSIUS("°C", 1),
    FAHRENHEIT("°F", 5.0 / 9, -160.0 / 9),
    KELVIN("°C", 1),
    FAHRENHEIT_DEGREE("°F", 5.0 / 9),
    KILOPASCAL("kPa", 1),
    INCH_OF_WATER("inH₂O", 0.249082),
    BAR("bar", 1),
    PSI("psi", 0.06894757),
    MILLIGRAM_PER_LITRE("mg/L", 1),
    GRAIN_PER_GALLON("gpg", 17.1),
    GERMAN_DEGREE("°dH", 17.85),
    FRENCH_DEGREE("°fH", 10),
    MILLIMOLE_PER_LITRE("mmol/L", 100.1),
    VOLT("V", 1),
    OHM("Ω", 1),
    WATT("W", 1),
    AMPERE_HOUR("Ah", 1),
    SECOND("s", 1),
    MINUTE("min", 1),
    DAY("days", 1),
    YEAR("years", 1),
    GRAM("g", 1),
    OUNCE("oz", 28.349523125),
    KILOGRAM("kg", 1),
    POUND("lb", 0.45359237),
    METRE_PER_SECOND("m/s", 1),
    FOOT_PER_MINUTE("ft/min", 0.00508),
    PERCENT("%", 0.01),
    SHARE("", 1),
    PIECE("", 1),
    MONEY("", 1);

    private final String symbol;
    private final double factor;
    private final double offset;

    Unit(String symbol, double factor) {
        this(symbol, factor, 0);
    }

    Unit(String symbol, double factor, double offset) {
        this.symbol = symbol;
        this.factor = factor;
        this.offset = offset;
    }

    /** As it is written behind a number; empty for a plain number. */
    public String symbol() {
        return symbol;
    }

    public double toBase(double value) {
        // Divided, a percentage is the decimal that was written: 17.5 × 0.01 is not quite 0.175.
        return this == PERCENT ? value / 100 : value * factor + offset;
    }

    public double fromBase(double base) {
        return (base - offset) / factor;
    }

    /** What a difference of one of this unit is in the base unit: an offset has no part in it. */
    public double size() {
        return factor;
    }

    /** A value that is given in the base unit, without its unit: money to the cent, a share in whole per cent. */
    public String figures(double base) {
        return switch (this) {
            case MONEY -> Figures.cents(base);
            case PERCENT -> Figures.percent(fromBase(base));
            default -> Figures.show(fromBase(base));
        };
    }

    /** A value that is given in the base unit, with this unit behind it: "14.2 L/min". */
    public String show(double base) {
        var figures = figures(base);
        if (symbol.isEmpty()) {
            return figures;
        }
        return figures + (this == PERCENT ? "" : " ") + symbol;
    }
}
