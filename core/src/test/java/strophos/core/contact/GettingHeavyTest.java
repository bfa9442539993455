package strophos.core.contact;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.OptionalDouble;
import org.hipparchus.stat.regression.SimpleRegression;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import strophos.core.exchange.Side;
import strophos.core.stats.Interval;

class GettingHeavyTest {

    private static GettingHeavy heavy(ReinSeries series, double limitKg) {
        return GettingHeavy.of(series, Side.LEFT, 1, limitKg).orElseThrow();
    }

    /** On a straight line every slope is the same: that of a general library's least squares. */
    @Test
    void theSlopeIsThatOfALibraryOnAStraightLine() {
        ReinSeries series = Reins.both(50, 40, s -> 2 + 0.05 * s);
        SimpleRegression library = new SimpleRegression();
        for (int i = 100; i < series.length(); i++) {
            library.addData(i / 50.0, series.kg(Side.LEFT, i));
        }
        GettingHeavy heavy = heavy(series, 9);
        assertThat(heavy.kgASecond()).isCloseTo(library.getSlope(), within(0.001));
        assertThat(heavy.isGrowing()).isTrue();
        assertThat(heavy.overFromS()).isEmpty();
    }

    /** 2 kg, rising a tenth a second: over 4 kg from 20 s on. */
    @Test
    void saysFromWhenOnItStaysOverTheLimit() {
        assertThat(heavy(Reins.both(50, 40, s -> 2 + 0.1 * s), 4).overFromS().getAsDouble())
                .isCloseTo(20, within(0.1));
    }

    /** One peak holds the level up for a stride; it is heavy only when it stays up for half a second more. */
    @ParameterizedTest
    @CsvSource({"0.4, false", "0.46, false", "0.54, true"})
    void onePeakIsNotHeavy(double heldS, boolean isHeavy) {
        ReinSeries series = Reins.both(50, 20, s -> s >= 10 && s < 10 + heldS ? 6 : 2);
        assertThat(heavy(series, 4).overFromS().isPresent()).isEqualTo(isHeavy);
    }

    /** Exactly the limit is not over it. */
    @Test
    void theLimitItselfIsNotOverIt() {
        assertThat(heavy(Reins.both(50, 20, s -> 4), 4).overFromS()).isEmpty();
        assertThat(heavy(Reins.both(50, 20, s -> 4.01), 4).overFromS()).hasValue(0);
        assertThat(heavy(Reins.both(50, 20, s -> 4.01), 4).isGrowing()).isFalse();
    }

    @Test
    void aGapInBetweenBeginsTheCountAnew() {
        ReinSeries series = Reins.both(50, 20, s -> s < 10 ? 2 : s < 10.6 ? 6 : s < 12 ? Double.NaN : s < 12.4 ? 6 : 2);
        assertThat(heavy(series, 4).overFromS().getAsDouble()).isCloseTo(10, within(0.03));
    }

    @ParameterizedTest
    @CsvSource({"0.0049, false", "0.0051, true"})
    void whatIsNotFeltDoesNotGrow(double kgASecond, boolean isGrowing) {
        GettingHeavy heavy = new GettingHeavy(kgASecond, new Interval(0.001, 0.01), OptionalDouble.empty());
        assertThat(heavy.isGrowing()).isEqualTo(isGrowing);
    }

    @Test
    void aShortStretchSaysNothing() {
        assertThat(GettingHeavy.of(Reins.both(50, 7.9, s -> 3), Side.LEFT, 1, 4))
                .isEmpty();
        assertThat(GettingHeavy.of(Reins.both(50, 30, s -> Double.NaN), Side.LEFT, 1, 4))
                .isEmpty();
    }

    /** A hand that only breathes does not get heavy: over seeds the interval holds nothing at all more often than not. */
    @Test
    void aSteadyHandIsSeldomSaidToGrow() {
        long grown = 0;
        for (long seed = 0; seed < 100; seed++) {
            ReinSeries series = StandInSensor.measure(
                    StandInSensor.Script.of(50, Reins.trot(60)).noisy(0.2), seed);
            grown += heavy(series, 9).isGrowing() ? 1 : 0;
        }
        assertThat(grown).isLessThanOrEqualTo(6);
    }
}
