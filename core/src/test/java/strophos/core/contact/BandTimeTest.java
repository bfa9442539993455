package strophos.core.contact;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.DoubleUnaryOperator;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import strophos.core.exchange.Gait;

/** Time in the band, and how soon a rein that was over it is back (common practice, no source): series whose truth is their formula. */
class BandTimeTest {

    private static final Optional<Band> BAND = Optional.of(new Band(2, 4));

    private static StretchContact of(
            double rateHz, double seconds, DoubleUnaryOperator left, DoubleUnaryOperator right) {
        return StretchContact.of(Reins.of(rateHz, seconds, left, right), Gait.HALT, BAND);
    }

    private static double lasting(double s, double fromS, double forS, double kg) {
        return s >= fromS && s < fromS + forS ? kg : 3;
    }

    @ParameterizedTest
    @ValueSource(doubles = {5, 20, 100, 250})
    void bothReinsAreInTheBandAtOnce(double rateHz) {
        StretchContact c = of(rateHz, 40, s -> s < 10 ? 1 : 3, s -> s >= 20 && s < 30 ? 5 : s >= 36 ? Double.NaN : 3);
        BandTime time = c.inBand().orElseThrow();
        // the level of one second goes on a second longer than what made it, and where the rein is not measured any
        // more
        assertThat(time.measuredS()).isCloseTo(37, within(2 / rateHz));
        assertThat(time.insideS()).isCloseTo(37 - 10 - 11, within(3 / rateHz));
    }

    @Test
    void theEdgesBelongToTheBand() {
        assertThat(of(50, 10, s -> 2, s -> 4).inBand()).contains(new BandTime(10, 10));
        assertThat(of(50, 10, s -> 1.99, s -> 4).inBand()).contains(new BandTime(0, 10));
        assertThat(of(50, 10, s -> 2, s -> 4.01).inBand()).contains(new BandTime(0, 10));
    }

    @Test
    void withoutABandNothingIsInIt() {
        StretchContact c = StretchContact.of(Reins.both(50, 20, s -> 9), Gait.HALT, Optional.empty());
        assertThat(c.inBand()).isEmpty();
        assertThat(c.softAgain()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "5, 3.2",
        "20, 3.2",
        "100, 3.2",
        "250, 3.2",
        "100, 1.2",
        "100, 9",
    })
    void softAgainIsReckonedFromOverToUnder(double rateHz, double heavyS) {
        List<SoftAgain> times =
                of(rateHz, 30, s -> lasting(s, 5, heavyS, 6), s -> 3).softAgain();
        assertThat(times).hasSize(1);
        assertThat(times.get(0).fromS()).isCloseTo(5, within(1 / rateHz));
        assertThat(times.get(0).afterS().orElseThrow()).isCloseTo(heavyS, within(2 / rateHz));
    }

    /** A single peak is no mistake, whichever rein and however high. */
    @Test
    void aPeakIsNoMistake() {
        assertThat(of(100, 30, s -> lasting(s, 5, 0.3, 12), s -> lasting(s, 15, 0.4, 12))
                        .softAgain())
                .isEmpty();
    }

    /** The left rein hands over to the right one: one mistake, until both are under. */
    @Test
    void bothReinsMustBeUnder() {
        List<SoftAgain> times =
                of(100, 30, s -> lasting(s, 5, 3, 6), s -> lasting(s, 7, 4, 6)).softAgain();
        assertThat(times).hasSize(1);
        assertThat(times.get(0).afterS().orElseThrow()).isCloseTo(6, within(0.02));
    }

    @Test
    void twoMistakesAreTwo() {
        List<SoftAgain> times = of(100, 40, s -> Math.max(lasting(s, 5, 2, 6), lasting(s, 20, 4, 6)), s -> 3)
                .softAgain();
        assertThat(times).extracting(t -> Math.round(t.afterS().orElseThrow())).containsExactly(2L, 4L);
    }

    @Test
    void oneThatIsStillHeavyAtTheEndNeverCameBack() {
        List<SoftAgain> times = of(100, 30, s -> lasting(s, 25, 9, 6), s -> 3).softAgain();
        assertThat(times).hasSize(1);
        assertThat(times.get(0).fromS()).isCloseTo(25, within(0.02));
        assertThat(times.get(0).afterS()).isEqualTo(OptionalDouble.empty());
    }

    /** Nobody knows when it came back where the rein was not measured; a short gap is passed over. */
    @ParameterizedTest
    @CsvSource({"4, 0", "0.8, 1"})
    void aGapHidesWhenItCameBack(double gapS, int times) {
        DoubleUnaryOperator heavyThenGap = s -> s >= 8 && s < 8 + gapS ? Double.NaN : lasting(s, 5, 4, 6);
        assertThat(of(100, 30, heavyThenGap, s -> 3).softAgain()).hasSize(times);
    }

    @Test
    void aSensorInOneReinTellsOfThat() {
        assertThat(of(100, 30, s -> Double.NaN, s -> lasting(s, 5, 4, 6)).softAgain())
                .hasSize(1);
    }
}
