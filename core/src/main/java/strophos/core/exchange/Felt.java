package strophos.core.exchange;

/** The contact of one rein as it feels in the hand. */
public enum Felt {
    NONE,
    LIGHT,
    EVEN,
    STRONG,
    LEANING
}
