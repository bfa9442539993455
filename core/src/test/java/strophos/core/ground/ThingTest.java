package strophos.core.ground;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import strophos.core.arena.Arena;
import strophos.core.arena.FigureForm;
import strophos.core.arena.FigureWish;
import strophos.core.arena.Point;
import strophos.core.arena.Pose;
import strophos.core.arena.Shape;
import strophos.core.exchange.Rein;
import strophos.core.poles.Fan;
import strophos.core.poles.RowOfHorse;
import strophos.core.stride.PoleSpacing;

class ThingTest {

    private static final double UP = Math.PI / 2;

    /** Four trot poles up the quarter line; by hand. */
    @Test
    void aRowLiesSquareToItsWay() {
        Thing row = new Thing.OfPoles(new Pose(new Point(5, 10), UP), 4, 1.3, 3, false);
        List<Spot> spots = row.spots(Arena.SMALL);
        assertThat(spots).hasSize(8);
        assertThat(spots.get(0).kind()).isEqualTo(SpotKind.POLE_LEFT);
        assertThat(spots.get(0).at().distanceM(new Point(3.5, 10))).isCloseTo(0, within(1e-9));
        assertThat(spots.get(7).number()).isEqualTo(4);
        assertThat(spots.get(7).at().distanceM(new Point(6.5, 13.9))).isCloseTo(0, within(1e-9));
        assertThat(row.outside(Arena.SMALL)).isEmpty();
        assertThat(new Thing.OfPoles(new Pose(new Point(1, 10), UP), 1, 1.3, 3, false).outside(Arena.SMALL))
                .hasValueSatisfying(s -> assertThat(s.kind()).isEqualTo(SpotKind.POLE_LEFT));
        assertThatThrownBy(() -> new Thing.OfPoles(new Pose(new Point(5, 10), UP), 13, 1.3, 3, false))
                .hasMessageContaining("1 to 12 poles");
    }

    /** From middle to middle a fan's poles lie as far apart as its chord. */
    @Test
    void aFanPointsToItsMiddle() {
        Fan fan = Fan.forStep(4, 1.30, 6, 3);
        Thing thing = new Thing.OfFan(new Pose(new Point(10, 5), UP), fan);
        assertThat(thing.spots(Arena.SMALL)).hasSize(9);
        List<Point> middles =
                thing.bars().stream().map(b -> b.from().between(b.to(), 0.5)).toList();
        assertThat(middles)
                .allSatisfy(m -> assertThat(m.distanceM(new Point(10, 5))).isCloseTo(6, within(1e-9)));
        assertThat(middles.get(0).distanceM(middles.get(1))).isCloseTo(fan.tapeM(6), within(1e-9));
        // where it points to lies behind the fence: nothing to set out there
        assertThat(new Thing.OfFan(new Pose(new Point(10, -1), UP), fan).spots(Arena.SMALL))
                .hasSize(8);
    }

    @Test
    void fencesStandAtTheirDistances() {
        Thing fences = new Thing.OfFences(new Pose(new Point(15, 4), UP), List.of(7.32, 10.97), 0.6, 3);
        assertThat(fences.bars()).hasSize(3);
        assertThat(fences.spots(Arena.SMALL).get(5).at().distanceM(new Point(16.5, 4 + 7.32 + 10.97)))
                .isCloseTo(0, within(1e-9));
        assertThatThrownBy(() -> new Thing.OfFences(new Pose(new Point(5, 4), UP), List.of(1.0), 0.6, 3))
                .hasMessageContaining("2 to 60 m apart");
    }

    @Test
    void aFigureShowsItsMiddlesAndWhereTheBendChanges() {
        Thing eight = new Thing.OfFigure(FigureWish.usual(FigureForm.FIGURE_EIGHT, Rein.LEFT));
        assertThat(eight.spots(Arena.SMALL))
                .extracting(Spot::kind)
                .containsExactly(SpotKind.MIDDLE, SpotKind.MIDDLE, SpotKind.CHANGE);
        assertThat(eight.spots(Arena.SMALL).get(2).at().distanceM(new Point(10, 20)))
                .isCloseTo(0, within(1e-9));
        assertThat(eight.bars()).isEmpty();
        assertThat(new Thing.OfCone(new Point(3, 50)).outside(Arena.SMALL)).isPresent();
    }

