package strophos.core.load;

import strophos.core.judgement.ThresholdSet;

/** Thresholds of load, breaks and outings (rules 9; common practice, no source). */
public final class LoadThresholds {

    public static final ThresholdSet SET = ThresholdSet.of("load", 1)
            .share("week-rise.share", 0.2, 0.05, 1)
            .share("acute-chronic.ratio", 1.5, 1.1, 3)
            .whole("same-work.days", 3, 2, 7)
            .whole("outing.lookAroundMinutes", 20, 10, 30)
            .whole("outing.hardDaysBefore", 2, 1, 4)
            .done();

    private LoadThresholds() {}
}
