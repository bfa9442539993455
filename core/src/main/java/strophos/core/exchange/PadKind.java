package strophos.core.exchange;

/** How an ask on an exercise is touched in. */
public enum PadKind {
    /** Strength by response. */
    STRENGTH,
    /** What the horse chose; there are no strengths. */
    CHOICE,
    /** Strides of a line of poles or fences. */
    LINE
}
