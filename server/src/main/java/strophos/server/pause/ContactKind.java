package strophos.server.pause;

/** Who answers a number. */
enum ContactKind {
    /** The local emergency number. */
    EMERGENCY,
    VET,
    DOCTOR,
    DENTIST,
    FITTER,
    PHYSIOTHERAPIST,
    FARRIER,
    OWNER,
    OTHER
}
