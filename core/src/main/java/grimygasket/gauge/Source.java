package grimygasket.gauge;

/** What a reading was taken off, where nobody read it off an instrument. */
public enum Source {
    /** A stand-in that measures a machine which is only made up. */
    SIMULATED_METER
}
