package grimygasket.pack.machine;

/** What can hurt, in the order in which a machine is made safe. */
public enum Hazard {
    BATTERY,
    POWER,
    /** What stays after it is cut off: charge, springs under tension, pressure. */
    STORED,
    GAS,
    WATER,
    HEAT,
    RESIDUAL_WATER,
    FIRE,
    CUTS,
    MOVING,
    FALL,
    LIFTING,
    CHEMICALS,
    HYGIENE,
    OTHER
}
