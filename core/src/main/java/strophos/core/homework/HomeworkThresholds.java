package strophos.core.homework;

import strophos.core.judgement.ThresholdSet;

/** Thresholds of homework (rules 8; common practice, no source). Gates and doses belong to the exercises. */
public final class HomeworkThresholds {

    public static final ThresholdSet SET = ThresholdSet.of("homework", 1)
            .whole("stuck.reports", 2, 1, 6)
            .whole("look-in.practices", 3, 1, 14)
            .whole("look-in.days", 7, 1, 28)
            .whole("look-in.newAidDays", 1, 1, 7)
            .number("over-practice.share", 1.5, 1.1, 3, 0.1)
            .done();

    private HomeworkThresholds() {}
}
