package strophos.core.exchange;

/** Direction of travel: on the {@code LEFT} rein the horse has its left side to the inside. */
public enum Rein {
    LEFT,
    RIGHT,
    /** No rein: at halt off the track, on the centre line, on a trail. Counts for neither side. */
    NONE;

    /** The two reins a rung is judged on, in the order they are shown. */
    public static final java.util.List<Rein> BOTH = java.util.List.of(LEFT, RIGHT);
}
