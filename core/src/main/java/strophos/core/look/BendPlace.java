package strophos.core.look;

/** Where along the neck it bends to one side. */
public enum BendPlace {
    EVEN,
    POLL_ONLY,
    BASE_ONLY,
    TWISTED
}
