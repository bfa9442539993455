package strophos.core.ground;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import strophos.core.arena.Arena;
import strophos.core.arena.FigureForm;
import strophos.core.arena.FigureWish;
import strophos.core.arena.Point;
import strophos.core.arena.Pose;
import strophos.core.exchange.Rein;
import strophos.core.ground.MergedGround.Need;
import strophos.core.ground.MergedGround.Placed;
import strophos.core.ground.MergedGround.Span;
import strophos.core.poles.Fan;

class MergedGroundTest {

    private static final double UP = Math.PI / 2;
    private static final Arena SMALL = Arena.SMALL;

    private static Thing row(double x, double y) {
        return new Thing.OfPoles(new Pose(new Point(x, y), UP), 4, 1.3, 3, false);
    }

    private static Thing circle(String at) {
        return new Thing.OfFigure(new FigureWish(FigureForm.CIRCLE, Rein.LEFT, at, 20, 0, 0, 0));
    }

    private static Need need(String id, Thing thing, int fromMin, int toMin) {
        return new Need(id, thing, List.of(new Span(60 * fromMin, 60 * toMin)));
    }

    /** By hand: the circle of 20 m at A passes x = 15 at y = 10 ± 8.66; a pole there from 13.5 to 16.5 lies on it. */
    @ParameterizedTest
    @CsvSource({"18.7, true", "17, true", "22, false"})
    void aCircleAndPoles(double y, boolean isInTheWay) {
        Thing pole = new Thing.OfPoles(new Pose(new Point(15, y), UP), 1, 1.3, 3, false);
        assertThat(InTheWay.of(circle("A"), SMALL).isOf(InTheWay.of(pole, SMALL)))
                .isEqualTo(isInTheWay);
    }

    /** Two lines cross each other every day. */
    @Test
    void linesMayCross() {
        assertThat(InTheWay.of(circle("A"), SMALL).isOf(InTheWay.of(circle("X"), SMALL)))
                .isFalse();
        Thing yield = new Thing.OfYield("D", "H");
        assertThat(InTheWay.of(yield, SMALL).isOf(InTheWay.of(circle("A"), SMALL)))
                .isFalse();
        assertThat(InTheWay.of(yield, SMALL).isOf(InTheWay.of(new Thing.OfCone(new Point(5, 20)), SMALL)))
                .isTrue();
    }

    /** The run to a fence belongs to it: eleven metres, as far as the arena goes. */
    @Test
    void theRunToAFenceIsKeptClear() {
        InTheWay fence = InTheWay.of(new Thing.OfFences(new Pose(new Point(5, 20), UP), List.of(), 0.6, 3), SMALL);
        assertThat(fence.isOf(InTheWay.of(new Thing.OfCone(new Point(5, 9.5)), SMALL)))
                .isTrue();
        assertThat(fence.isOf(InTheWay.of(new Thing.OfCone(new Point(5, 7.9)), SMALL)))
                .isFalse();
        assertThat(fence.isOf(InTheWay.of(new Thing.OfCone(new Point(7, 12)), SMALL)))
                .isFalse();
    }

    @Test
    void wherePolesWouldLieOnACircleTheyGoAside() {
        MergedGround merged =
                MergedGround.of(SMALL, List.of(need("circle", circle("A"), 0, 30), need("poles", row(15, 16), 0, 30)));
        assertThat(merged.noRoom()).isEmpty();
        assertThat(merged.placed()).extracting(Placed::id).containsExactly("circle", "poles");
        Placed poles = merged.placed().get(1);
        assertThat(poles.laidS()).isEmpty();
        assertThat(poles.awayS()).isEmpty();
        assertThat(poles.thing()).isNotEqualTo(row(15, 16));
        assertThat(InTheWay.of(poles.thing(), SMALL).isOf(InTheWay.of(circle("A"), SMALL)))
                .isFalse();
    }

