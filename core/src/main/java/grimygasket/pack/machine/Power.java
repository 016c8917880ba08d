package grimygasket.pack.machine;

/** Whether a machine has power, from mains or battery, for a piece of work. */
public enum Power {
    /** It runs, or is live. */
    LIVE,
    /** It is cut off: unplugged, breaker off, battery out. */
    DEAD,
    /** As it is: nothing is touched that power makes dangerous. */
    EITHER;

    /** @throws IllegalArgumentException if nothing is said */
    public static void require(String what, Power power) {
        if (power == null) {
            throw new IllegalArgumentException(what + " does not say whether the machine has power for it");
        }
    }
}
