package strophos.core.plan;

/** The line a rung is ridden on. */
public enum FigureKind {
    TRACK,
    CIRCLE,
    SERPENTINE
}
