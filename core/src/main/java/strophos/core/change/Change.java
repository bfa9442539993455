package strophos.core.change;

/** What is said of a change. */
public enum Change {
    BETTER,
    WORSE,
    /** It lies still: that needs more lessons than to see something move. */
    STANDS_STILL,
    /** Chance would bring as much. */
    NOT_SHOWN,
    /** Too few to say. */
    TOO_FEW
}
