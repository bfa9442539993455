package strophos.core.exchange;

/** What became of the speed on a line. */
public enum Speed {
    KEPT,
    GREW
}
