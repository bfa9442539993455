package strophos.core.aid;

import strophos.core.judgement.ThresholdSet;

/** Thresholds of corrections, releases and conflicts (rules 6; common practice, no source). */
public final class AidThresholds {

    public static final ThresholdSet SET = ThresholdSet.of("aids", 2)
            .share("consistency.share", 0.9, 0.5, 1)
            .whole("consistency.fewest", 6, 3, 30)
            .number("release.promptS", 1, 0.2, 3, 0.1)
            .number("wait.leastS", 0.5, 0.1, 2, 0.1)
            .number("wait.mostS", 1.5, 0.5, 4, 0.1)
            .whole("when-clear.leastStrides", 2, 1, 6)
            .whole("when-clear.mostStrides", 8, 3, 20)
            .share("conflict.share", 0.2, 0.05, 0.6)
            .whole("conflict.fewest", 5, 3, 30)
            .number("conflict.withinS", 1.5, 0.5, 4, 0.1)
            .number("conflict.riseKg", 2, 0.5, 6, 0.5)
            .share("ladder.share", 0.8, 0.5, 1)
            .whole("ladder.fewest", 5, 3, 30)
            .done();

    private AidThresholds() {}
}
