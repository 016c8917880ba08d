package grimygasket.server.accounts;

/** Who may do something. */
enum Role {
    /** Also without a session. */
    ANYBODY,
    TECHNICIAN,
    LEAD
}
