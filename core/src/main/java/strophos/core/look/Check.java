package strophos.core.look;

/** The checks of a first look, in the order they are made. */
public enum Check {
    SOUNDNESS,
    CALM,
    RIDER,
    HALT,
    LEG,
    BEND,
    SHOULDERS
}
