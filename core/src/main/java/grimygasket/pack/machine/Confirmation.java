package grimygasket.pack.machine;

/** What has to be seen when a piece is back in its place. */
public enum Confirmation {
    /** Locked home: lifted or pulled to check. */
    LOCKED,
    /** The right way round, marks up. */
    ORIENTED,
    /** Its plug or wire is on. */
    PLUGGED,
    /** Screws or nuts found their old thread by hand before a tool turned them. */
    STARTED_BY_HAND,
    /** Tightened by hand only. */
    HAND_TIGHT,
    /** No hose behind it is kinked. */
    HOSES_FREE,
    /** Dry to the touch, all through. */
    DRY
}
