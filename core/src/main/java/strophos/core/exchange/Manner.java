package strophos.core.exchange;

/** How an aid is given. */
public enum Manner {
    TAP,
    HOLD,
    PUSH,
    LIFT,
    OPEN,
    GIVE,
    TAKE,
    ALTERNATE
}
