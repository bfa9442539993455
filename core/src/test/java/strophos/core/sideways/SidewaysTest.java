package strophos.core.sideways;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import strophos.core.arena.Arena;

class SidewaysTest {

    /** 10 m and 9 m circles; worked by hand from the triangle of the two radii and the horse. */
    @ParameterizedTest
    @CsvSource({"1.2, 24.16", "1.3, 22.23"})
    void quartersIn(double foreToHindM, double degrees) {
        assertThat(Math.toDegrees(QuartersIn.angleRad(5, 4.5, foreToHindM))).isCloseTo(degrees, within(0.005));
    }

    /** The law of cosines says the same another way round, for thousands of horses and circles; and the inverse undoes it. */
    @Test
    void quartersInAgreeWithTheTriangleAndTheirInverse() {
        Random random = new Random(3);
        for (int i = 0; i < 5000; i++) {
            double w = 0.6 + random.nextDouble();
            double fore = w + 12 * random.nextDouble();
            double angle = random.nextDouble() * (Math.PI / 2 - Math.asin(w / (2 * fore)));
            double hind = QuartersIn.hindRadiusM(fore, angle, w);
            // the hind feet seen from the middle of the circle: fore feet on x, tangent y; the horse points along it,
            // turned in
            double back = angle + Math.asin(w / (2 * fore));
            double x = fore - w * Math.sin(back);
            double y = -w * Math.cos(back);
            assertThat(Math.hypot(x, y)).isCloseTo(hind, within(1e-9));
            if (hind <= fore) {
                assertThat(QuartersIn.angleRad(fore, hind, w)).isCloseTo(angle, within(1e-6));
            }
        }
    }

    @Test
    void noHorseReachesSoFarIn() {
        assertThatThrownBy(() -> QuartersIn.angleRad(5, 3.5, 1.2)).hasMessageContaining("do not reach");
        assertThatThrownBy(() -> QuartersIn.angleRad(5, 5.5, 1.2)).hasMessageContaining("smaller one");
        assertThatThrownBy(() -> QuartersIn.hindRadiusM(5, Math.toRadians(89), 1.2))
                .hasMessageContaining("more than");
        assertThatThrownBy(() -> QuartersIn.hindRadiusM(5, -0.1, 1.2)).hasMessageContaining("from 0");
        assertThat(QuartersIn.angleRad(5, 5, 1.2)).isCloseTo(0, within(1e-12));
    }

    /** tan α = s / f: 80/20, 75/25, 70/30. */
    @ParameterizedTest
    @CsvSource({"0.20, 14.04", "0.25, 18.43", "0.30, 23.20"})
    void sharesAndTheirAngle(double side, double degrees) {
        assertThat(Math.toDegrees(Yield.angleRad(side))).isCloseTo(degrees, within(0.005));
    }

    /** In the arena of 20 × 60 m; worked by hand from the letters' places. */
    @ParameterizedTest
    @CsvSource({"S, 21.7, 37.36", "E, 29.4, 26.00", "V, 45.5, 15.62"})
    void fromLetterToLetter(String to, double sidePct, double lengthM) {
        Yield yield = Yield.between(Arena.STANDARD, "D", to);
        assertThat(100 * yield.sideShare()).isCloseTo(sidePct, within(0.05));
        assertThat(yield.lengthM()).isCloseTo(lengthM, within(0.005));
        assertThat(Math.tan(yield.angleRad())).isCloseTo(yield.sideShare() / (1 - yield.sideShare()), within(1e-9));
    }

    @Test
    void allEndsInTheWantedRangeTheFlattestFirst() {
        assertThat(Yield.ends(Arena.STANDARD, "D", Yield.LEAST_SIDE_SHARE, Yield.MOST_SIDE_SHARE))
                .extracting(Yield::to)
                .containsExactly("R", "S", "B", "E");
        assertThat(Yield.ends(Arena.SMALL, "D", 0.2, 0.3)).extracting(Yield::to).containsExactly("H", "M");
        assertThatThrownBy(() -> Yield.ends(Arena.SMALL, "D", 0.4, 0.3)).hasMessageContaining("no more than");
        assertThatThrownBy(() -> Yield.between(Arena.SMALL, "D", "D")).hasMessageContaining("no way to go");
        assertThatThrownBy(() -> Yield.angleRad(1.1)).hasMessageContaining("[0, 1]");
    }
}
