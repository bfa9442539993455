package strophos.core.poles;

import strophos.core.stride.PoleSpacing;

/**
 * How a row of poles suits one horse.
 *
 * @param own how far apart poles suit it here, in metres
 * @param wideM how much too wide they lie, below 0 too close; 0 where they suit
 */
public record RowOfHorse(PoleSpacing own, double wideM) {

    /** Raised poles lie closer by this (common practice, no source). */
    static final double RAISED = 0.95;

    /** Up a slope a horse steps a little shorter over poles (common practice, no source). */
    static final double UPHILL = 0.97;

    /** From this slope on it counts, in metres a hundred metres (common practice, no source). */
    static final double UPHILL_FROM_PCT = 2;

    /** A horse makes up for this share of its step without rushing or hanging back (common practice, no source). */
    static final double MADE_UP = 0.04;

    /**
     * @param flat what suits it on the level, on the ground
     * @param slopePct how much the way ridden rises; below 0 it falls
     */
    public static RowOfHorse of(double apartM, PoleSpacing flat, boolean isRaised, double slopePct) {
        double share = (isRaised ? RAISED : 1) * (slopePct >= UPHILL_FROM_PCT ? UPHILL : 1);
        PoleSpacing own = new PoleSpacing(flat.fromM() * share, flat.toM() * share);
        if (apartM > own.toM() * (1 + MADE_UP)) {
            return new RowOfHorse(own, apartM - own.toM());
        }
        if (apartM < own.fromM() * (1 - MADE_UP)) {
            return new RowOfHorse(own, apartM - own.fromM());
        }
        return new RowOfHorse(own, 0);
    }
}
