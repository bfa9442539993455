package strophos.core.plan;

/** The line a rung is ridden on. */
public enum Line {
    TRACK,
    CIRCLE,
    SERPENTINE
}
