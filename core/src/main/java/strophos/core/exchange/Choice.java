package strophos.core.exchange;

/** What the horse chose in reward-based and loose work. Leaving is no error. */
public enum Choice {
    COMES,
    WAITS,
    LEAVES,
    /** Comes back by itself. */
    RETURNS,
    FRIGHT
}