    /** Forehand on 10 m, quarters on 9 m about the same middle. */
    @Test
    void quartersInGoOnTwoCircles() {
        Thing.OfQuarters in = new Thing.OfQuarters(FigureWish.usual(FigureForm.CIRCLE, Rein.RIGHT), 18);
        assertThat(in.hind(Arena.SMALL).lengthM()).isCloseTo(Math.PI * 18, within(1e-9));
        assertThat(in.spots(Arena.SMALL))
                .singleElement()
                .satisfies(s -> assertThat(s.at().distanceM(new Point(10, 10))).isCloseTo(0, within(1e-9)));
        assertThat(new Thing.OfYield("D", "S").spots(Arena.STANDARD)).isEmpty();
    }

    @Test
    void whatCanHurtSaysSoFirst() {
        Pose up = new Pose(new Point(15, 4), UP);
        assertThat(new Thing.OfFences(up, List.of(), 0.6, 3).cautions(Arena.SMALL))
                .containsExactly(Caution.FENCES);
        assertThat(new Thing.OfPoles(up, 4, 1.3, 3, true).cautions(Arena.SMALL)).containsExactly(Caution.POLES);
        Arena hill = new Arena(Shape.RECTANGLE, 30, 60, -4, java.util.Map.of());
        assertThat(new Thing.OfFigure(FigureWish.usual(FigureForm.CIRCLE, Rein.LEFT)).cautions(hill))
                .containsExactly(Caution.SLOPE);
        assertThat(new Thing.OfFigure(FigureWish.usual(FigureForm.TWO_CONES, Rein.LEFT)).cautions(Arena.SMALL))
                .containsExactly(Caution.WALK_ONLY, Caution.CONES);
        assertThat(new Thing.OfFigure(FigureWish.usual(FigureForm.TRACK, Rein.LEFT)).cautions(Arena.SMALL))
                .isEmpty();
    }

    /** A horse's own step of 1.30 m: it makes up for 4 in a hundred; raised and uphill poles lie closer. */
    @Test
    void howARowSuits() {
        PoleSpacing own = new PoleSpacing(1.3, 1.3);
        assertThat(RowOfHorse.of(1.34, own, false, 0).wideM()).isZero();
        assertThat(RowOfHorse.of(1.40, own, false, 0).wideM()).isCloseTo(0.10, within(1e-9));
        assertThat(RowOfHorse.of(1.20, own, false, 0).wideM()).isCloseTo(-0.10, within(1e-9));
        assertThat(RowOfHorse.of(1.30, own, true, 3).own().fromM()).isCloseTo(1.3 * 0.95 * 0.97, within(1e-9));
        assertThat(RowOfHorse.of(1.30, own, false, -3).own().fromM()).isEqualTo(1.3);
        assertThat(RowOfHorse.of(1.25, new PoleSpacing(1.2, 1.4), false, 1).wideM())
                .isZero();
    }

    /** By hand: two fences of a line of 18.29 m up the left, back over one in the middle of the right. */
    @Test
    void aCourseGoesOverFencesThatStand() {
        Thing.OfFences line = new Thing.OfFences(new Pose(new Point(5, 12), UP), List.of(18.29), 0.8, 3);
        assertThat(line.gates(false)).extracting(g -> g.at().yM()).containsExactly(12.0, 30.29);
        assertThat(line.gates(true)).extracting(g -> g.at().yM()).containsExactly(30.29, 12.0);
        Thing.OfFences single = new Thing.OfFences(new Pose(new Point(15, 30), -UP), List.of(), 0.8, 3);
        List<Pose> gates = List.of(
                line.gates(false).get(0),
                line.gates(false).get(1),
                single.gates(false).get(0));
        Thing.OfCourse course = new Thing.OfCourse(gates, 5);
        Arena arena = Arena.STANDARD;
        assertThat(course.legs(arena)).hasSize(2);
        assertThat(course.legs(arena).get(0).lengthM()).isCloseTo(18.29, within(1e-9));
        assertThat(course.line(arena).lengthM())
                .isCloseTo(
                        course.legs(arena).stream()
                                .mapToDouble(leg -> leg.lengthM())
                                .sum(),
                        within(1e-9));
        // half a circle of 10 m between the two sides, and a stride straight at each end, 0.29 m of it to make up
        assertThat(course.legs(arena).get(1).lengthM()).isCloseTo(5 * Math.PI + 2 * 3.66 + 0.29, within(1e-6));
        assertThatThrownBy(() -> new Thing.OfCourse(gates.subList(0, 1), 5)).hasMessageContaining("2 to 20 fences");
        assertThatThrownBy(() -> new Thing.OfCourse(gates, 2)).hasMessageContaining("turns of 3 to 30 m");
    }
}
