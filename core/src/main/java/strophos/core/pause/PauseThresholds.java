package strophos.core.pause;

import strophos.core.judgement.Threshold.Cap;
import strophos.core.judgement.ThresholdSet;

/** Thresholds of pausing (rules 8; common practice, no source). Safety caps: a yard can only tighten them. */
public final class PauseThresholds {

    public static final ThresholdSet SET = ThresholdSet.of("pause", 1)
            .whole("behaviour.times", 2, 1, 2)
            .cap(Cap.ONLY_LOWER)
            .whole("behaviour.lessons", 3, 3, 10)
            .cap(Cap.ONLY_HIGHER)
            .whole("lately.days", 3, 1, 14)
            .done();

    private PauseThresholds() {}
}
