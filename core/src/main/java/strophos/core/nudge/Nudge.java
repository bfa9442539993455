package strophos.core.nudge;

/** What is said, the gravest first. */
public enum Nudge {
    /** Enough work: stop. A safety cap. */
    HARD_STOP,
    CHANGE_REIN,
    /** Long rein until the breath has settled. */
    BREATHER,
    /** The focus reached its target: a good place to stop. */
    GOOD_STOP
}
