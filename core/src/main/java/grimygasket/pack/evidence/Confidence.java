package grimygasket.pack.evidence;

/** How far the source of a number can be relied on. */
public enum Confidence {
    /** A standard, or a law of physics. */
    STANDARD,
    /** The maker's papers. */
    MAKER,
    /** Several who do the work agree, or it is general engineering knowledge. */
    AGREED,
    /** One practitioner's word. */
    ONE_WORD
}
