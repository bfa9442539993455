package strophos.core.exchange;

/** The ground of the day. */
public enum Footing {
    GOOD,
    DEEP,
    HARD,
    SLIPPERY,
    FROZEN
}
