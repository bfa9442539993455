package strophos.core.exchange;

/** The gait of a segment, in the order in which gaits open on a rung. */
public enum Gait {
    HALT,
    WALK,
    TROT,
    CANTER,
    REIN_BACK
}
