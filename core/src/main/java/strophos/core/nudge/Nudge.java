package strophos.core.nudge;

/** What is said, the gravest first. */
public enum Nudge {
    /** Tired, or the breath does not settle: stop. A safety cap. */
    STOP_TIRED,
    /** Too hot: stop. A safety cap. */
    STOP_HEAT,
    /** Enough work: stop. A safety cap. */
    HARD_STOP,
    /** It stays wrong after a step back: end on something it knows. */
    STUCK_END,
    /** It stays wrong after a step back: stay until it softens, and rest only then. */
    STUCK_STAY,
    CHANGE_REIN,
    /** Long rein until the breath has settled. */
    BREATHER,
    /** The focus reached its target: a good place to stop. */
    GOOD_STOP;

    /** A safety cap: it does not wait for a quiet time. */
    public boolean isHardStop() {
        return this == STOP_TIRED || this == STOP_HEAT || this == HARD_STOP;
    }
}
