package strophos.core.arena;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import strophos.core.exchange.Rein;

class FiguresTest {

    /** Positions of the letters: published rules of international dressage competitions. */
    @ParameterizedTest
    @CsvSource({
        "K, 0, 6",
        "F, 20, 6",
        "E, 0, 20",
        "B, 20, 20",
        "H, 0, 34",
        "M, 20, 34",
        "D, 10, 6",
        "X, 10, 20",
        "G, 10, 34",
        "A, 10, 0",
        "C, 10, 40"
    })
    void lettersOfTheSmallArena(String letter, double xM, double yM) {
        assertThat(Arena.SMALL.letter(letter)).contains(new Point(xM, yM));
    }

    /** The same source. */
    @ParameterizedTest
    @CsvSource({
        "K, 0, 6",
        "V, 0, 18",
        "P, 20, 18",
        "E, 0, 30",
        "B, 20, 30",
        "S, 0, 42",
        "R, 20, 42",
        "H, 0, 54",
        "M, 20, 54",
        "D, 10, 6",
        "L, 10, 18",
        "X, 10, 30",
        "I, 10, 42",
        "G, 10, 54",
        "C, 10, 60"
    })
    void lettersOfTheStandardArena(String letter, double xM, double yM) {
        assertThat(Arena.STANDARD.letter(letter)).contains(new Point(xM, yM));
    }

    @Test
    void aLetterThatIsNotThereIsAbsent() {
        assertThat(Arena.SMALL.letter("V")).isEmpty();
    }

    /** Perimeter − 4 r (2 − π/2) by hand: 160 − 12 · 0.429204 = 154.85; 120 − 5.15 = 114.85. */
    @Test
    void aLapOfTheTrack() {
        assertThat(Figures.track(Arena.STANDARD, 3).lengthM()).isCloseTo(154.85, within(0.005));
        assertThat(Figures.track(Arena.SMALL, 3).lengthM()).isCloseTo(114.85, within(0.005));
    }

    @ParameterizedTest
    @ValueSource(doubles = {0, -1})
    void cornersThatAreNone(double radiusM) {
        assertThatThrownBy(() -> Figures.track(Arena.SMALL, radiusM)).hasMessageContaining("must be above 0");
    }

    @Test
    void cornersRounderThanTheArenaIsWide() {
        assertThatThrownBy(() -> Figures.track(Arena.SMALL, 10.5))
                .isInstanceOf(TurnsNeedRoom.class)
                .hasMessageContaining("1.0 m more room");
    }

    @ParameterizedTest
    @ValueSource(strings = {"A", "C", "B", "E", "X"})
    void aCircleHasItsLengthAndOneBend(String letter) {
        Figure circle = Figures.circle(Arena.SMALL, letter, 20, Rein.LEFT);
        assertThat(circle.lengthM()).isCloseTo(62.83, within(0.005));
        assertThat(circle.smallestRadiusM()).isEqualTo(10);
        assertThat(circle.changesOfBend()).isZero();
        assertThat(circle.pieces().get(0).curvature()).isPositive();
        Figure right = Figures.circle(Arena.SMALL, letter, 20, Rein.RIGHT);
        assertThat(right.pieces().get(0).curvature()).isNegative();
        assertThat(right.lengthM()).isEqualTo(circle.lengthM());
    }

    @Test
    void aCircleBeginsAtItsLetterAndStaysInside() {
        for (double d : List.of(8.0, 10.0, 12.0, 15.0, 20.0)) {
            Figure circle = Figures.circle(Arena.SMALL, "B", d, Rein.LEFT);
            assertThat(circle.pieces().get(0).start().distanceM(new Point(20, 20)))
                    .isCloseTo(0, within(1e-9));
        }
    }

    @Test
    void aCircleThatLeavesTheArenaSaysWhere() {
        assertThatThrownBy(() -> Figures.circle(Arena.SMALL, "B", 20.2, Rein.LEFT))
                .isInstanceOfSatisfying(
                        FigureLeavesArena.class, e -> assertThat(e.where().xM()).isNegative())
                .hasMessageContaining("leaves the arena");
        assertThatThrownBy(() -> Figures.circle(Arena.SMALL, "Q", 10, Rein.LEFT))
                .hasMessageContaining("no letter Q");
        assertThatThrownBy(() -> Figures.circle(Arena.SMALL, "V", 10, Rein.LEFT))
                .hasMessageContaining("no letter V");
    }

