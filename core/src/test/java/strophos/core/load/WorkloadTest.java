package strophos.core.load;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import strophos.core.judgement.Finding;
import strophos.core.judgement.Thresholds;

/** Rules 9, over a horse's days (common practice, no source; the single rules have their own cases). */
class WorkloadTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 11, 24);
    private static final Thresholds T = LoadThresholds.SET.standard();

    private static Workload.Session lesson(int daysAgo, double minutes, int effort, String strand) {
        return new Workload.Session(
                TODAY.minusDays(daysAgo), minutes, OptionalInt.of(effort), Optional.of(strand), false);
    }

    private static Workload.Session practice(int daysAgo, double minutes) {
        return new Workload.Session(TODAY.minusDays(daysAgo), minutes, OptionalInt.empty(), Optional.of("bend"), true);
    }

    private static Workload of(Workload.Session... sessions) {
        return new Workload(TODAY, List.of(sessions));
    }

    private static List<String> met(Workload work) {
        return work.judge(T).stream()
                .filter(f -> f.judgement().isMet())
                .map(Finding::ruleId)
                .toList();
    }

    @Test
    void aWeekIsTheSevenDaysBeforeToday() {
        Workload work = of(
                lesson(0, 40, 5, "bend"), lesson(1, 40, 5, "bend"), lesson(7, 20, 3, "bend"), lesson(8, 30, 2, "bend"));
        assertThat(work.week()).as("40 × 5 and 20 × 3").isEqualTo(260);
        assertThat(work.weekBefore()).isEqualTo(60);
        assertThat(work.daysSince()).hasValue(1);
        assertThat(work.minutesOn(TODAY)).isEqualTo(40);
        assertThat(work.minutesOn(TODAY.minusDays(2))).isZero();
    }

    @Test
    void eightWeeksRunUpToYesterday() {
        Workload work = of(lesson(0, 40, 5, "a"), lesson(1, 40, 5, "a"), lesson(7, 20, 3, "a"), lesson(56, 10, 2, "a"));
        assertThat(work.weeks()).hasSize(8);
        assertThat(work.weeks().get(7)).isEqualTo(new Workload.Week(TODAY.minusDays(7), 260, 60));
        assertThat(work.weeks().get(0)).isEqualTo(new Workload.Week(TODAY.minusDays(56), 20, 10));
        assertThat(work.weeks().get(6).load()).isZero();
        assertThat(work.ofWeek().sum()).isEqualTo(260);
        assertThat(work.ofWeek().sd()).as("of 60, 0, 0, 0, 0, 0, 200").isCloseTo(75.21, within(0.01));
    }

    @Test
    void aLessonNobodyJudgedCountsAsTheHorsesUsually() {
        Workload.Session said = lesson(3, 10, 6, "bend");
        Workload.Session unsaid =
                new Workload.Session(TODAY.minusDays(2), 10, OptionalInt.empty(), Optional.empty(), false);
        assertThat(of(said, unsaid).week()).isEqualTo(120);
        assertThat(of(unsaid).week()).as("of a horse that was never judged").isEqualTo(40);
        assertThat(of(practice(1, 20)).week()).as("practice is light").isEqualTo(60);
    }

    /** Both sides of + 20 %. */
    @Test
    void aWeekThatRisesIsSaid() {
        assertThat(met(of(lesson(3, 61, 1, "a"), lesson(10, 50, 1, "b")))).containsExactly("load.week-rises");
        assertThat(met(of(lesson(3, 60, 1, "a"), lesson(10, 50, 1, "b")))).isEmpty();
        assertThat(met(of(lesson(3, 60, 1, "a")))).as("nothing to compare with").isEmpty();
    }

    @Test
    void acuteOverChronicSpeaksAfterFourWeeksOnly() {
        List<Workload.Session> jump = new ArrayList<>();
        for (int ago = 40; ago > 7; ago -= 7) {
            jump.add(lesson(ago, 20, 3, "a" + ago));
        }
        for (int ago = 5; ago > 0; ago--) {
            jump.add(lesson(ago, 60, 6, "b" + ago));
        }
        assertThat(met(new Workload(TODAY, jump))).contains("load.acute-over-chronic");
        assertThat(met(new Workload(TODAY, jump.subList(jump.size() - 6, jump.size()))))
                .doesNotContain("load.acute-over-chronic");
    }

    @Test
    void threeDaysOfTheSameKindUpToYesterdayAskForSomethingElse() {
        assertThat(met(of(lesson(3, 30, 3, "bend"), lesson(2, 30, 3, "bend"), practice(1, 20))))
                .containsExactly("load.same-work");
        assertThat(met(of(lesson(4, 30, 3, "bend"), lesson(3, 30, 3, "bend"), lesson(2, 30, 3, "bend"))))
                .as("a day off lies between")
                .isEmpty();
        assertThat(met(of(lesson(3, 30, 3, "bend"), lesson(2, 30, 3, "canter"), practice(1, 20))))
                .isEmpty();
        assertThat(met(of(lesson(3, 30, 3, "bend"), lesson(2, 30, 3, "bend"), practice(2, 40), practice(1, 5))))
                .as("two on one day are one day")
                .containsExactly("load.same-work");
    }

    @Test
    void whatLiesFurtherBackOrAheadIsLeftOut() {
        Workload work = of(lesson(57, 40, 5, "bend"), lesson(-1, 40, 5, "bend"), lesson(56, 10, 1, "bend"));
        assertThat(work.sessions()).hasSize(1);
        assertThat(Workload.none(TODAY).week()).isCloseTo(0, within(0.0));
        assertThat(Workload.none(TODAY).daysSince()).isEmpty();
    }
}
