package strophos.core.progress;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import strophos.core.exchange.Side;
import strophos.core.stats.Proportion;

class WorseSideTest {

    /** "L 2/6 R 5/6" a lesson, the oldest first. */
    private static List<WorseSide.SidesOfLesson> lessons(String written) {
        return Arrays.stream(written.split(";"))
                .map(l -> l.trim().split(" "))
                .map(l -> new WorseSide.SidesOfLesson(proportion(l[0]), proportion(l[1])))
                .toList();
    }

    private static Proportion proportion(String written) {
        String[] parts = written.split("/");
        return new Proportion(Integer.parseInt(parts[0]), Integer.parseInt(parts[1]));
    }

    /**
     * The differences of the worse side's halves, by Newcombe's method 10, worked apart from the code: 16/20 less
     * 4/20 is 0.60 (0.30 to 0.77); 11/20 less 9/20 is 0.10 (−0.19 to 0.37).
     */
    @ParameterizedTest
    @CsvSource({
        "2/10 9/10; 2/10 9/10; 8/10 9/10; 8/10 9/10, LEFT, 4/20, 16/20, RISES",
        "9/10 8/10; 9/10 8/10; 9/10 2/10; 9/10 2/10, RIGHT, 16/20, 4/20, FALLS",
        "4/10 9/10; 5/10 9/10; 5/10 9/10; 6/10 9/10, LEFT, 9/20, 11/20, CANNOT_TELL",
        "9/10 1/4; 9/10 1/4; 9/10 3/4, RIGHT, 1/4, 4/8, CANNOT_TELL",
        "9/10 1/9, RIGHT, 0/0, 1/9, CANNOT_TELL",
    })
    void namesTheSideThatIsBehindAndWhetherItMoves(
            String written, Side side, String earlier, String lately, WorseSide.Movement movement) {
        assertThat(WorseSide.of(lessons(written)))
                .contains(new WorseSide(side, proportion(earlier), proportion(lately), movement));
    }

    @Test
    void namesNoneWhereTooLittleWasAskedOrItMayBeChance() {
        assertThat(WorseSide.of(List.of())).isEmpty();
        assertThat(WorseSide.of(lessons("0/7 9/9"))).isEmpty();
        assertThat(WorseSide.of(lessons("6/8 0/0"))).isEmpty();
        assertThat(WorseSide.of(lessons("6/8 3/4; 6/8 3/4"))).isEmpty();
        assertThat(WorseSide.of(lessons("23/24 24/24; 18/19 18/18")))
                .as("41 of 43, 42 of 42")
                .isEmpty();
        assertThat(WorseSide.of(lessons("222/293 240/293"))).as("76 % and 82 %").isEmpty();
    }
}
