package strophos.core.exchange;

/** How an ask on an exercise is touched in. The exercise says it, whoever rides it. */
public enum PadKind {
    /** Strength by response. */
    STRENGTH,
    /** What the horse chose; there are no strengths. */
    CHOICE,
    /** What the feet did over poles. */
    POLES,
    /** Strides of a line of fences. */
    LINE,
    /** Whether the rider's position holds; the horse is asked for nothing. */
    POSITION
}
