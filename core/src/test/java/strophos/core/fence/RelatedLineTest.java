package strophos.core.fence;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import strophos.core.fence.RelatedLine.Count;
import strophos.core.fence.RelatedLine.Suits;

class RelatedLineTest {

    private static final double FT = 0.3048;
    private static final double FENCE_M = 0.8;
    private static final double HORSE_M = 12 * FT;

    /** Common handbook table for a horse of 12 ft: (n + 1) × 12 ft. */
    @ParameterizedTest
    @CsvSource({
        "1, 24, 7.32",
        "2, 36, 10.97",
        "3, 48, 14.63",
        "4, 60, 18.29",
        "5, 72, 21.95",
        "6, 84, 25.60",
        "7, 96, 29.26",
        "8, 108, 32.92"
    })
    void theHandbooksDistances(int strides, double feet, double metres) {
        double distance = RelatedLine.distanceM(strides, HORSE_M, FENCE_M);
        assertThat(distance / FT).isCloseTo(feet, within(1e-9));
        assertThat(distance).isCloseTo(metres, within(0.005));
        RelatedLine line = new RelatedLine(distance, FENCE_M);
        assertThat(line.nearest(HORSE_M)).isEqualTo(strides);
        assertThat(line.in(strides, HORSE_M).suits()).isEqualTo(Suits.AS_IT_IS);
    }

    /** 72 ft in six instead of five: 10.00 ft if take-off and landing keep their 12 ft, 10.29 ft if they shrink with the stride. */
    @Test
    void oneStrideMoreInTheSameLine() {
        Count six = new RelatedLine(72 * FT, FENCE_M).in(6, HORSE_M);
        assertThat(six.fixedStrideM() / FT).isCloseTo(10.00, within(0.005));
        assertThat(six.strideM() / FT).isCloseTo(10.29, within(0.005));
        assertThat(six.suits()).isEqualTo(Suits.MOVE);
        Count four = new RelatedLine(72 * FT, FENCE_M).in(4, HORSE_M);
        assertThat(four.fixedStrideM() / FT).isCloseTo(15, within(1e-9));
    }

    /** A pony of 9.5 ft in a line of 72 ft: six with the fence 1.68 m nearer, seven with it 1.22 m further away. By hand: 66.5 and 76 ft. */
    @Test
    void aPonyMeetsALineBuiltForHorses() {
        RelatedLine line = new RelatedLine(72 * FT, FENCE_M);
        double pony = 9.5 * FT;
        assertThat(line.strides(pony)).isCloseTo(6.58, within(0.005));
        Count six = line.in(6, pony);
        assertThat(six.moveOutM()).isCloseTo(-1.68, within(0.005));
        assertThat(six.suits()).isEqualTo(Suits.LONG);
        Count seven = line.in(7, pony);
        assertThat(seven.moveOutM()).isCloseTo(1.22, within(0.005));
        assertThat(seven.suits()).isEqualTo(Suits.SHORT);
    }

    /** Fences of half a metre: 8 ft of take-off and landing. */
    @Test
    void lowFencesShrinkTakeOffAndLanding() {
        assertThat(RelatedLine.distanceM(3, HORSE_M, 0.4) / FT).isCloseTo(3 * 12 + 8, within(1e-9));
        assertThat(RelatedLine.distanceM(3, HORSE_M, 0.51) / FT).isCloseTo(48, within(1e-9));
        // a bounce has no stride between: 12 ft, the longest of 9 to 12 ft
        assertThat(RelatedLine.distanceM(0, HORSE_M, FENCE_M) / FT).isCloseTo(12, within(1e-9));
    }

    /** 9 to 12 ft for a horse of 12 ft (common handbook table); nothing is put in with half a stride. */
    @Test
    void aBounceHasNoStride() {
        assertThat(RelatedLine.leastBounceM(HORSE_M) / FT).isCloseTo(9, within(1e-9));
        assertThat(RelatedLine.mostBounceM(HORSE_M) / FT).isCloseTo(12, within(1e-9));
        // a row of cavaletti lies in the middle of it, low enough for short take-offs
        Cavaletti row = Cavaletti.of(HORSE_M);
        assertThat(row.apartM() / FT).isCloseTo(10.5, within(1e-9));
        assertThat(row.heightM()).isLessThanOrEqualTo(RelatedLine.LOW_M);
        assertThat(new RelatedLine(row.apartM(), row.heightM()).isBounce(HORSE_M))
                .isTrue();
        assertThat(new RelatedLine(12 * FT, FENCE_M).isBounce(HORSE_M)).isTrue();
        assertThat(new RelatedLine(17.9 * FT, FENCE_M).isBounce(HORSE_M)).isTrue();
        assertThat(new RelatedLine(18.1 * FT, FENCE_M).isBounce(HORSE_M)).isFalse();
        // low ones need less room for take-off and landing: 14 ft is half a stride and 8 ft
        assertThat(new RelatedLine(14.1 * FT, 0.4).isBounce(HORSE_M)).isFalse();
    }

    @Test
    void movingTheFenceMakesItFit() {
        Random random = new Random(72);
        for (int i = 0; i < 3000; i++) {
            double stride = 2.5 + 1.5 * random.nextDouble();
            RelatedLine line = new RelatedLine(9 + 25 * random.nextDouble(), random.nextDouble());
            int strides = Math.max(1, line.nearest(stride));
            Count count = line.in(strides, stride);
            RelatedLine moved = new RelatedLine(line.distanceM() + count.moveOutM(), line.fenceM());
            assertThat(moved.in(strides, stride).strideM()).isCloseTo(stride, within(1e-9));
            assertThat(moved.in(strides, stride).fixedStrideM()).isCloseTo(stride, within(1e-9));
            assertThat(moved.in(strides, stride).suits()).isEqualTo(Suits.AS_IT_IS);
            assertThat(moved.strides(stride)).isCloseTo(strides, within(1e-9));
        }
    }

    /** 350 m/min over 420 m: 72 s. */
    @Test
    void theTimeAllowed() {
        assertThat(Course.allowedSeconds(420, 350)).isCloseTo(72, within(1e-9));
        // by hand: 29.26 m of a turn is seven strides of 12 ft, with take-off and landing
        assertThat(Course.strides(29.26, HORSE_M)).isCloseTo(7, within(0.001));
        assertThat(Course.strides(2, HORSE_M)).isZero();
        assertThatThrownBy(() -> Course.strides(0, HORSE_M)).hasMessageContaining("more than 0 m");
        assertThatThrownBy(() -> Course.allowedSeconds(420, 35)).hasMessageContaining("200 to 700");
    }

    @Test
    void whatIsNoLine() {
        assertThatThrownBy(() -> new RelatedLine(1, FENCE_M)).hasMessageContaining("2 to 60 m apart");
        assertThatThrownBy(() -> new RelatedLine(20, 3)).hasMessageContaining("up to 2 m");
        assertThatThrownBy(() -> new RelatedLine(20, 1).in(0, 3)).hasMessageContaining("1 stride or more");
        assertThatThrownBy(() -> RelatedLine.distanceM(-1, 3, 1)).hasMessageContaining("0 strides or more");
    }
}
