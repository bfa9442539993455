package strophos.core.poles;

/**
 * Poles that point to one middle, like the spokes of a wheel: nearer to the middle they lie closer, further out wider.
 *
 * @param poles at least 2
 * @param gapRad between two poles, above 0; all of them no more than once round
 * @param middleM from the middle of the fan to the middles of the poles
 * @param poleM length of a pole, above 0 and less than twice {@code middleM}
 */
public record Fan(int poles, double gapRad, double middleM, double poleM) {

    /** Poles as they are mostly sold, in metres. */
    public static final double USUAL_POLE_M = 3;

    /** A fan is ridden this near to the middles of its poles, as a share of their distance (common practice, no source). */
    public static final double USABLE_SHARE = 0.10;

    public Fan {
        if (poles < 2 || !(gapRad > 0) || (poles - 1) * gapRad > 2 * Math.PI) {
            throw new IllegalArgumentException(
                    "A fan has 2 poles or more (%d) with gaps above 0 (%s rad), once round at most."
                            .formatted(poles, gapRad));
        }
        if (!(poleM > 0) || !(middleM > poleM / 2)) {
            throw new IllegalArgumentException(
                    "Poles of %s m lie further from the middle of the fan than half their length (%s m)."
                            .formatted(poleM, middleM));
        }
    }

    /**
     * For a step to be taken over the middles of the poles.
     *
     * @param stepM from pole to pole, above 0
     */
    public static Fan forStep(int poles, double stepM, double middleM, double poleM) {
        return new Fan(poles, stepM / middleM, middleM, poleM);
    }

    /** From pole to pole along the line ridden at this distance from the middle of the fan. */
    public double stepM(double radiusM) {
        return radiusM * gapRad;
    }

    /** The same by tape, straight across. */
    public double tapeM(double radiusM) {
        return 2 * radiusM * Math.sin(gapRad / 2);
    }

    /** The line on which a step fits: its distance from the middle of the fan. */
    public double lineM(double stepM) {
        return stepM / gapRad;
    }

    /** Whether the line keeps to the usable middle of the poles. */
    public boolean isUsable(double radiusM) {
        return radiusM >= leastLineM() - 1e-9 && radiusM <= mostLineM() + 1e-9;
    }

    public double leastLineM() {
        return middleM * (1 - USABLE_SHARE);
    }

    public double mostLineM() {
        return middleM * (1 + USABLE_SHARE);
    }

    /** The shortest step the poles' inner ends allow. */
    public double leastStepM() {
        return stepM(middleM - poleM / 2);
    }

    public double mostStepM() {
        return stepM(middleM + poleM / 2);
    }
}
