package strophos.core.exchange;

/** Who rides. Only the pair's own rider's exchanges count for the pair; the others are shown beside. */
public enum Mounted {
    RIDER,
    COACH,
    OTHER
}
