package strophos.core.exchange;

/** How the horse is flexed on its figure: not at all, to its inside, to its outside. */
public enum Bend {
    STRAIGHT,
    BEND,
    COUNTER_BEND
}
