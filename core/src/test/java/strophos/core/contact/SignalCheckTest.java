package strophos.core.contact;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import strophos.core.exchange.Side;

class SignalCheckTest {

    private static final StandInSensor.Script WELL = StandInSensor.Script.of(100, Reins.trot(300));

    private static <T extends SignalFault> T only(ReinSeries series, Class<T> kind) {
        List<SignalFault> faults = SignalCheck.of(series);
        assertThat(faults).first().isInstanceOf(kind);
        return kind.cast(faults.get(0));
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void nothingIsWrongWithAGoodSignal(long seed) {
        assertThat(SignalCheck.of(StandInSensor.measure(WELL, seed))).isEmpty();
    }

    @Test
    void gapsAreToldFromOneInAHundredOrTwoSecondsOn() {
        SignalFault.Gaps gaps = only(
                StandInSensor.measure(WELL.losing(new StandInSensor.Hole(10, 12), new StandInSensor.Hole(50, 51)), 1),
                SignalFault.Gaps.class);
        assertThat(gaps.gaps()).isEqualTo(2);
        assertThat(gaps.longestS()).isCloseTo(2, within(0.011));
        assertThat(gaps.share()).isCloseTo(0.01, within(0.0002));
        assertThat(SignalCheck.of(StandInSensor.measure(WELL.losing(new StandInSensor.Hole(10, 11.9)), 1)))
                .isEmpty();
    }

    @Test
    void aCeilingIsToldWithWhereItLies() {
        SignalFault.Ceiling ceiling =
                only(StandInSensor.measure(WELL.reachingAtMost(2.8), 1), SignalFault.Ceiling.class);
        assertThat(ceiling.atKg()).isEqualTo(2.8);
        assertThat(ceiling.share()).isBetween(0.05, 0.5);
    }

    /** Trot, and every half minute a rest on a long rein. */
    private static StandInSensor.Script resting(double trotGrowsKgS) {
        StandInSensor.Stretch[] stretches = new StandInSensor.Stretch[20];
        for (int i = 0; i < stretches.length; i++) {
            stretches[i] = i % 2 == 0
                    ? new StandInSensor.Stretch(25, 158, 0.03, 3, 3.5, 1.5, trotGrowsKgS)
                    : new StandInSensor.Stretch(5, 60, 0, 0, 0, 0, 0);
        }
        return StandInSensor.Script.of(100, stretches);
    }

    /** A hand that gets heavy is no wandering zero, whether the rein is given in between or never. */
    @Test
    void gettingHeavyIsNoDrift() {
        StandInSensor.Stretch heavier = new StandInSensor.Stretch(300, 158, 0.03, 2, 2, 1.5, 0.02);
        assertThat(SignalCheck.of(StandInSensor.measure(StandInSensor.Script.of(100, heavier), 1)))
                .isEmpty();
        assertThat(SignalCheck.of(StandInSensor.measure(resting(0.1), 1))).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(doubles = {0.1, -0.1, 0.15})
    void aWanderingZeroIsTold(double kgAMinute) {
        ReinSeries series = StandInSensor.measure(resting(0).drifting(kgAMinute), 1);
        SignalFault.Drift drift = only(series, SignalFault.Drift.class);
        assertThat(drift.kgAMinute()).isCloseTo(kgAMinute, within(0.03));
    }

    @Test
    void aZeroThatIsOffIsTold() {
        assertThat(SignalCheck.of(Reins.both(50, 60, s -> s % 3 < 1 ? -0.16 : 2 + s % 1)))
                .contains(new SignalFault.BelowZero(Side.LEFT, -0.16), new SignalFault.BelowZero(Side.RIGHT, -0.16));
        assertThat(SignalCheck.of(Reins.both(50, 60, s -> s % 3 < 1 ? -0.15 : 2 + s % 1)))
                .isEmpty();
    }

    @Test
    void aReinThatSaysNothingIsTold() {
        assertThat(SignalCheck.of(Reins.of(50, 60, s -> 2 + s % 1, s -> 0.01)))
                .containsExactly(new SignalFault.Silent(Side.RIGHT));
        assertThat(SignalCheck.of(Reins.of(50, 60, s -> 2 + s % 1, s -> Double.NaN)))
                .containsExactly(new SignalFault.Gaps(Side.RIGHT, 1, 60, 1));
    }

    /** A quarter of a sample's distance: at 50 Hz, 5 ms. */
    @Test
    void samplesThatCameUnevenlyAreTold() {
        ReinSeries series = StandInSensor.measure(StandInSensor.Script.of(50, Reins.trot(60)), 1);
        assertThat(SignalCheck.of(series, 5)).containsExactly(new SignalFault.Jitter(5));
        assertThat(SignalCheck.of(series, 4.9)).isEmpty();
    }

    /** Somebody pulls one rein while the horse stands: the channel that answers is that rein, so swapped ones are found. */
    @ParameterizedTest
    @EnumSource(
            value = Side.class,
            names = {"LEFT", "RIGHT"})
    void aPullTellsWhichReinIsWhich(Side pulled) {
        StandInSensor.Script standing =
                StandInSensor.Script.of(50, new StandInSensor.Stretch(6, 60, 0, 0.3, 0.3, 0.1, 0));
        ReinSeries pull = StandInSensor.measure(standing.with(new StandInSensor.Pull(3, pulled, 2, 1)), 4);
        assertThat(PulledRein.of(pull)).hasToString(pulled.name());
    }

    @Test
    void aWeakPullOrBothReinsTellNothing() {
        assertThat(PulledRein.of(Reins.of(50, 6, s -> s > 5 ? 1.2 : 0.3, s -> 0.3)))
                .isEqualTo(PulledRein.UNCLEAR);
        assertThat(PulledRein.of(Reins.of(50, 6, s -> s > 5 ? 2.3 : 0.3, s -> s > 5 ? 1.4 : 0.3)))
                .isEqualTo(PulledRein.UNCLEAR);
        assertThat(PulledRein.of(Reins.both(50, 6, s -> Double.NaN))).isEqualTo(PulledRein.UNCLEAR);
        assertThat(PulledRein.of(Reins.of(50, 6, s -> s > 5 ? 1.3 : 0.3, s -> 0.3)))
                .isEqualTo(PulledRein.LEFT);
    }
}
