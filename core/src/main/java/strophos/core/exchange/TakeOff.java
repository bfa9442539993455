package strophos.core.exchange;

/** Where a fence was left from: too near, where it should be, too far off. */
public enum TakeOff {
    DEEP,
    RIGHT,
    LONG
}
