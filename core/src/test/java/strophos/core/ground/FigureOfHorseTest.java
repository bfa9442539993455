package strophos.core.ground;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import strophos.core.arena.Arena;
import strophos.core.arena.Figures;
import strophos.core.exchange.Rein;
import strophos.core.exchange.Side;
import strophos.core.ground.FigureOfHorse.Reason;
import strophos.core.ground.FigureOfHorse.TooTight;
import strophos.core.stride.Pace;
import strophos.core.stride.Stride;

class FigureOfHorseTest {

    private static final HorseOnGround SKERRY = HorseOnGround.ofHeight(160);

    /** θ = L / R with L = 2.4 m: worked by hand. */
    @ParameterizedTest
    @CsvSource({"20, 13.75", "15, 18.33", "12, 22.92", "10, 27.50", "8, 34.38", "6, 45.84"})
    void theBendOnACircle(double diameterM, double degrees) {
        FigureOfHorse circle = new FigureOfHorse(Figures.circle(Arena.SMALL, "A", diameterM, Rein.RIGHT), SKERRY);
        assertThat(Math.toDegrees(circle.mostBendRad())).isCloseTo(degrees, within(0.005));
        assertThat(circle.bends().get(0).bendRad()).isNegative();
    }

    /** Trot on a 20 m circle at 3.61 m/s: 17.4 s a lap, 46 steps; by hand. */
    @Test
    void timeAndSteps() {
        FigureOfHorse circle = new FigureOfHorse(Figures.circle(Arena.SMALL, "A", 20, Rein.LEFT), SKERRY);
        Stride trot = Pace.TROT.usual(1.65);
        assertThat(circle.seconds(trot)).isCloseTo(17.4, within(0.05));
        assertThat(circle.steps(Pace.TROT, trot)).isCloseTo(46, within(0.5));
        // three strides fewer on the same circle
        assertThat(circle.longerByM(trot, 3)).isCloseTo(62.832 / (62.832 / 2.73 - 3) - 2.73, within(1e-4));
        assertThat(circle.longerByM(trot, -3)).isNegative();
        assertThatThrownBy(() -> circle.longerByM(trot, 24)).hasMessageContaining("more than");
    }

    /** Once round: the outside legs go 2π times their distance further. */
    @Test
    void theOutsideLegsGoFurther() {
        FigureOfHorse left = new FigureOfHorse(Figures.circle(Arena.SMALL, "A", 20, Rein.LEFT), SKERRY);
        assertThat(left.rightLegsMoreM()).isCloseTo(2 * Math.PI * 0.304, within(1e-9));
        FigureOfHorse eight = new FigureOfHorse(Figures.figureEight(Arena.SMALL, "X", 10, Rein.LEFT), SKERRY);
        assertThat(eight.rightLegsMoreM()).isCloseTo(0, within(1e-9));
    }

    @Test
    void tighterThanThisHorseMayGo() {
        HorseOnGround stiff = new HorseOnGround(1.6, 2.4, OptionalInt.of(15), OptionalInt.of(20));
        assertThat(new FigureOfHorse(Figures.circle(Arena.SMALL, "B", 15, Rein.LEFT), stiff).tooTight())
                .isEmpty();
        TooTight right = new FigureOfHorse(Figures.circle(Arena.SMALL, "B", 15, Rein.RIGHT), stiff)
                .tooTight()
                .orElseThrow();
        assertThat(right.side()).isEqualTo(Side.RIGHT);
        assertThat(right.leastM()).isEqualTo(20);
        assertThat(right.reason()).isEqualTo(Reason.EVEN);
        assertThat(right.where().distanceM(Arena.SMALL.place("B"))).isCloseTo(0, within(1e-9));
        // a corner is no circle, a pivot is no bend
        assertThat(new FigureOfHorse(Figures.track(Arena.SMALL, 3), stiff).tooTight())
                .isEmpty();
        assertThat(new FigureOfHorse(Figures.twoCones(Arena.SMALL, "X", Rein.LEFT), stiff).tooTight())
                .isEmpty();
        TooTight volte = new FigureOfHorse(Figures.circle(Arena.SMALL, "B", 5, Rein.RIGHT), SKERRY)
                .tooTight()
                .orElseThrow();
        assertThat(volte.reason()).isEqualTo(Reason.VOLTE);
        assertThat(volte.leastM()).isEqualTo(6);
        assertThat(new FigureOfHorse(Figures.track(Arena.SMALL, 2.5), SKERRY).tooTight())
                .isPresent();
    }
}