    /** A round pen of 12 m has no room beside the circle along its fence: the poles are laid when the circle is done. */
    @Test
    void whereThereIsNoRoomItIsSaidWhatMoves() {
        Arena pen = Arena.roundPen(12);
        Thing around = new Thing.OfFigure(new FigureWish(FigureForm.CIRCLE, Rein.LEFT, "A", 12, 0, 0, 0));
        Thing inside = new Thing.OfFigure(new FigureWish(FigureForm.CIRCLE, Rein.LEFT, "A", 6, 0, 0, 0));
        Thing poles = new Thing.OfPoles(new Pose(new Point(6, 3), UP), 3, 1.3, 4, false);
        List<Need> inTurn = List.of(
                need("wide", around, 0, 10),
                need("small", inside, 0, 10),
                need("small too", circleOf("C"), 0, 10),
                need("poles", poles, 12, 20));
        MergedGround merged = MergedGround.of(pen, inTurn);
        assertThat(merged.noRoom()).isEmpty();
        assertThat(merged.placed().get(3).laidS()).hasValue(12 * 60);
        assertThat(merged.placed().get(3).awayS()).isEmpty();

        List<Need> atOnce = List.of(
                need("wide", around, 0, 20),
                need("small", inside, 0, 20),
                need("small too", circleOf("C"), 0, 20),
                need("poles", poles, 12, 20));
        assertThat(MergedGround.of(pen, atOnce).noRoom()).containsExactly("poles");
    }

    private static Thing circleOf(String at) {
        return new Thing.OfFigure(new FigureWish(FigureForm.CIRCLE, Rein.RIGHT, at, 6, 0, 0, 0));
    }

    /** Whatever a group brings: what was placed is inside, and what stands at the same time is in nobody's way. */
    @Test
    void whateverIsBroughtFitsOrIsNamed() {
        Random random = new Random(118);
        int placed = 0;
        for (int i = 0; i < 150; i++) {
            Arena arena = Arena.rectangle(14 + random.nextInt(16), 30 + random.nextInt(40));
            List<Need> needs = new ArrayList<>();
            int things = 2 + random.nextInt(5);
            for (int n = 0; n < things; n++) {
                int from = random.nextInt(20);
                needs.add(need("thing " + n, any(random, arena), from, from + 1 + random.nextInt(20)));
            }
            MergedGround merged = MergedGround.of(arena, needs);
            assertThat(merged.placed().size() + merged.noRoom().size()).isEqualTo(things);
            assertThat(MergedGround.of(arena, needs)).isEqualTo(merged);
            placed += merged.placed().size();
            for (Placed one : merged.placed()) {
                assertThat(one.thing().outside(arena)).isEmpty();
                for (Placed other : merged.placed()) {
                    if (one != other && !standInTurn(one, other, needs)) {
                        assertThat(InTheWay.of(one.thing(), arena).isOf(InTheWay.of(other.thing(), arena)))
                                .as("%s and %s in ground %d", one, other, i)
                                .isFalse();
                    }
                }
            }
        }
        assertThat(placed).isGreaterThan(300);
    }

    /** One of them lies only while the other is not needed. */
    private static boolean standInTurn(Placed one, Placed other, List<Need> needs) {
        return isAwayWhile(one, spanOf(other, needs)) || isAwayWhile(other, spanOf(one, needs));
    }

    private static boolean isAwayWhile(Placed one, Span needed) {
        return (one.laidS().isPresent() && one.laidS().getAsInt() >= needed.toS())
                || (one.awayS().isPresent() && one.awayS().getAsInt() <= needed.fromS());
    }

    private static Span spanOf(Placed one, List<Need> needs) {
        return needs.stream()
                .filter(n -> n.id().equals(one.id()))
                .findFirst()
                .orElseThrow()
                .uses()
                .get(0);
    }

    private static Thing any(Random random, Arena arena) {
        double x = arena.widthM() * 0.75;
        double y = arena.lengthM() / 3;
        return switch (random.nextInt(4)) {
            case 0 -> new Thing.OfFan(new Pose(new Point(arena.widthM() / 2, y), UP), Fan.forStep(4, 1.3, 4, 2));
            case 1 -> new Thing.OfFences(new Pose(new Point(x, y), UP), List.of(), 0.6, 3);
            case 2 ->
                new Thing.OfFigure(new FigureWish(FigureForm.CIRCLE, Rein.LEFT, "A", 8 + random.nextInt(5), 0, 0, 0));
            default -> row(x, y);
        };
    }

    @Test
    void aNeedSaysWhen() {
        assertThatThrownBy(() -> new Span(5, 5)).hasMessageContaining("from one second to a later one");
        assertThatThrownBy(() -> new Need("poles", row(5, 5), List.of())).hasMessageContaining("at least once");
    }
}
