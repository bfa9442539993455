package strophos.core.arena;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** From gate to gate by turns of one radius. */
class OverTest {

    private static final Arena FIELD = Arena.rectangle(100, 200);

    private static Pose at(double x, double y, double headingDeg) {
        return new Pose(new Point(x, y), Math.toRadians(headingDeg));
    }

    /** By hand: a quarter turn in all on 2 m, and √68 m straight between the middles of its two arcs. */
    @Test
    void aQuarterTurnInTwoParts() {
        Figure way = Figures.over(FIELD, List.of(at(50, 50, 0), at(54, 60, 90)), 2, 0);
        assertThat(way.lengthM()).isCloseTo(Math.PI + Math.sqrt(68), within(1e-9));
        assertThat(way.turningRad()).isCloseTo(Math.PI / 2, within(1e-9));
    }

    /** By hand: a half circle of 10 m, with 3 m straight before it and after it. */
    @Test
    void backTheOtherWay() {
        Figure way = Figures.over(FIELD, List.of(at(50, 50, 90), at(40, 50, 270)), 5, 3);
        assertThat(way.lengthM()).isCloseTo(5 * Math.PI + 2 * 3, within(1e-9));
        assertThat(way.bentM(true)).isCloseTo(5 * Math.PI, within(1e-9));
    }

    /** By hand: over a fence, and in an S to one 10 m aside: two arcs of 60° on 10 m, since their middles lie 20 m apart. */
    @Test
    void anSOfTwoArcs() {
        Figure way = Figures.over(FIELD, List.of(at(50, 50, 90), at(40, 50 + 10 * Math.sqrt(3), 90)), 10, 0);
        assertThat(way.lengthM()).isCloseTo(2 * 10 * Math.PI / 3, within(1e-6));
        assertThat(way.turningRad()).isCloseTo(0, within(1e-9));
        assertThat(way.changesOfBend()).isEqualTo(1);
    }

    @Test
    void whatStandsInALineIsRiddenStraight() {
        Figure way = Figures.over(FIELD, List.of(at(15, 4, 90), at(15, 11.32, 90), at(15, 22.29, 90)), 5, 3.66);
        assertThat(way.lengthM()).isCloseTo(18.29, within(1e-9));
        assertThat(way.smallestRadiusM()).isInfinite();
    }

    /** By hand: to the left and to the right it is equally far, and to the left there is the fence. */
    @Test
    void theShortestThatStaysInside() {
        Arena small = Arena.rectangle(20, 40);
        Figure way = Figures.over(small, List.of(at(1, 20, 90), at(1, 30, 270)), 4, 3);
        assertThat(way.bentM(false)).isCloseTo(4 * Math.acos(0.6), within(1e-9));
        assertThat(way.bentM(true)).isCloseTo(4 * (Math.PI + Math.acos(0.6)), within(1e-9));
        assertThat(way.lengthM()).isCloseTo(6 + way.bentM(false) + way.bentM(true) + 2 * 3, within(1e-9));
        assertThatThrownBy(() -> Figures.over(small, List.of(at(10, 38, 90), at(10, 20, 90)), 4, 3))
                .isInstanceOf(FigureLeavesArena.class);
    }

    @Test
    void anyTwoGatesAreJoined() {
        Random random = new Random(20);
        Arena wide = Arena.rectangle(200, 500);
        for (int i = 0; i < 4000; i++) {
            double r = 3 + 9 * random.nextDouble();
            double straight = 4 * random.nextDouble();
            Pose from = at(80 + 40 * random.nextDouble(), 200 + 100 * random.nextDouble(), 360 * random.nextDouble());
            Pose to = at(80 + 40 * random.nextDouble(), 200 + 100 * random.nextDouble(), 360 * random.nextDouble());
            Figure way = Figures.over(wide, List.of(from, to), r, straight);
            assertThat(way.at(0).at().distanceM(from.at())).isCloseTo(0, within(1e-6));
            Pose end = way.at(way.lengthM());
            assertThat(end.at().distanceM(to.at())).isCloseTo(0, within(1e-6));
            assertThat(Math.IEEEremainder(end.headingRad() - to.headingRad(), 2 * Math.PI))
                    .isCloseTo(0, within(1e-6));
            assertThat(Math.IEEEremainder(way.turningRad() - (to.headingRad() - from.headingRad()), 2 * Math.PI))
                    .as("its bend adds up to its turning")
                    .isCloseTo(0, within(1e-6));
            assertThat(way.lengthM()).isGreaterThanOrEqualTo(from.at().distanceM(to.at()) - 1e-9);
            // ridden the other way it is as long
            Figure back = Figures.over(
                    wide,
                    List.of(
                            new Pose(to.at(), to.headingRad() + Math.PI),
                            new Pose(from.at(), from.headingRad() + Math.PI)),
                    r,
                    straight);
            assertThat(back.lengthM()).isCloseTo(way.lengthM(), within(1e-6));
        }
    }

    @Test
    void oneGateIsNoWay() {
        assertThatThrownBy(() -> Figures.over(FIELD, List.of(at(50, 50, 0)), 5, 3))
                .hasMessageContaining("2 gates or more");
    }
}
