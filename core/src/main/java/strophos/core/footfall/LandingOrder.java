package strophos.core.footfall;

/** What a lag sounds like (common practice, no source). */
public enum LandingOrder {
    /** Both feet of a side at once: a pace. */
    LATERAL,
    /** Both feet of a side one soon after the other. */
    STEPPING_PACE,
    /** Four beats that are told from one another: walk, running walk. */
    FOUR_BEAT,
    /** Diagonal feet one soon after the other. */
    TOWARDS_TROT,
    /** Diagonal feet at once: trot. */
    DIAGONAL;

    /** Four clear beats, from here on, as a share of the stride. */
    public static final double FOUR_FROM = 0.20;

    /** Four clear beats, below this. */
    public static final double FOUR_BELOW = 0.30;

    private static final double LATERAL_BELOW = 0.10;
    private static final double TOWARDS_BELOW = 0.45;

    /** From here on the fore foot lands just before the hind foot of its side: together again. */
    private static final double LATERAL_FROM = 0.90;

    /** @param share of the stride, in [0, 1) */
    static LandingOrder of(double share) {
        if (share < LATERAL_BELOW || share >= LATERAL_FROM) {
            return LATERAL;
        }
        if (share < FOUR_FROM) {
            return STEPPING_PACE;
        }
        if (share < FOUR_BELOW) {
            return FOUR_BEAT;
        }
        return share < TOWARDS_BELOW ? TOWARDS_TROT : DIAGONAL;
    }
}
