package grimygasket.practice;

/** What a simulated machine is told to do. */
public enum Programme {
    REST,
    FILL,
    DRAIN,
    /** Heats its water, or runs with heat where it has none. */
    HEAT
}
