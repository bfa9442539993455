package strophos.core.exchange;

/** A side of the body, of horse or rider; never a direction of travel, which is {@link Rein}. */
public enum Side {
    LEFT,
    RIGHT,
    /** It has no side, or both. */
    NONE
}
