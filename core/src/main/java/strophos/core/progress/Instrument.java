package strophos.core.progress;

/** What measures on a rung. */
public enum Instrument {
    /** The reins' pull. */
    SENSOR,
    /** The feet's landings, marked frame by frame. */
    CLIP
}
