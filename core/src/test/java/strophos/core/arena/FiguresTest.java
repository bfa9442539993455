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
    @ValueSource(doubles = {0, -1, 10.01})
    void cornersNoArenaHas(double radiusM) {
        assertThatThrownBy(() -> Figures.track(Arena.SMALL, radiusM)).isInstanceOf(FigureLeavesArena.class);
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
        assertThatThrownBy(() -> Figures.circle(Arena.SMALL, "K", 10, Rein.LEFT))
                .hasMessageContaining("not at K");
        assertThatThrownBy(() -> Figures.circle(Arena.SMALL, "V", 10, Rein.LEFT))
                .hasMessageContaining("no letter V");
    }

    /** Three loops of 40 m: n π r + 2 (10 − r) + (n − 1)(20 − 2 r) with r = 40 / 6. */
    @Test
    void aSerpentineOfThreeLoops() {
        Figure serpentine = Figures.serpentine(Arena.SMALL, 3);
        double r = 40.0 / 6;
        assertThat(serpentine.lengthM()).isCloseTo(3 * Math.PI * r + 2 * (10 - r) + 2 * (20 - 2 * r), within(1e-9));
        assertThat(serpentine.changesOfBend()).isEqualTo(2);
        assertThat(serpentine.pieces().get(serpentine.pieces().size() - 1).end().distanceM(new Point(10, 40)))
                .isCloseTo(0, within(1e-9));
    }

    @Test
    void aSerpentineWithLoopsWiderThanTheArenaIsRefused() {
        assertThatThrownBy(() -> Figures.serpentine(Arena.STANDARD, 2)).isInstanceOf(FigureLeavesArena.class);
        assertThat(Figures.serpentine(Arena.SMALL, 2).changesOfBend()).isEqualTo(1);
        assertThatThrownBy(() -> Figures.serpentine(Arena.SMALL, 1)).hasMessageContaining("at least 2");
    }

    @Test
    void piecesThatDoNotMeetAreNoFigure() {
        assertThatThrownBy(() -> new Figure(List.of(
                        new Piece.Straight(new Point(0, 0), new Point(1, 0)),
                        new Piece.Straight(new Point(1, 1), new Point(2, 1)))))
                .hasMessageContaining("1.000 m away");
        assertThatThrownBy(() -> new Figure(List.of())).hasMessageContaining("at least one");
        assertThatThrownBy(() -> new Arena(40, 20, java.util.Map.of())).hasMessageContaining("swapped");
    }
}
