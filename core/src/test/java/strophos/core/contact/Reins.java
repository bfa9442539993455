package strophos.core.contact;

import java.util.SplittableRandom;
import java.util.function.DoubleUnaryOperator;

/** Series for tests, by the reading at each time. */
final class Reins {

    private Reins() {}

    static ReinSeries of(double rateHz, double seconds, DoubleUnaryOperator leftKg, DoubleUnaryOperator rightKg) {
        int n = (int) Math.round(seconds * rateHz);
        short[] left = new short[n];
        short[] right = new short[n];
        for (int i = 0; i < n; i++) {
            left[i] = hundredths(leftKg.applyAsDouble(i / rateHz));
            right[i] = hundredths(rightKg.applyAsDouble(i / rateHz));
        }
        return ReinSeries.of(rateHz, left, right);
    }

    static ReinSeries both(double rateHz, double seconds, DoubleUnaryOperator kg) {
        return of(rateHz, seconds, kg, kg);
    }

    /** NaN is a gap. */
    static short hundredths(double kg) {
        return Double.isNaN(kg) ? ReinSeries.GAP : (short) Math.round(kg * ReinSeries.HUNDREDTHS);
    }

    /** Readings without any pattern, with gaps. */
    static ReinSeries chance(long seed, int n) {
        SplittableRandom random = new SplittableRandom(seed);
        short[] left = new short[n];
        short[] right = new short[n];
        for (int i = 0; i < n; i++) {
            left[i] = random.nextInt(10) == 0 ? ReinSeries.GAP : (short) random.nextInt(-50, 900);
            right[i] = random.nextInt(10) == 0 ? ReinSeries.GAP : (short) random.nextInt(-50, 900);
        }
        return ReinSeries.of(50, left, right);
    }

    /** Trot as it is mostly ridden: 158 steps a minute, 3 and 3.5 kg. */
    static StandInSensor.Stretch trot(double seconds) {
        return new StandInSensor.Stretch(seconds, 158, 0.03, 3, 3.5, 1.5, 0);
    }
}
