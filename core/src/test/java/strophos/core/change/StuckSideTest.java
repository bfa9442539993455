package strophos.core.change;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import strophos.core.exchange.Mounted;
import strophos.core.exchange.Response;
import strophos.core.exchange.Side;
import strophos.core.exchange.Strength;
import strophos.core.exchange.WorkedSide;
import strophos.core.progress.Ask;
import strophos.core.progress.LessonFacts;
import strophos.core.progress.RungFacts;

class StuckSideTest {

    private static final Thirds THIRDS = Thirds.of(ChangeThresholds.SET.standard());
    private static final Plateau PLATEAU = Plateau.of(ChangeThresholds.SET.standard());

    /** Twenty lessons of ten asks on the left, so many of them YES. */
    private static RungFacts lessons(int yes) {
        return new RungFacts(
                WorkedSide.INSIDE,
                IntStream.range(0, 20)
                        .mapToObj(lesson -> {
                            List<Ask> asks = new ArrayList<>();
                            for (int i = 0; i < 10; i++) {
                                asks.add(new Ask(
                                        lesson + "-" + i,
                                        1000L * i,
                                        Side.LEFT,
                                        Mounted.RIDER,
                                        Strength.LIGHT,
                                        i < yes ? Response.YES : Response.TRY));
                            }
                            return new LessonFacts(
                                    "lesson" + lesson, LocalDate.of(2026, 1, 1).plusDays(7L * lesson), asks);
                        })
                        .toList());
    }

    @Test
    void whatStandsStillBelowTheCriterionIsStuckAndWhatDoesIsNot() {
        assertThat(StuckSide.of(lessons(5), THIRDS, PLATEAU)).singleElement().satisfies(s -> {
            assertThat(s.change().side()).isEqualTo(Side.LEFT);
            assertThat(s.change().slope().orElseThrow().lessons()).isEqualTo(20);
        });
        assertThat(StuckSide.of(lessons(8), THIRDS, PLATEAU)).isEmpty();
        assertThat(StuckSide.of(RungFacts.none(WorkedSide.INSIDE), THIRDS, PLATEAU))
                .isEmpty();
    }
}
