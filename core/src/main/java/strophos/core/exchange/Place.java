package strophos.core.exchange;

/** Where in the arena a segment is ridden, in the order in which places open on a rung. */
public enum Place {
    RAIL,
    CIRCLE,
    ACROSS
}
