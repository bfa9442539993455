package strophos.core.welfare;

/**
 * Rider and tack as a share of what the horse should weigh; of what it weighs where nobody said what it should.
 *
 * <p>General guideline: up to 15 % fine, to 20 % watch length and pace, above it advise another horse; a published study
 * saw clear soreness from 25 % (from memory).
 *
 * @param share above 0
 */
public record WeightShare(double share) {

    static final double FINE = 0.15;
    static final double WATCH = 0.20;

    /** What follows. */
    public enum Level {
        FINE,
        /** Watch length and pace. */
        WATCH,
        /** Advise another horse. */
        ANOTHER_HORSE
    }

    /**
     * (rider + tack) / what the horse should weigh.
     *
     * @param riderKg above 0
     * @param tackKg at least 0
     * @param horseKg what it should weigh, else what it weighs; above 0
     */
    public static WeightShare of(double riderKg, double tackKg, double horseKg) {
        if (!(riderKg > 0) || !(tackKg >= 0) || !(horseKg > 0)) {
            throw new IllegalArgumentException("Weights must be above 0 kg: rider %s, horse %s; tack (%s) at least 0."
                    .formatted(riderKg, horseKg, tackKg));
        }
        return new WeightShare((riderKg + tackKg) / horseKg);
    }

    public Level level() {
        return share <= FINE ? Level.FINE : share <= WATCH ? Level.WATCH : Level.ANOTHER_HORSE;
    }
}
