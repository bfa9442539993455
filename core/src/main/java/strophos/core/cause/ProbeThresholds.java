package strophos.core.cause;

import strophos.core.judgement.ThresholdSet;

/** Thresholds of the probe (rules 2; common practice, no source). */
public final class ProbeThresholds {

    public static final ThresholdSet SET = ThresholdSet.of("probe", 1)
            .whole("today.fewest", 4, 2, 20)
            .share("today.p", 0.1, 0.01, 0.3)
            .whole("hint.days", 6, 3, 12)
            .whole("hint.helped", 5, 3, 12)
            .whole("control.days", 3, 2, 12)
            .share("control.p", 0.1, 0.01, 0.3)
            .done();

    private ProbeThresholds() {}
}
