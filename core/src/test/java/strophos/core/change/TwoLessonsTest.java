package strophos.core.change;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.junit.jupiter.api.Test;
import strophos.core.exchange.Side;
import strophos.core.exchange.WorkedSide;
import strophos.core.record.SmallLog;
import strophos.core.state.LessonCount;
import strophos.core.stats.Proportion;

class TwoLessonsTest {

    private static List<LessonCount> lesson(String onTheRight, String coachOnTheRight, String onTheLeft) {
        SmallLog log = new SmallLog();
        log.asks(log.segment("RIGHT", "RIDER"), onTheRight);
        log.asks(log.segment("RIGHT", "COACH"), coachOnTheRight);
        log.asks(log.segment("LEFT", "RIDER"), onTheLeft);
        return LessonCount.of(log.ride());
    }

    /** On the right rein counter-bend works the left side; the gain by hand: 4/5 − 1/5. */
    @Test
    void laysTheSameSideOfTheSameRungBesideEachOther() {
        List<TwoLessons> two =
                TwoLessons.of(lesson("nnnny", "yyyy", ""), lesson("yynyy", "", "yy"), rung -> WorkedSide.OUTSIDE);
        assertThat(two).extracting(TwoLessons::side).containsExactly(Side.LEFT, Side.RIGHT);
        assertThat(two.get(0).earlier()).as("not the coach's").isEqualTo(new Proportion(1, 5));
        assertThat(two.get(0).later()).isEqualTo(new Proportion(4, 5));
        assertThat(two.get(0).gain().orElseThrow().estimate()).isCloseTo(0.6, within(1e-12));
        assertThat(two.get(1).later()).isEqualTo(new Proportion(2, 2));
        assertThat(two.get(1).change()).as("too few").isEqualTo(Change.TOO_FEW);
    }

    @Test
    void theGainSaysBetterOrWorseOnlyWhereItsIntervalLeavesOutNought() {
        List<LessonCount> poor = lesson("nnnnnnnny", "", "");
        List<LessonCount> good = lesson("yyyyyyyyn", "", "");
        assertThat(change(poor, good)).isEqualTo(Change.BETTER);
        assertThat(change(good, poor)).isEqualTo(Change.WORSE);
        assertThat(change(good, good)).isEqualTo(Change.NOT_SHOWN);
    }

    private static Change change(List<LessonCount> earlier, List<LessonCount> later) {
        return TwoLessons.of(earlier, later, rung -> WorkedSide.OUTSIDE).get(0).change();
    }
}
