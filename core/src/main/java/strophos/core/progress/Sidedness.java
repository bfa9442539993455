package strophos.core.progress;

import strophos.core.exchange.Rein;
import strophos.core.stats.Proportion;

/**
 * How the two reins of a rung compare.
 *
 * @param stiffer the rein that is behind; {@code NONE} when they are alike or too little is known
 * @param basis what says so
 * @param left successes among the asks compared
 * @param p Fisher's exact two-sided value of the two; 1 when too little is known
 * @param lessonsWorse lessons of the last {@code lessons} in which the stiffer (else the right) rein was behind
 */
public record Sidedness(
        Rein stiffer, Basis basis, Proportion left, Proportion right, double p, int lessonsWorse, int lessons) {

    /** What the comparison rests on. */
    public enum Basis {
        TOO_FEW,
        ALIKE,
        /** The counts differ by more than chance. */
        DIFFERENCE,
        /** The same rein was behind in nearly every lesson. */
        RUN
    }
}
