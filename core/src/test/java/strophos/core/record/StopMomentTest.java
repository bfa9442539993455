package strophos.core.record;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import strophos.core.exchange.Gait;
import strophos.core.exchange.Place;
import strophos.core.judgement.Thresholds;
import strophos.core.school.School;
import strophos.core.stair.RungId;
import strophos.core.stop.StopBook;
import strophos.core.stop.StopBook.StopAdvice;
import strophos.core.stop.StopThresholds;
import strophos.core.welfare.Heat;

/** When a lesson could have stopped, by its log (rules 5). Worked by hand; minutes. */
class StopMomentTest {

    private static final RungId BEND = new RungId("bend", Gait.WALK, Place.RAIL);
    private static final RungId STEP_BACK = new RungId("counter-bend", Gait.WALK, Place.RAIL);

    private final List<Entry> log = new ArrayList<>();
    private String segment;

    private String say(double atMinute, String kind, Map<String, Object> payload) {
        int n = log.size() + 1;
        log.add(new Entry(id(n), id(700), id(801), id(900), n, Math.round(60_000 * atMinute), kind, 1, payload));
        return id(n);
    }

    private static String id(int n) {
        return "00000000-0000-7000-8000-%012d".formatted(n);
    }

    private void turn(double atMinute, RungId rung, String rein, String... answers) {
        segment = say(
                atMinute,
                "segment",
                Map.of(
                        "exercise",
                        rung.exercise(),
                        "gait",
                        rung.gait().word(),
                        "place",
                        rung.place().word(),
                        "rein",
                        rein,
                        "mounted",
                        "RIDER"));
        for (int i = 0; i < answers.length; i++) {
            say(
                    atMinute + 0.1 * (i + 1),
                    "exchange",
                    Map.of("segment", segment, "strength", 2, "response", answers[i]));
        }
    }

    private List<StopMoment> moments(boolean isSpared, School school) {
        Thresholds t = StopThresholds.SET.standard();
        return StopMoment.in(
                Fold.of(log),
                new StopMoment.Setting(
                        isSpared,
                        school,
                        StopBook.with(t),
                        Heat.of(t),
                        rung -> rung.equals(BEND) ? Optional.of(STEP_BACK) : Optional.empty()));
    }

    @Test
    void theFirstGoodPlaceAndHowLongWasRiddenAfterIt() {
        say(0, "lesson_started", Map.of());
        turn(0, BEND, "LEFT", "TRY", "YES", "YES", "YES");
        turn(6, BEND, "RIGHT", "YES", "YES", "YES");
        assertThat(moments(false, School.CLASSICAL))
                .as("under ten minutes of work")
                .isEmpty();
        say(8, "rest", Map.of());
        turn(10, BEND, "LEFT");
        turn(14, BEND, "RIGHT", "YES");
        turn(20, BEND, "LEFT", "YES");
        say(25, "lesson_ended", Map.of());
        assertThat(moments(false, School.CLASSICAL)).singleElement().satisfies(m -> {
            assertThat(m.advice()).isEqualTo(StopAdvice.GOOD_PLACE);
            assertThat(m.worked()).as("the rest is no work").isEqualTo(Duration.ofSeconds(12 * 60 + 6));
            assertThat(m.riddenOn()).isEqualTo(Duration.ofSeconds(10 * 60 + 54));
        });
    }

    @Test
    void tiredComesBeforeAllElse() {
        turn(0, BEND, "LEFT", "NONE");
        say(12, "sign", Map.of("segment", segment, "name", "tired", "side", "NONE"));
        say(20, "lesson_ended", Map.of());
        assertThat(moments(false, School.CLASSICAL))
                .extracting(StopMoment::ruleId)
                .containsExactly("stop.tired");
    }

    @Test
    void wrongThreeTimesAfterAStepBackFollowsTheSchool() {
        turn(0, BEND, "LEFT", "WRONG", "WRONG", "WRONG");
        turn(3, STEP_BACK, "LEFT", "WRONG", "WRONG");
        assertThat(moments(false, School.CLASSICAL)).isEmpty();
        say(4, "exchange", Map.of("segment", segment, "strength", 2, "response", "WRONG"));
        assertThat(moments(false, School.CLASSICAL))
                .extracting(StopMoment::advice)
                .containsExactly(StopAdvice.END_ON_KNOWN);
        assertThat(moments(false, School.PRESSURE_AND_RELEASE))
                .extracting(StopMoment::advice)
                .containsExactly(StopAdvice.STAY_UNTIL_SOFT);
        say(3.5, "sign", Map.of("segment", segment, "name", "jumps-away", "side", "NONE"));
        assertThat(moments(false, School.PRESSURE_AND_RELEASE))
                .as("never after a fright")
                .extracting(StopMoment::advice)
                .containsExactly(StopAdvice.END_ON_KNOWN);
    }

    @Test
    void aSparedHorseHasWorkedLongEnoughAfterTwentyMinutes() {
        turn(0, BEND, "LEFT", "TRY");
        turn(16, BEND, "RIGHT", "TRY");
        turn(21, BEND, "LEFT", "TRY");
        assertThat(moments(true, School.CLASSICAL))
                .extracting(StopMoment::ruleId)
                .containsExactly("stop.does-not-become-good", "stop.worked-long-enough");
        assertThat(moments(false, School.CLASSICAL)).isEmpty();
    }

    /** 36 °C and 90 %: 186.8. The same in the cold says nothing. */
    @Test
    void theHotWeatherLine() {
        say(0, "conditions", Map.of("temperatureC", 36, "humidityPct", 90));
        turn(1, BEND, "LEFT", "YES");
        assertThat(moments(false, School.CLASSICAL))
                .extracting(StopMoment::ruleId)
                .containsExactly("stop.too-hot");
        say(2, "conditions", Map.of("temperatureC", 15, "humidityPct", 100));
        turn(3, BEND, "LEFT", "YES");
        assertThat(moments(false, School.CLASSICAL)).hasSize(1);
    }
}
