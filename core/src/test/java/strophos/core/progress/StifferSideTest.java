package strophos.core.progress;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import strophos.core.exchange.Mounted;
import strophos.core.exchange.Rein;
import strophos.core.exchange.Response;
import strophos.core.exchange.Strength;

class StifferSideTest {

    private static List<Ask> asks(Rein rein, int yes, int of) {
        List<Ask> all = new ArrayList<>();
        for (int i = 0; i < of; i++) {
            all.add(new Ask(rein, Mounted.RIDER, Strength.LIGHT, i < yes ? Response.YES : Response.BRACE));
        }
        return all;
    }

    private static RungFacts.LessonAsks lesson(String id, int leftYes, int rightYes, int of) {
        List<Ask> all = asks(Rein.LEFT, leftYes, of);
        all.addAll(asks(Rein.RIGHT, rightYes, of));
        return new RungFacts.LessonAsks(id, all);
    }

    private static Sidedness judge(RungFacts.LessonAsks... lessons) {
        return StifferSide.DEFAULT.judge(new RungFacts(List.of(lessons)));
    }

    /** Fisher's exact two-sided values from R's fisher.test (from memory): 10/10 against 6/10 gives 0.087, 7/10 0.211. */
    @Test
    void aDifferenceBeyondChance() {
        Sidedness behind = judge(lesson("a", 10, 6, 10));
        assertThat(behind.p()).isBetween(0.08, 0.1);
        assertThat(behind.stiffer()).isEqualTo(Rein.RIGHT);
        assertThat(behind.basis()).isEqualTo(Sidedness.Basis.DIFFERENCE);
        Sidedness alike = judge(lesson("a", 10, 7, 10));
        assertThat(alike.p()).isGreaterThan(0.1);
        assertThat(alike.stiffer()).isEqualTo(Rein.NONE);
    }

    @Test
    void theSameSideBehindInFiveOfSixLessons() {
        RungFacts.LessonAsks behind = lesson("x", 2, 3, 4);
        RungFacts.LessonAsks level = lesson("y", 3, 3, 4);
        assertThat(judge(level, behind, behind, behind, behind, behind).basis()).isEqualTo(Sidedness.Basis.RUN);
        assertThat(judge(level, behind, behind, behind, behind, behind).stiffer())
                .isEqualTo(Rein.LEFT);
        assertThat(judge(level, level, behind, behind, behind, behind).basis())
                .as("four of six")
                .isEqualTo(Sidedness.Basis.ALIKE);
        assertThat(judge(behind, behind, behind, behind, behind).basis())
                .as("five lessons are too few for a run")
                .isEqualTo(Sidedness.Basis.ALIKE);
        assertThat(judge(behind, level, level, behind, behind, behind, behind).basis())
                .as("only the last six count")
                .isEqualTo(Sidedness.Basis.ALIKE);
    }

    @Test
    void tooFewOnARein() {
        assertThat(judge(lesson("a", 0, 2, 2)).basis()).isEqualTo(Sidedness.Basis.TOO_FEW);
        assertThat(judge(lesson("a", 3, 3, 3)).basis()).isEqualTo(Sidedness.Basis.ALIKE);
        assertThat(judge().basis()).isEqualTo(Sidedness.Basis.TOO_FEW);
    }

    @Test
    void aYesThatHadToBeAskedClearlyIsNoSuccess() {
        List<Ask> clear = new ArrayList<>(asks(Rein.LEFT, 10, 10));
        for (int i = 0; i < 10; i++) {
            clear.add(new Ask(Rein.RIGHT, Mounted.RIDER, Strength.CLEAR, Response.YES));
        }
        assertThat(judge(new RungFacts.LessonAsks("a", clear)).stiffer()).isEqualTo(Rein.RIGHT);
    }
}
