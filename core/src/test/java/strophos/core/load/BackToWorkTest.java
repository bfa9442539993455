package strophos.core.load;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class BackToWorkTest {

    /** The worked example of the rule (common practice, no source): 8 weeks off, 40 minutes before. */
    @Test
    void eightWeeksOff() {
        BackToWork back = new BackToWork(8, 40);
        assertThat(IntStream.range(0, 8).map(back::minutesInWeek)).containsExactly(20, 20, 24, 28, 32, 36, 40, 40);
    }

    @Test
    void aQuarterOfTheBreakIsRoundedUp() {
        assertThat(IntStream.range(0, 3).map(new BackToWork(9, 60)::minutesInWeek))
                .containsExactly(30, 30, 30);
        assertThat(new BackToWork(9, 60).minutesInWeek(3)).isEqualTo(36);
        assertThat(IntStream.range(0, 2).map(new BackToWork(2, 60)::minutesInWeek))
                .containsExactly(30, 36);
    }

    @Test
    void neverFallsAndNeverExceedsWhatWasRiddenBefore() {
        for (int off = 2; off < 60; off++) {
            BackToWork back = new BackToWork(off, 45);
            for (int week = 0; week < 80; week++) {
                assertThat(back.minutesInWeek(week + 1))
                        .isGreaterThanOrEqualTo(back.minutesInWeek(week))
                        .isLessThanOrEqualTo(45);
            }
        }
    }

    @Test
    void refusesWhatIsNoBreak() {
        assertThatThrownBy(() -> new BackToWork(1, 40)).hasMessageContaining("2 weeks off");
        assertThatThrownBy(() -> new BackToWork(4, 0)).hasMessageContaining("former minutes");
        assertThatThrownBy(() -> new BackToWork(4, 40).minutesInWeek(-1)).hasMessageContaining("0 or later");
    }
}
