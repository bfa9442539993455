package strophos.core.tack;

/** When a curb chain begins to act. */
public sealed interface ChainContact {

    /** From here on a chain acts late: the shank has turned half way to a right angle (common practice, no source). */
    double USUAL_DEG = 45;

    /** Below this it acts almost at once (common practice, no source). */
    double EARLY_DEG = 30;

    /** In one word. */
    enum Timing {
        AT_ONCE,
        USUAL,
        LATE,
        NEVER
    }

    /** @param turnDeg of the shank from where it hangs, in degrees, in [0, 90] */
    record AtTurn(double turnDeg) implements ChainContact {
        @Override
        public Timing timing() {
            return turnDeg < EARLY_DEG ? Timing.AT_ONCE : turnDeg <= USUAL_DEG ? Timing.USUAL : Timing.LATE;
        }
    }

    /** Poll and corners of the mouth take what the chain does not. */
    record Never() implements ChainContact {
        @Override
        public Timing timing() {
            return Timing.NEVER;
        }
    }

    Timing timing();
}
