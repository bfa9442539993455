package strophos.core.forecast;

import strophos.core.judgement.ThresholdSet;

/** The forecast's numbers (rules 9; common practice, no source). */
public final class ForecastThresholds {

    public static final ThresholdSet SET = ThresholdSet.of("forecast", 1)
            .number("learner.gain", 0.18, 0.02, 0.6, 0.01)
            .number("learner.halfLifeDays", 7, 1, 60, 1)
            .number("learner.growth", 1.5, 1, 3, 0.1)
            .number("learner.floor", 0.333, 0, 0.9, 0.05)
            .share("learner.learnt", 0.85, 0.5, 0.99)
            .whole("fit.practices", 6, 3, 30)
            .done();

    private ForecastThresholds() {}
}
