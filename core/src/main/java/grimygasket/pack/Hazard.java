package grimygasket.pack;

/** What can hurt, in the order in which a machine is made safe. */
public enum Hazard {
    BATTERY,
    POWER,
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
