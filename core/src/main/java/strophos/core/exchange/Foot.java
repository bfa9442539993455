package strophos.core.exchange;

/** A foot of the horse's; an aid tied to it is given as it leaves the ground. */
public enum Foot {
    LEFT_HIND,
    RIGHT_HIND,
    LEFT_FORE,
    RIGHT_FORE
}
