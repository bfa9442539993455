package strophos.core.stop;

import strophos.core.judgement.Threshold.Cap;
import strophos.core.judgement.ThresholdSet;

/** Thresholds of stopping, turns and shares of time (rules 4 and 5; common practice, no source). */
public final class StopThresholds {

    public static final ThresholdSet SET = ThresholdSet.of("stop", 2)
            .whole("work.minutes", 45, 10, 45)
            .cap(Cap.ONLY_LOWER)
            .whole("work.sparedMinutes", 20, 5, 20)
            .cap(Cap.ONLY_LOWER)
            .number("heat.line", 180, 120, 180, 5)
            .cap(Cap.ONLY_LOWER)
            .number("heat.shade", 130, 100, 130, 5)
            .cap(Cap.ONLY_LOWER)
            .number("heat.light", 150, 110, 150, 5)
            .cap(Cap.ONLY_LOWER)
            .whole("heat.speaksFromC", 22, 15, 22)
            .cap(Cap.ONLY_LOWER)
            .whole("heat.lightFromC", 35, 28, 35)
            .cap(Cap.ONLY_LOWER)
            .whole("good-place.minutes", 10, 5, 30)
            .whole("good-place.yesRunning", 3, 2, 8)
            .number("good-place.betterBy", 0.5, 0.1, 1, 0.2)
            .whole("not-good.minutesBefore", 5, 2, 10)
            .whole("stuck.wrongRunning", 3, 2, 6)
            .whole("turn.minutes", 5, 2, 10)
            .whole("turn.sparedMinutes", 2, 1, 5)
            .share("reins.stifferShare", 0.6, 0.5, 0.65)
            .number("reins.mostToOne", 2, 1.5, 2, 0.1)
            .cap(Cap.ONLY_LOWER)
            .whole("nudge.breathMinutes", 10, 4, 20)
            .whole("nudge.quietS", 60, 60, 300)
            .done();

    private StopThresholds() {}
}
