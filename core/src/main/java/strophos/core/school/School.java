package strophos.core.school;

import strophos.core.exchange.PadKind;

/** A pair's school; a lesson or segment may borrow from another. */
public enum School {
    CLASSICAL(CorrectionPolicy.PREVENT, WhenStuck.END_ON_KNOWN),
    PRESSURE_AND_RELEASE(CorrectionPolicy.WHEN_CLEAR, WhenStuck.STAY_UNTIL_SOFT),
    REWARD_BASED(CorrectionPolicy.IGNORE, WhenStuck.END_ON_KNOWN),
    FORWARD_SEAT(CorrectionPolicy.AT_ONCE, WhenStuck.END_ON_KNOWN),
    GAITED(CorrectionPolicy.AT_ONCE, WhenStuck.END_ON_KNOWN);

    private final CorrectionPolicy correction;
    private final WhenStuck whenStuck;

    School(CorrectionPolicy correction, WhenStuck whenStuck) {
        this.correction = correction;
        this.whenStuck = whenStuck;
    }

    /** Where neither exercise nor segment says otherwise. */
    public CorrectionPolicy correction() {
        return correction;
    }

    /** How an ask is touched in, for an exercise that has this pad elsewhere: reward-based work knows no strengths. */
    public PadKind pad(PadKind own) {
        return this == REWARD_BASED && own == PadKind.STRENGTH ? PadKind.CHOICE : own;
    }

    public WhenStuck whenStuck() {
        return whenStuck;
    }
}
