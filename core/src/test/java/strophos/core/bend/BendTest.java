package strophos.core.bend;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Arc length over radius, worked by hand for L = 2.4 m. */
class BendTest {

    @ParameterizedTest
    @CsvSource({"20, 13.75", "15, 18.33", "12, 22.92", "10, 27.50", "8, 34.38", "6, 45.84"})
    void bendOnACircle(double diameterM, double degrees) {
        assertThat(Math.toDegrees(Bend.angleRad(2.4, diameterM))).isCloseTo(degrees, within(0.005));
    }

    @ParameterizedTest
    @CsvSource({"20, 13.75", "25, 11.00", "30, 9.17"})
    void circleForABend(double degrees, double diameterM) {
        assertThat(Bend.diameterM(2.4, Math.toRadians(degrees))).isCloseTo(diameterM, within(0.005));
    }

    @Test
    void oneIsTheInverseOfTheOther() {
        for (double d = 6; d <= 20; d += 0.5) {
            assertThat(Bend.diameterM(2.1, Bend.angleRad(2.1, d))).isCloseTo(d, within(1e-9));
        }
    }

    @Test
    void lengthFollowsFromTheHeightWithinBounds() {
        assertThat(Bend.lengthM(160)).isCloseTo(2.4, within(1e-12));
        assertThat(Bend.lengthM(60)).isPositive();
        assertThatThrownBy(() -> Bend.lengthM(59)).hasMessageContaining("[60, 220]");
        assertThatThrownBy(() -> Bend.lengthM(221)).hasMessageContaining("hands or inches");
    }

    @Test
    void smallerThanAVolteIsNoBend() {
        assertThatThrownBy(() -> Bend.angleRad(2.4, 5.99)).hasMessageContaining("steps, not bends");
        assertThatThrownBy(() -> Bend.angleRad(0, 10)).hasMessageContaining("above 0");
        assertThatThrownBy(() -> Bend.diameterM(2.4, 0)).hasMessageContaining("straight horse");
    }

    @Test
    void theCircleForBothReinsIsTheLargerOne() {
        assertThat(CircleSizes.forBothReins(OptionalInt.of(10), OptionalInt.of(15)))
                .isEqualTo(15);
        assertThat(CircleSizes.forBothReins(OptionalInt.of(12), OptionalInt.of(12)))
                .isEqualTo(12);
        assertThat(CircleSizes.forBothReins(OptionalInt.of(8), OptionalInt.of(0)))
                .as("even on none")
                .isEqualTo(20);
        assertThat(CircleSizes.forBothReins(OptionalInt.empty(), OptionalInt.of(8)))
                .as("one side not looked at")
                .isEqualTo(20);
    }

    /** Common practice, no source: a side that bends well is not tried on circles. */
    @ParameterizedTest
    @CsvSource({"10, 1, 10", "10, 4, 10", "0, 3, 0", ", 2, ", ", , ", ", 3, 15", ", 4, 12", "8, , 8"})
    void aSideThatBendsWellNeedsNoCircle(Integer even, Integer bend, Integer taken) {
        assertThat(CircleSizes.ofSide(maybe(even), maybe(bend))).isEqualTo(maybe(taken));
    }

    private static OptionalInt maybe(Integer value) {
        return value == null ? OptionalInt.empty() : OptionalInt.of(value);
    }

    @Test
    void theNextSmallerSize() {
        assertThat(CircleSizes.nextSmaller(20)).hasValue(15);
        assertThat(CircleSizes.nextSmaller(10)).hasValue(8);
        assertThat(CircleSizes.nextSmaller(8)).isEmpty();
    }
}
