package strophos.core.load;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import strophos.core.judgement.Thresholds;

/** Rules 9 (common practice, no source). */
class OutingTest {

    private static final Thresholds T = LoadThresholds.SET.standard();
    private static final LocalDate FRIDAY = LocalDate.of(2026, 5, 8);

    @Test
    void aYoungHorseDoesHalfALessonOnTheSecondDayAway() {
        Outing young = Outing.plan(FRIDAY, FRIDAY.plusDays(3), true, 40, T);
        assertThat(young.days())
                .containsExactly(
                        new Outing.Day(FRIDAY.minusDays(1), Outing.Kind.EASY, 20),
                        new Outing.Day(FRIDAY, Outing.Kind.TRAVEL_AND_LOOK_AROUND, 20),
                        new Outing.Day(FRIDAY.plusDays(1), Outing.Kind.HALF_LESSON, 20),
                        new Outing.Day(FRIDAY.plusDays(2), Outing.Kind.EASY, 20),
                        new Outing.Day(FRIDAY.plusDays(3), Outing.Kind.COUNTS, 40),
                        new Outing.Day(FRIDAY.plusDays(4), Outing.Kind.REST_OR_HACK, 0));
    }

    @ParameterizedTest
    @CsvSource({"0, true", "1, true", "2, false", "3, true", "6, false"})
    void whatItPlansItDoesNotWarnOf(int away, boolean isYoung) {
        assertThat(Outing.plan(FRIDAY, FRIDAY.plusDays(away), isYoung, 45, T).warnings(isYoung, T))
                .isEmpty();
    }

    @Test
    void everyThingWrongIsNamedWithItsDay() {
        Outing wrong = new Outing(List.of(
                new Outing.Day(FRIDAY.minusDays(1), Outing.Kind.HARD, 45),
                new Outing.Day(FRIDAY, Outing.Kind.TRAVEL_AND_LOOK_AROUND, 60),
                new Outing.Day(FRIDAY.plusDays(1), Outing.Kind.HARD, 45),
                new Outing.Day(FRIDAY.plusDays(2), Outing.Kind.HARD, 45),
                new Outing.Day(FRIDAY.plusDays(3), Outing.Kind.COUNTS, 45),
                new Outing.Day(FRIDAY.plusDays(4), Outing.Kind.LESSON, 45)));
        assertThat(wrong.warnings(true, T))
                .containsExactly(
                        new Outing.WarningDay(Outing.Warning.NOT_EASY_BEFORE_TRAVEL, FRIDAY.minusDays(1)),
                        new Outing.WarningDay(Outing.Warning.LOOKS_AROUND_TOO_LONG, FRIDAY),
                        new Outing.WarningDay(Outing.Warning.WHOLE_LESSON_FOR_A_YOUNG_HORSE, FRIDAY.plusDays(1)),
                        new Outing.WarningDay(Outing.Warning.HARD_DAYS_BEFORE_IT_COUNTS, FRIDAY.plusDays(3)),
                        new Outing.WarningDay(Outing.Warning.NO_REST_AFTER, FRIDAY.plusDays(4)));
        assertThat(new Outing(List.of(new Outing.Day(FRIDAY, Outing.Kind.COUNTS, 45))).warnings(false, T))
                .containsExactly(new Outing.WarningDay(Outing.Warning.NO_REST_AFTER, FRIDAY.plusDays(1)));
    }

    /** A lesson of 45 minutes is ordinary, of 46 hard, of 22 still half of one. */
    @ParameterizedTest
    @CsvSource({
        "-1, 22, EASY, ''",
        "-1, 23, LESSON, NOT_EASY_BEFORE_TRAVEL",
        "0, 21, TRAVEL_AND_LOOK_AROUND, LOOKS_AROUND_TOO_LONG",
        "0, 14, TRAVEL_AND_LOOK_AROUND, LOOKS_AROUND_TOO_SHORT",
        "1, 45, LESSON, WHOLE_LESSON_FOR_A_YOUNG_HORSE",
        "1, 20, HALF_LESSON, ''",
        "2, 46, HARD, ''",
        "3, 60, COUNTS, ''",
        "4, 20, REST_OR_HACK, ''",
        "4, 45, LESSON, NO_REST_AFTER"
    })
    void theDiaryShowsWhatADayReallyHolds(int after, int minutes, Outing.Kind kind, String warned) {
        LocalDate day = FRIDAY.plusDays(after);
        Outing young = Outing.plan(FRIDAY, FRIDAY.plusDays(3), true, 45, T).inDiary(Map.of(day, minutes), 45);
        assertThat(young.on(day)).hasValue(new Outing.Day(day, kind, minutes));
        assertThat(young.warnings(true, T))
                .extracting(w -> w.warning().name())
                .isEqualTo(warned.isEmpty() ? List.of() : List.of(warned));
    }

    @Test
    void twoHardDaysBeforeItCountsAreWarnedOf() {
        Map<LocalDate, Integer> diary = Map.of(FRIDAY.plusDays(1), 60, FRIDAY.plusDays(2), 60);
        assertThat(Outing.plan(FRIDAY, FRIDAY.plusDays(3), false, 45, T)
                        .inDiary(diary, 45)
                        .warnings(false, T))
                .containsExactly(new Outing.WarningDay(Outing.Warning.HARD_DAYS_BEFORE_IT_COUNTS, FRIDAY.plusDays(3)));
    }

    @Test
    void anOutingHasADayThatCountsAfterTheJourney() {
        assertThatThrownBy(() -> Outing.plan(FRIDAY, FRIDAY.minusDays(1), false, 45, T))
                .hasMessageContaining("cannot lie before");
    }

    @Test
    void hardItemsRestTheNextDayOnly() {
        List<HardItemsRest.ItemDay<String>> ridden = List.of(
                new HardItemsRest.ItemDay<>("changes", FRIDAY),
                new HardItemsRest.ItemDay<>("walk", FRIDAY),
                new HardItemsRest.ItemDay<>("pirouette", FRIDAY.minusDays(1)));
        List<String> hard = List.of("pirouette", "changes");
        assertThat(HardItemsRest.on(FRIDAY.plusDays(1), hard, ridden)).containsExactly("changes");
        assertThat(HardItemsRest.on(FRIDAY, hard, ridden)).containsExactly("pirouette");
        assertThat(HardItemsRest.on(FRIDAY.plusDays(2), hard, ridden)).isEmpty();
    }
}
