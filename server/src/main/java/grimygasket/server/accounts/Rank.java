package grimygasket.server.accounts;

/** What somebody is in the business; each may all that those before it may. */
public enum Rank {
    TECHNICIAN,
    /** Answers for the others' work: leaves gaps open, and keeps the know-how. */
    LEAD,
    /** Answers for the business: its people, its rates, and what was done over all. */
    OWNER
}
