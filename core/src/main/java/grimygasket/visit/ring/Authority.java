package grimygasket.visit.ring;

/** Who may symptom a gap off, with a reason. */
public enum Authority {
    TECHNICIAN,
    /** Whoever answers for the technicians' work. */
    LEAD,
    /** It has to be filled. */
    NOBODY;

    /** Whether somebody of this rank may sign off what asks for another. */
    public boolean reaches(Authority needed) {
        return needed != NOBODY && compareTo(needed) >= 0;
    }
}
