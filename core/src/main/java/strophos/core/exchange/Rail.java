package strophos.core.exchange;

/** What became of the rail. */
public enum Rail {
    CLEAR,
    TOUCHED,
    DOWN
}
