package strophos.core.stair;

/** Where a pair stands on a rung. */
public enum RungState {
    /** A rung it needs is not passed. */
    CLOSED,
    /** May be taken up. */
    OPEN,
    /** Open, and asked in a coached lesson. */
    IN_WORK,
    PASSED,
    /** Said by the coach to be known already, without a record: opens what needs it as if it were passed. */
    PLACED,
    /** Stepped back from: waits until its way back is passed again. */
    RESTING,
    /** The coach asked for help first. */
    PAUSED
}
