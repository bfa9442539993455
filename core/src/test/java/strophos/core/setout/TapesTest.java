package strophos.core.setout;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;
import strophos.core.arena.Arena;
import strophos.core.arena.Point;
import strophos.core.arena.Shape;

class TapesTest {

    /** A cone halfway up the quarter line at B: by Pythagoras from the letters. */
    @Test
    void twoTapesFromLetters() {
        Tapes tapes = Tapes.to(Arena.SMALL, new Point(15, 24)).orElseThrow();
        assertThat(tapes.at(Arena.SMALL).distanceM(new Point(15, 24))).isCloseTo(0, within(0.001));
        assertThat(tapes.one().from()).isEqualTo("B");
        assertThat(tapes.one().lengthM()).isCloseTo(Math.hypot(5, 4), within(1e-9));
    }

    /** Thousands of places in thousands of arenas: back from the tapes to a millimetre. */
    @Test
    void tapesAndPlacesSayTheSame() {
        Random random = new Random(7);
        int mistakable = 0;
        for (int i = 0; i < 3000; i++) {
            double width = 10 + 20 * random.nextDouble();
            double length = width + 14 + 40 * random.nextDouble();
            Arena arena = switch (i % 3) {
                case 0 -> Arena.lettered(width, length);
                case 1 -> Arena.oval(width, length);
                default -> new Arena(Shape.RECTANGLE, width, length, 0, Map.of("gate", new Point(-1, 9)));
            };
            Point place = new Point(width * (0.3 + 0.4 * random.nextDouble()), length * random.nextDouble());
            if (arena.holds(place)) {
                Tapes tapes = Tapes.to(arena, place).orElseThrow();
                assertThat(tapes.at(arena).distanceM(place)).isCloseTo(0, within(0.001));
                // whoever could mistake the place is told which of the two it is
                Point second = new Tapes(tapes.one(), tapes.other(), !tapes.isLeft()).at(arena);
                if (arena.holds(second) && second.distanceM(place) > 0.3) {
                    Tapes.Which which = tapes.which(arena).orElseThrow();
                    Point letter = arena.place(which.letter());
                    assertThat(letter.distanceM(place) < letter.distanceM(second))
                            .isEqualTo(which.isNearer());
                    mistakable++;
                } else {
                    assertThat(tapes.which(arena)).isEmpty();
                }
            }
        }
        // where there are letters it is rare
        assertThat(mistakable).isLessThan(600);
    }

    @Test
    void nobodyHoldsATapeInTheMiddleOfTheArena() {
        assertThat(Tapes.names(Arena.STANDARD))
                .extracting(Tapes.Named::name)
                .contains("V", "CORNER_CM")
                .doesNotContain("X", "L");
        assertThat(Tapes.names(Arena.roundPen(18)))
                .extracting(Tapes.Named::name)
                .containsExactly("A", "B", "C", "E");
        Tapes wrong = new Tapes(new Tapes.Tape("A", 1), new Tapes.Tape("C", 1), true);
        assertThatThrownBy(() -> wrong.at(Arena.SMALL)).hasMessageContaining("do not meet");
        Tapes unknown = new Tapes(new Tapes.Tape("X", 1), new Tapes.Tape("C", 1), true);
        assertThatThrownBy(() -> unknown.at(Arena.SMALL)).hasMessageContaining("No tape is held at X");
    }

    /** 20 m in 22 paces. */
    @Test
    void paces() {
        assertThat(OwnPace.walked(20, 22).paceM()).isCloseTo(0.909, within(0.0005));
        assertThat(OwnPace.walked(20, 22).paces(10)).isCloseTo(11, within(1e-9));
        assertThat(OwnPace.USUAL.paces(9.14)).isCloseTo(10, within(1e-9));
        assertThatThrownBy(() -> OwnPace.walked(20, 3)).hasMessageContaining("0.4 to 1.5 m");
        assertThatThrownBy(() -> OwnPace.walked(20, 0)).hasMessageContaining("1 pace or more");
    }
}
