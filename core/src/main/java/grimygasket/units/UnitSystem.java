package grimygasket.units;

/** The units that somebody works in. */
public enum UnitSystem {
    METRIC,
    US
}