    /** Three loops of 40 m: n π r + 2 (10 − r) + (n − 1)(20 − 2 r) with r = 40 / 6. */
    @Test
    void aSerpentineOfThreeLoops() {
        Figure serpentine = Figures.serpentine(Arena.SMALL, 3, Rein.LEFT);
        double r = 40.0 / 6;
        assertThat(serpentine.lengthM()).isCloseTo(3 * Math.PI * r + 2 * (10 - r) + 2 * (20 - 2 * r), within(1e-9));
        assertThat(serpentine.changesOfBend()).isEqualTo(2);
        assertThat(serpentine.pieces().get(serpentine.pieces().size() - 1).end().distanceM(new Point(10, 40)))
                .isCloseTo(0, within(1e-9));
    }

    @Test
    void aSerpentineWithLoopsWiderThanTheArenaIsRefused() {
        assertThatThrownBy(() -> Figures.serpentine(Arena.STANDARD, 2, Rein.LEFT))
                .isInstanceOf(FigureLeavesArena.class);
        assertThat(Figures.serpentine(Arena.SMALL, 2, Rein.LEFT).changesOfBend())
                .isEqualTo(1);
        assertThatThrownBy(() -> Figures.serpentine(Arena.SMALL, 1, Rein.LEFT)).hasMessageContaining("at least 2");
    }

    /** On the left rein the diagonal leads from F to H, on the right from K to M; between the letters its length is √(20² + 28²). */
    @Test
    void theLongDiagonalLeadsFromLetterToLetter() {
        Figure left = Figures.diagonal(Arena.SMALL, true, 3, Rein.LEFT);
        assertThat(left.pieces().get(1).curvature()).isZero();
        assertThat(left.changesOfBend()).isEqualTo(1);
        assertThat(left.turningRad()).isCloseTo(0, within(1e-9));
        double turn = Math.atan2(20, 28);
        double cutM = 3 * Math.tan(turn / 2);
        assertThat(left.lengthM()).isCloseTo(Math.hypot(20, 28) - 2 * cutM + 2 * 3 * turn, within(1e-9));
        Figure right = Figures.diagonal(Arena.SMALL, true, 3, Rein.RIGHT);
        assertThat(right.at(0).at().xM()).isCloseTo(0, within(1e-9));
        assertThat(right.at(right.lengthM()).at().xM()).isCloseTo(20, within(1e-9));
    }

    /** By hand: depth 5 over 28 m: α = 2 atan(10 / 28) = 39.31°, r = 28 / (4 sin α) = 11.05 m. */
    @Test
    void aLoopReachesItsDepthAndBendsNoTighterThanNeeded() {
        Figure loop = Figures.loop(Arena.SMALL, 5, Rein.LEFT);
        assertThat(loop.smallestRadiusM()).isCloseTo(11.05, within(0.005));
        assertThat(loop.at(loop.lengthM() / 2).at().xM()).isCloseTo(15, within(1e-9));
        assertThat(loop.at(loop.lengthM()).at().distanceM(Arena.SMALL.place("M")))
                .isCloseTo(0, within(1e-9));
        assertThat(loop.bendChangesM()).hasSize(2);
    }

    @Test
    void aHalfCircleBackEndsOnTheTrackItLeft() {
        Figure back = Figures.halfCircleBack(Arena.SMALL, "M", 10, Rein.LEFT);
        Pose end = back.at(back.lengthM());
        assertThat(end.at().xM()).isCloseTo(20, within(1e-9));
        assertThat(Math.sin(end.headingRad())).isCloseTo(-1, within(1e-9));
        assertThat(back.turningRad()).isCloseTo(Math.PI, within(1e-9));
        assertThatThrownBy(() -> Figures.halfCircleBack(Arena.SMALL, "X", 10, Rein.LEFT))
                .hasMessageContaining("begins on the track");
        assertThatThrownBy(() -> Figures.halfCircleBack(Arena.SMALL, "F", 10, Rein.LEFT))
                .isInstanceOf(FigureLeavesArena.class);
    }

    /** An S is as long as half its circle: two half circles of half the radius. */
    @Test
    void theChangeInTheCircleMeetsItAgainOnTheOtherRein() {
        Figure s = Figures.changeInCircle(Arena.SMALL, "A", 20, Rein.LEFT);
        assertThat(s.lengthM()).isCloseTo(Math.PI * 10, within(1e-9));
        assertThat(s.at(s.lengthM() / 2).at().distanceM(new Point(10, 10))).isCloseTo(0, within(1e-9));
        assertThat(s.at(s.lengthM()).at().distanceM(new Point(0, 10))).isCloseTo(0, within(1e-9));
        assertThat(s.bendChangesM()).containsExactly(s.lengthM() / 2);
    }

