package strophos.core.contact;

import strophos.core.exchange.Side;

/** What is wrong with a measured series, each named; it is said beside every number taken from it. */
public sealed interface SignalFault {

    /**
     * Stretches that were not measured.
     *
     * @param longestS in seconds
     * @param share of the whole, in (0, 1]
     */
    record Gaps(Side side, int gaps, double longestS, double share) implements SignalFault {}

    /** @param atKg the reading that is not exceeded: more was pulled than the sensor can say */
    record Ceiling(Side side, double atKg, double share) implements SignalFault {}

    /** @param kgAMinute how the lowest readings wander: the zero, not the hand */
    record Drift(Side side, double kgAMinute) implements SignalFault {}

    /** @param lowestKg what a hanging rein reads, which weighs nothing: zero the sensor again */
    record BelowZero(Side side, double lowestKg) implements SignalFault {}

    /** @param ms standard deviation of the time from sample to sample before they were laid evenly */
    record Jitter(double ms) implements SignalFault {}

    /** Nothing was read all the time: not connected, or the rein was never taken up. */
    record Silent(Side side) implements SignalFault {}
}
