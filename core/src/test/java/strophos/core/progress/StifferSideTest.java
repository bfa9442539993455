package strophos.core.progress;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import strophos.core.exchange.Side;

class StifferSideTest {

    /** So many YES of so many on each side. */
    private static String lesson(int leftYes, int rightYes, int of) {
        return answers(leftYes, of) + "/" + answers(rightYes, of);
    }

    private static String answers(int yes, int of) {
        return "y".repeat(yes) + "b".repeat(of - yes);
    }

    private static Sidedness judge(String... lessons) {
        return StifferSide.standard()
                .judge(Lessons.read(String.join(";", lessons)).facts());
    }

    /** Fisher's exact two-sided values from R's fisher.test (from memory): 10/10 against 6/10 gives 0.087, 7/10 0.211. */
    @Test
    void aDifferenceBeyondChance() {
        Sidedness behind = judge(lesson(10, 6, 10));
        assertThat(behind.p()).isBetween(0.08, 0.1);
        assertThat(behind.stiffer()).isEqualTo(Side.RIGHT);
        assertThat(behind.basis()).isEqualTo(Sidedness.Basis.DIFFERENCE);
        Sidedness alike = judge(lesson(10, 7, 10));
        assertThat(alike.p()).isGreaterThan(0.1);
        assertThat(alike.stiffer()).isEqualTo(Side.NONE);
    }

    @Test
    void theSameSideBehindInFiveOfSixLessons() {
        String behind = lesson(2, 3, 4);
        String level = lesson(3, 3, 4);
        assertThat(judge(level, behind, behind, behind, behind, behind).basis()).isEqualTo(Sidedness.Basis.RUN);
        assertThat(judge(level, behind, behind, behind, behind, behind).stiffer())
                .isEqualTo(Side.LEFT);
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
        assertThat(judge(lesson(0, 2, 2)).basis()).isEqualTo(Sidedness.Basis.TOO_FEW);
        assertThat(judge(lesson(3, 3, 3)).basis()).isEqualTo(Sidedness.Basis.ALIKE);
        assertThat(judge("/").basis()).isEqualTo(Sidedness.Basis.TOO_FEW);
    }

    @Test
    void aYesThatHadToBeAskedClearlyIsNoSuccess() {
        assertThat(judge("yyyyyyyyyy/" + "y3".repeat(10)).stiffer()).isEqualTo(Side.RIGHT);
    }
}
