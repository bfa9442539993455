package strophos.core.arena;

/** What a figure can be asked for besides its rein. */
public enum FigureField {
    /** A letter. */
    AT,
    /** Metres across, or how far in. */
    SIZE,
    /** Metres across at the narrowest. */
    TO,
    /** Loops, turns or legs. */
    COUNT,
    /** Radius of corners and turns, in metres. */
    CORNER
}
