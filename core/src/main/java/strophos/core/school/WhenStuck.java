package strophos.core.school;

/** What follows when it stays WRONG after a step back. */
public enum WhenStuck {
    /** Something it can do, one YES, stretch, end. */
    END_ON_KNOWN,
    /** Stay on it until it softens, and rest only then; never with a frightened horse. */
    STAY_UNTIL_SOFT
}
