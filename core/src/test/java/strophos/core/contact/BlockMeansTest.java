package strophos.core.contact;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import org.hipparchus.stat.inference.TTest;
import org.junit.jupiter.api.Test;
import strophos.core.exchange.Side;
import strophos.core.stats.Mean;

class BlockMeansTest {

    /** Blocks of 5 s stand at these values; a general library's Welch test of them says the same. */
    @Test
    void isWelchsIntervalOfTheBlocks() {
        double[] before = {3, 3.4, 2.8, 3.1, 3.3};
        double[] after = {3.6, 4.1, 3.5, 3.9};
        BlockMeans means = between(blocks(before), blocks(after), 0.01).orElseThrow();
        assertThat(means.differenceKg()).isCloseTo(3.775 - 3.12, within(1e-9));
        assertThat(means.earlier()).isEqualTo(5);
        assertThat(means.later()).isEqualTo(4);
        // at the end of a 95 % interval the test of that difference is at 5 %
        double[] moved = after.clone();
        for (int i = 0; i < moved.length; i++) {
            moved[i] -= means.interval().low();
        }
        assertThat(new TTest().tTest(before, moved)).isCloseTo(0.05, within(1e-3));
    }

    private static Optional<BlockMeans> between(ReinSeries earlier, ReinSeries later, double strideS) {
        return BlockMeans.between(of(earlier, strideS), of(later, strideS));
    }

    private static double[] of(ReinSeries series, double strideS) {
        return BlockMeans.blocks(Level.of(series, Side.LEFT, strideS), series.rateHz());
    }

    /** Student's interval of one stretch, against a general library's test: at its end the mean differs at 5 %. */
    @Test
    void oneStretchHasStudentsInterval() {
        double[] blocks = {3, 3.4, 2.8, 3.1, 3.3};
        Mean mean = BlockMeans.mean(blocks).orElseThrow();
        assertThat(mean.value()).isCloseTo(3.12, within(1e-9));
        assertThat(new TTest().tTest(mean.interval().low(), blocks)).isCloseTo(0.05, within(1e-6));
        assertThat(new TTest().tTest(mean.interval().high(), blocks)).isCloseTo(0.05, within(1e-6));
        assertThat(BlockMeans.mean(new double[] {3, 3.4, 2.8})).isEmpty();
    }

    @Test
    void mostlyIsTheMedianOfTheBlocks() {
        assertThat(BlockMeans.mostly(new double[] {9, 3, 3.2, 2}).getAsDouble()).isCloseTo(3.1, within(1e-9));
        assertThat(BlockMeans.mostly(new double[] {9, 3, 3.2, 2, 4}).getAsDouble())
                .isEqualTo(3.2);
        assertThat(BlockMeans.mostly(new double[] {9, 3, 3.2})).isEmpty();
    }

    /** Each block at one reading; a level of one sample is the reading itself. */
    private static ReinSeries blocks(double[] kg) {
        return Reins.both(50, kg.length * BlockMeans.BLOCK_S, s -> kg[(int) (s / BlockMeans.BLOCK_S)]);
    }

    @Test
    void fewerThanFourBlocksSayNothing() {
        assertThat(between(blocks(new double[] {3, 3.1, 3.2}), blocks(new double[] {4, 4.1, 4, 4.2}), 1))
                .isEmpty();
        assertThat(between(Reins.both(50, 60, s -> 3), Reins.both(50, 60, s -> 3), 1))
                .as("all the same: no spread to reckon with")
                .isEmpty();
    }

    @Test
    void aBlockThatWasHardlyMeasuredIsLeftOut() {
        ReinSeries torn = Reins.both(50, 25, s -> s < 3 ? Double.NaN : 3 + 0.1 * Math.floor(s / 5));
        assertThat(between(torn, torn, 0.01).orElseThrow().earlier()).isEqualTo(4);
    }

    /** Two stretches of the same hand: their interval leaves out nothing in about 5 of 100, as it says. */
    @Test
    void theIntervalHoldsWhatItPromises() {
        int wrong = 0;
        for (long seed = 0; seed < 200; seed++) {
            StandInSensor.Script script =
                    StandInSensor.Script.of(50, Reins.trot(60)).noisy(0.2);
            BlockMeans means = between(
                            StandInSensor.measure(script, seed), StandInSensor.measure(script, seed + 1000), 1)
                    .orElseThrow();
            wrong += means.interval().low() > 0 || means.interval().high() < 0 ? 1 : 0;
        }
        assertThat(wrong).isBetween(1, 20);
    }
}
