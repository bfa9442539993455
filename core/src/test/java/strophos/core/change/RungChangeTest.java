package strophos.core.change;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import strophos.core.exchange.Better;
import strophos.core.exchange.Mounted;
import strophos.core.exchange.Response;
import strophos.core.exchange.Side;
import strophos.core.exchange.Strength;
import strophos.core.exchange.WorkedSide;
import strophos.core.progress.Ask;
import strophos.core.progress.LessonFacts;
import strophos.core.progress.RungFacts;
import strophos.core.stats.Proportion;

class RungChangeTest {

    private static final Thirds THIRDS = Thirds.of(ChangeThresholds.SET.standard());
    private static final Plateau PLATEAU = Plateau.of(ChangeThresholds.SET.standard());

    private final List<LessonFacts> lessons = new ArrayList<>();

    /** A lesson on the left: y for YES, n for no answer. */
    private RungChangeTest lesson(String answers) {
        List<Ask> asks = new ArrayList<>();
        for (int i = 0; i < answers.length(); i++) {
            asks.add(new Ask(
                    "ask%d-%d".formatted(lessons.size(), i),
                    1_000L * i,
                    Side.LEFT,
                    Mounted.RIDER,
                    Strength.LIGHT,
                    answers.charAt(i) == 'y' ? Response.YES : Response.NONE));
        }
        LocalDate day = LocalDate.of(2026, 11, 1).plusDays(lessons.size());
        lessons.add(new LessonFacts("lesson" + lessons.size(), day, asks));
        return this;
    }

    private RungChange left() {
        List<RungChange> all = RungChange.of(new RungFacts(WorkedSide.INSIDE, lessons), THIRDS, PLATEAU);
        assertThat(all).extracting(RungChange::side).containsExactly(Side.LEFT);
        return all.get(0);
    }

    /** Sixteen asks: none of the first five, four of the last five. Fisher by hand: 2 · C(5,4) / C(10,4) = 10/210. */
    @Test
    void withinTheLessonTheFirstThirdBesideTheLast() {
        RungChange change = lesson("nnnnnyyyyyyyyyyn").left();
        assertThat(change.within()).isEqualTo(Change.BETTER);
        assertThat(change.better()).contains(Better.WITHIN);
        ChangeEvidence.OfThirds thirds = change.thirds().orElseThrow();
        assertThat(thirds.first()).isEqualTo(new Proportion(0, 5));
        assertThat(thirds.last()).isEqualTo(new Proportion(4, 5));
        assertThat(thirds.p()).isCloseTo(10.0 / 210, within(1e-12));
        assertThat(change.sinceBefore()).isEqualTo(Change.TOO_FEW);
        assertThat(change.overLessons()).isEqualTo(Change.TOO_FEW);
    }

    /** 10 of 16 today, 6 of 24 in the three lessons before; the one before those is not asked. */
    @Test
    void againstTheLastThreeLessons() {
        RungChange change = lesson("yyyyyyyy")
                .lesson("yynnnnnn")
                .lesson("nnyynnnn")
                .lesson("nnnnynny")
                .lesson("nnnnnnyyyyyyyyyy")
                .left();
        assertThat(change.sinceBefore()).isEqualTo(Change.BETTER);
        RungChange.Beside before = change.before().orElseThrow();
        assertThat(before.now()).isEqualTo(new Proportion(10, 16));
        assertThat(before.before()).isEqualTo(new Proportion(6, 24));
        assertThat(before.lessons()).isEqualTo(3);
        assertThat(before.gain().estimate()).isCloseTo(0.375, within(1e-12));
    }

    @Test
    void aLittleMoreIsNotShown() {
        assertThat(lesson("ynynynyn").lesson("yynynyny").left().sinceBefore()).isEqualTo(Change.NOT_SHOWN);
    }

    @Test
    void overLessonsItStandsStillOrMovesOrCannotBeToldYet() {
        for (int i = 0; i < 8; i++) {
            lesson("ynynynynyn");
        }
        assertThat(left().overLessons()).isEqualTo(Change.STANDS_STILL);
        lessons.clear();
        for (int i = 0; i < 8; i++) {
            lesson("y".repeat(1 + i) + "n".repeat(9 - i));
        }
        RungChange moves = left();
        assertThat(moves.overLessons()).isEqualTo(Change.BETTER);
        assertThat(moves.slope().orElseThrow().points()).isCloseTo(10, within(1e-9));
        lessons.remove(0);
        assertThat(left().overLessons()).isEqualTo(Change.TOO_FEW);
    }
}
