package strophos.core.progress;

import strophos.core.exchange.Side;
import strophos.core.stats.Proportion;

/**
 * How the two sides of a rung compare.
 *
 * @param stiffer the side that is behind; {@code NONE} when they are alike or too little is known
 * @param basis what says so
 * @param left successes among the asks compared
 * @param p Fisher's exact two-sided value of the two; 1 when too little is known
 * @param lessonsWorse lessons of the last {@code lessons} in which the stiffer (else the right) side was behind
 */
public record Sidedness(
        Side stiffer, Basis basis, Proportion left, Proportion right, double p, int lessonsWorse, int lessons) {

    /** What the comparison rests on. */
    public enum Basis {
        TOO_FEW,
        ALIKE,
        /** The counts differ by more than chance. */
        DIFFERENCE,
        /** The same side was behind in nearly every lesson. */
        RUN
    }
}
