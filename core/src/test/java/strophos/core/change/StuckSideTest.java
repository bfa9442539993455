package strophos.core.change;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import strophos.core.exchange.Side;
import strophos.core.stats.Proportion;

class StuckSideTest {

    private static final Plateau PLATEAU = Plateau.of(ChangeThresholds.SET.standard());

    /** Twenty lessons of ten asks on the left, so many of them YES. */
    private static List<LessonRates> lessons(int yes) {
        return IntStream.range(0, 20)
                .mapToObj(i -> new LessonRates("lesson" + i, Map.of(Side.LEFT, new Proportion(yes, 10))))
                .toList();
    }

    private static List<LessonRates> then(List<LessonRates> lessons, Map<Side, Proportion> last) {
        List<LessonRates> all = new ArrayList<>(lessons);
        all.add(new LessonRates("last", last));
        return all;
    }

    @Test
    void whatStandsStillBelowTheCriterionIsStuckAndWhatDoesIsNot() {
        assertThat(StuckSide.of(lessons(5), PLATEAU)).singleElement().satisfies(s -> {
            assertThat(s.side()).isEqualTo(Side.LEFT);
            assertThat(s.slope().lessons()).isEqualTo(20);
        });
        assertThat(StuckSide.of(lessons(8), PLATEAU)).isEmpty();
        assertThat(StuckSide.of(List.of(), PLATEAU)).isEmpty();
    }

    @Test
    void onlyWhatTheLastLessonAskedIsJudged() {
        assertThat(StuckSide.of(then(lessons(5), Map.of()), PLATEAU)).isEmpty();
        assertThat(StuckSide.of(then(lessons(5), Map.of(Side.RIGHT, new Proportion(5, 10))), PLATEAU))
                .isEmpty();
    }

    /** Of the last three lessons 8 of 10, 8 of 10 and 7 of 10 are 23 of 30; with 8 of 10 it is 24, which does. */
    @Test
    void theLastThreeLessonsAreCountedTogether() {
        assertThat(StuckSide.of(then(lessons(8), Map.of(Side.LEFT, new Proportion(7, 10))), PLATEAU))
                .hasSize(1);
        assertThat(StuckSide.of(then(lessons(8), Map.of(Side.LEFT, new Proportion(8, 10))), PLATEAU))
                .isEmpty();
    }
}
