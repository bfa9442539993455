package strophos.core.contact;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.SplittableRandom;
import org.hipparchus.transform.DftNormalization;
import org.hipparchus.transform.FastFourierTransformer;
import org.hipparchus.transform.TransformType;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class RhythmTest {

    private static Rhythm.Regular regular(ReinSeries series) {
        Rhythm rhythm = Rhythm.of(series);
        assertThat(rhythm).isInstanceOf(Rhythm.Regular.class);
        return (Rhythm.Regular) rhythm;
    }

    /** A pure swing: what is put in comes out, to a thousandth, wherever the period falls between two samples. */
    @ParameterizedTest
    @CsvSource({"20, 104.8", "20, 158.6", "50, 99.8", "100, 158.6", "100, 172.3", "250, 55.5"})
    void tellsThePeaksAMinuteOfAPureSwing(double rateHz, double aMinute) {
        ReinSeries series = Reins.both(rateHz, 30, s -> 3 + Math.sin(2 * Math.PI * aMinute / 60 * s));
        assertThat(regular(series).peaksAMinute()).isCloseTo(aMinute, within(aMinute * 0.003));
        assertThat(regular(series).unevenness()).isLessThan(0.02);
    }

    /** Against the sum written out, lag by lag. */
    @ParameterizedTest
    @ValueSource(longs = {21, 22})
    void autocorrelationIsTheSumWrittenOut(long seed) {
        Swing swing = Swing.of(Reins.chance(seed, 400));
        double[] r = Autocorrelation.of(swing, 60);
        double atNothing = mean(swing, 0);
        for (int lag = 0; lag <= 60; lag++) {
            assertThat(r[lag]).isCloseTo(mean(swing, lag) / atNothing, within(1e-9));
        }
    }

    /** Against the power spectrum of a general library, where nothing is missing. */
    @ParameterizedTest
    @ValueSource(ints = {256, 401})
    void autocorrelationIsThePowerSpectrumTurnedBack(int samples) {
        SplittableRandom random = new SplittableRandom(samples);
        Swing swing = Swing.of(Reins.both(50, samples / 50.0, s -> 3 + random.nextDouble()));
        double[][] data = new double[2][1024];
        System.arraycopy(swing.kg(), 0, data[0], 0, samples);
        FastFourierTransformer.transformInPlace(data, DftNormalization.STANDARD, TransformType.FORWARD);
        for (int i = 0; i < data[0].length; i++) {
            data[0][i] = data[0][i] * data[0][i] + data[1][i] * data[1][i];
            data[1][i] = 0;
        }
        FastFourierTransformer.transformInPlace(data, DftNormalization.STANDARD, TransformType.INVERSE);
        double[] r = Autocorrelation.of(swing, 60);
        for (int lag = 0; lag <= 60; lag++) {
            double expected = data[0][lag] / (samples - lag) / (data[0][0] / samples);
            assertThat(r[lag]).isCloseTo(expected, within(1e-9));
        }
    }

    private static double mean(Swing swing, int lag) {
        double sum = 0;
        int n = 0;
        for (int i = 0; i + lag < swing.kg().length; i++) {
            if (swing.isMeasured()[i] && swing.isMeasured()[i + lag]) {
                sum += swing.kg()[i] * swing.kg()[i + lag];
                n++;
            }
        }
        return sum / n;
    }

    /** The two diagonals pull unlike; the step is told all the same, not the stride. */
    @Test
    void aStepIsNotTakenForAStride() {
        ReinSeries series = Reins.of(
                100,
                30,
                s -> 3 + Math.cos(2 * Math.PI * 2.6 * s) + 0.4 * Math.cos(2 * Math.PI * 1.3 * s),
                s -> 3 + Math.cos(2 * Math.PI * 2.6 * s) - 0.2 * Math.cos(2 * Math.PI * 1.3 * s));
        assertThat(regular(series).peaksAMinute()).isCloseTo(156, within(0.5));
    }

    @Test
    void holesDoNotMoveTheBeat() {
        ReinSeries whole = StandInSensor.measure(StandInSensor.Script.of(100, Reins.trot(60)), 5);
        ReinSeries torn = StandInSensor.measure(
                StandInSensor.Script.of(100, Reins.trot(60))
                        .losing(new StandInSensor.Hole(7, 9.3), new StandInSensor.Hole(20, 31)),
                5);
        assertThat(regular(torn).peaksAMinute()).isCloseTo(regular(whole).peaksAMinute(), within(0.7));
    }

    /** From peak to peak are half of one beat and half of the next: smaller by the root of two than what each beat was drawn with. */
    @ParameterizedTest
    @CsvSource({"0.01, 0.015", "0.05, 0.01", "0.1, 0.02"})
    void unevennessComesBack(double put, double by) {
        ReinSeries series = StandInSensor.measure(
                StandInSensor.Script.of(100, new StandInSensor.Stretch(60, 158, put, 3, 3, 1.5, 0)), 9);
        assertThat(regular(series).unevenness()).isCloseTo(put / Math.sqrt(2), within(by));
    }

    @Test
    void belowTwentyAHertzTheBeatIsNotTold() {
        assertThat(Rhythm.of(Reins.both(19.9, 60, s -> 3 + Math.sin(10 * s)))).isEqualTo(new Rhythm.RateTooLow(19.9));
        assertThat(Rhythm.of(Reins.both(20, 60, s -> 3 + Math.sin(10 * s)))).isInstanceOf(Rhythm.Regular.class);
    }

    @Test
    void tooLittleIsSaidWithHowMuchThereWas() {
        assertThat(Rhythm.of(Reins.both(50, 7.9, s -> 3 + Math.sin(10 * s)))).isEqualTo(new Rhythm.TooShort(7.9));
        assertThat(Rhythm.of(Reins.of(50, 60, s -> 3, s -> Double.NaN))).isEqualTo(new Rhythm.TooShort(0));
    }

    /** Noise, a still hand and a slow lean have no beat: fewer than one seed in a hundred is told one. */
    @Test
    void noiseHasNoBeat() {
        int told = 0;
        for (long seed = 0; seed < 200; seed++) {
            SplittableRandom random = new SplittableRandom(seed);
            ReinSeries series = Reins.both(50, 20, s -> 3 + 0.3 * random.nextGaussian());
            told += Rhythm.of(series) instanceof Rhythm.Regular ? 1 : 0;
        }
        assertThat(told).isLessThanOrEqualTo(2);
        assertThat(Rhythm.of(Reins.both(50, 20, s -> 3))).isEqualTo(new Rhythm.NoRegularRhythm());
        assertThat(Rhythm.of(Reins.both(50, 20, s -> 1 + s / 10))).isEqualTo(new Rhythm.NoRegularRhythm());
    }

    @Test
    void theSwingLeavesOutWhatIsSlowerThanABeat() {
        Swing swing = Swing.of(Reins.both(50, 20, s -> 2 + s / 4));
        assertThat(swing.kg()[500]).isCloseTo(0, within(0.02));
        assertThat(swing.measured()).isEqualTo(1000);
        assertThat(Swing.of(Reins.of(50, 2, s -> 1, s -> s < 1 ? Double.NaN : 1))
                        .measured())
                .isEqualTo(50);
    }
}
