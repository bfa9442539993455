package strophos.core.tack;

/** How a headgear makes its pressure of the rein. */
public enum HeadgearAction {
    /** It presses with what the rein pulls. */
    DIRECT,
    /** A shank and a chain: see {@link Curb}. */
    LEVER,
    /** It slides or turns, and lifts and presses down at once; no ratio. */
    SLIDES,
    /** It squeezes nose, chin and poll together; no ratio. */
    SQUEEZES
}
