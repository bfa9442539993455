package strophos.core.change;

import strophos.core.judgement.ThresholdSet;

/** Thresholds of what changed (rules 7; common practice, no source). */
public final class ChangeThresholds {

    public static final ThresholdSet SET = ThresholdSet.of("change", 1)
            .whole("plateau.fewest", 8, 6, 30)
            .whole("plateau.asks", 4, 2, 20)
            .whole("plateau.lessons", 20, 8, 60)
            .number("plateau.points", 2, 0.5, 10, 0.5)
            .whole("thirds.fewest", 4, 2, 20)
            .share("thirds.p", 0.1, 0.01, 0.3)
            .done();

    private ChangeThresholds() {}
}
