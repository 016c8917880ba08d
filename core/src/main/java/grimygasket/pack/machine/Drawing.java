package grimygasket.pack.machine;

/** The line drawings that ship with the application, for what a picture says better than a text. */
public enum Drawing {
    /** Rack, arm, filter, cover and screen of a dishwasher's sump, in the order in which they come out. */
    DISHWASHER_ORDER,
    /** A filter seen from above: a quarter turn to the left. */
    FILTER_LOCK,
    /** A valve whose flap opens with the flow. */
    VALVE_FLAP,
    /** A door seal in its channel, its lip to the door. */
    DOOR_SEAL,
    /** Flap, pump filter and impeller of a washing machine, one behind the other. */
    WASHER_ORDER,
    /** A pump filter: to the left, a little at a time, and water follows. */
    PUMP_FILTER_LOCK,
    /** A door gasket: its mark on top, its drain holes at the bottom. */
    GASKET_HOLES,
    /** A sealing ring in its groove. */
    O_RING,
    /** Flap, condenser and nested filter of a dryer. */
    DRYER_ORDER,
    /** A condenser: its arrow up, its two levers down. */
    CONDENSER_LEVERS,
    /** The seal that runs all round a condenser's place. */
    CONDENSER_SEAL,
    /** A nut with a left-hand thread: loose to the right. */
    LEFT_HAND_NUT,
    /** Battery, bin, pre-motor filter and exhaust filter of a vacuum cleaner, in the order in which they come off. */
    VACUUM_ORDER,
    /** A round part with catches: an eighth turn to the left. */
    TWIST_LOCK,
    /** A bin's seal, its lip to the suction. */
    BIN_SEAL,
    /** A filter with foam: the foam meets the dirty air first. */
    FOAM_SIDE,
    /** A screw in plastic: back by hand until it drops into its thread, then forward. */
    SCREW_START,
    /** A pipe that comes out at one o'clock and is locked at twelve. */
    FEED_PIPE_CLOCK,
    /** A hose on its spigot: the clamp between the bead and the hose's end. */
    HOSE_CLAMP,
    /** The end clip of a rail: swung out it lets the rack go, across it holds it. */
    RACK_END_CLIP,
    /** A sleeve that is pushed over its cage until three catches click. */
    SLEEVE_CLICKS
}
