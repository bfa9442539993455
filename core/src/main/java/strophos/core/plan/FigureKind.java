package strophos.core.plan;

/** The line a rung is ridden on, or what it is set up with. */
public enum FigureKind {
    TRACK,
    CIRCLE,
    SERPENTINE,
    FIGURE_EIGHT,
    /** An S of two half circles inside a circle. */
    CHANGE_IN_CIRCLE,
    SPIRAL,
    /** Two small circles round two cones. */
    TWO_CONES,
    /** From the long side in towards the middle, and back to it. */
    LOOP,
    DIAGONAL,
    /** From the quarter line, or the centre line, to the track. */
    LEG_YIELD,
    HALF_PASS,
    POLE_LINE,
    POLE_FAN,
    FENCE_LINE,
    COURSE,
    HILL,
    TRAIL,
    TRAILER,
    /** On the spot, or wherever there is room. */
    NONE
}
