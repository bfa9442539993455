package strophos.core.progress;

import strophos.core.judgement.ThresholdSet;

/** The thresholds of the rung's decision (rules 3; common practice, no source). */
public final class RungThresholds {

    public static final ThresholdSet SET = ThresholdSet.of("rung-decision", 3)
            .number("rate.share", 0.8, 0.5, 1, 0.1)
            .whole("rate.window", 10, 5, 30)
            .whole("rate.atMost", 2, 1, 4)
            .whole("rate.lessons", 2, 1, 6)
            .share("rate.lowerEnd", 0.45, 0, 0.9)
            .whole("forcing.window", 10, 5, 30)
            .whole("forcing.fewest", 8, 4, 30)
            .share("forcing.strongestShare", 0.3, 0.1, 1)
            .number("forcing.meanStrength", 3, 1.5, 4, 0.1)
            .whole("too-few-tries.fewest", 8, 4, 30)
            .share("too-few-tries.share", 0.5, 0.1, 0.9)
            .whole("one-rein-fails.window", 10, 5, 30)
            .whole("one-rein-fails.fewest", 8, 4, 30)
            .share("one-rein-fails.p", 0.1, 0.01, 0.3)
            .share("one-rein-fails.share", 0.4, 0.1, 0.8)
            .whole("fright-repeats.times", 2, 2, 5)
            .whole("fright-repeats.lessons", 2, 1, 6)
            .whole("three-step-backs.lessons", 3, 2, 6)
            .whole("fails-two-days.days", 2, 1, 4)
            .whole("fails-two-days.fewest", 4, 2, 20)
            .share("fails-two-days.share", 0.5, 0.1, 0.9)
            .whole("room-for-width.lessons", 3, 1, 10)
            .number("room-for-width.meanStrength", 1.5, 1, 3, 0.1)
            .done();

    private RungThresholds() {}
}