    @Test
    void aSpiralGoesInAndOutAndEndsWhereItBegan() {
        Figure spiral = Figures.spiral(Arena.SMALL, "A", 20, 10, 3, Rein.LEFT);
        assertThat(spiral.smallestRadiusM()).isEqualTo(5);
        assertThat(spiral.turningRad()).isCloseTo(6 * 2 * Math.PI, within(1e-9));
        assertThat(spiral.pieces()).hasSize(12);
        assertThatThrownBy(() -> Figures.spiral(Arena.SMALL, "A", 10, 20, 3, Rein.LEFT))
                .hasMessageContaining("no more than that");
        assertThatThrownBy(() -> Figures.spiral(Arena.SMALL, "A", 20, 10, 0, Rein.LEFT))
                .hasMessageContaining("1 turn");
    }

    /** 10 ft circles are turned in steps: nothing of them counts as bend. */
    @Test
    void thePivotsOfTwoConesAreNoBend() {
        Figure cones = Figures.twoCones(Arena.SMALL, "X", Rein.LEFT);
        assertThat(cones.smallestRadiusM()).isInfinite();
        assertThat(cones.lengthM()).isCloseTo(2 * Math.PI * 10 * 0.3048, within(1e-9));
        assertThat(Figures.cones(Arena.SMALL, "X"))
                .containsExactly(new Point(10 - 1.524, 20), new Point(10 + 1.524, 20));
        Figure haunches = Figures.haunchesTurn(Arena.SMALL, "E", Rein.RIGHT);
        assertThat(haunches.smallestRadiusM()).isEqualTo(5);
        assertThat(haunches.pieces()).filteredOn(Piece::isPivot).hasSize(1);
    }

    @Test
    void ovalsAndPensHaveTheirOwnTrackAndNoCorners() {
        assertThat(Figures.track(Arena.roundPen(18), 3).lengthM()).isCloseTo(Math.PI * 18, within(1e-9));
        assertThat(Figures.track(Arena.oval(20, 50), 3).lengthM()).isCloseTo(60 + Math.PI * 20, within(1e-9));
        assertThat(Figures.circle(Arena.roundPen(20), "A", 20, Rein.LEFT).lengthM())
                .isCloseTo(62.83, within(0.005));
        assertThatThrownBy(() -> Figures.diagonal(Arena.roundPen(18), true, 3, Rein.LEFT))
                .hasMessageContaining("needs a long side");
        assertThatThrownBy(() -> Figures.circle(Arena.roundPen(18), "E", 18.1, Rein.LEFT))
                .isInstanceOf(FigureLeavesArena.class);
    }

    @Test
    void aLandmarkOutsideIsNoPlaceForAFigure() {
        Arena gate = new Arena(Shape.RECTANGLE, 20, 40, 0, java.util.Map.of("gate", new Point(-2, 12)));
        assertThatThrownBy(() -> Figures.circle(gate, "gate", 10, Rein.LEFT)).hasMessageContaining("outside the arena");
        assertThat(Figures.circle(gate, "E", 10, Rein.LEFT).lengthM()).isPositive();
        assertThat(gate.place("X")).isEqualTo(new Point(10, 20));
    }

    @Test
    void turnsThatNeedMoreRoomSaySo() {
        assertThatThrownBy(() -> Figures.upTheArena(Arena.SMALL, 0.5, 11, Rein.LEFT))
                .isInstanceOf(FigureLeavesArena.class);
        assertThatThrownBy(() -> Trace.through(List.of(new Point(0, 0), new Point(2, 0), new Point(2, 9)), 5))
                .isInstanceOfSatisfying(
                        TurnsNeedRoom.class, e -> assertThat(e.where()).isEqualTo(new Point(2, 0)))
                .hasMessageContaining("3.0 m more room");
    }

    @Test
    void piecesThatDoNotMeetAreNoFigure() {
        assertThatThrownBy(() -> new Figure(List.of(
                        new Piece.Straight(new Point(0, 0), new Point(1, 0)),
                        new Piece.Straight(new Point(1, 1), new Point(2, 1)))))
                .hasMessageContaining("1.000 m away");
        assertThatThrownBy(() -> new Figure(List.of())).hasMessageContaining("at least one");
        assertThatThrownBy(() -> Arena.rectangle(40, 20)).hasMessageContaining("swapped");
    }
}
