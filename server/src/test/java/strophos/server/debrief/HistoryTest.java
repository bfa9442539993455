package strophos.server.debrief;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import strophos.server.harness.App;
import strophos.server.harness.Client;
import strophos.server.harness.Yard;
import tools.jackson.databind.JsonNode;

class HistoryTest {

    private static final String RUNG = "counter-bend.walk.rail";
    private static Client coach;
    private static Yard yard;

    @BeforeAll
    static void signIn() {
        coach = App.demo().as("ottilie");
        yard = new Yard(coach);
    }

    private static String ridden(String pair, int yes, int others) {
        String lesson = yard.lesson(pair);
        yard.send(yard.ride(lesson, yes, "TRY", others, true));
        return lesson;
    }

    private static JsonNode history(String pair) {
        return coach.get("/api/v1/pairs/" + pair + "/history").body();
    }

    private static Client.Reply compared(String pair, String one, String other) {
        return coach.get("/api/v1/pairs/" + pair + "/compared?one=" + one + "&other=" + other);
    }

    @Test
    void aRungOverItsLessonsWithAForecastThatSaysItsDaysAWeek() {
        String pair = yard.pair();
        ridden(pair, 4, 6);
        ridden(pair, 6, 4);
        JsonNode shown = history(pair).path("shown");
        assertThat(shown.path("of").path("rung").asString()).isEqualTo(RUNG);
        assertThat(shown.path("points")
                        .valueStream()
                        .map(p -> p.path("left").path("yes").asInt()))
                .containsExactly(4, 6);
        JsonNode forecast = shown.path("forecast");
        assertThat(forecast.path("isOwn").asBoolean())
                .as("two practices are too few")
                .isFalse();
        List<JsonNode> ranges = forecast.path("ranges").valueStream().toList();
        assertThat(ranges).extracting(r -> r.path("daysAWeek").asInt()).containsExactly(5, 3, 1);
        LocalDate five = LocalDate.parse(ranges.get(0).path("likely").asString());
        LocalDate three = LocalDate.parse(ranges.get(1).path("likely").asString());
        assertThat(five).as("five days a week beat three").isBefore(three);
        assertThat(LocalDate.parse(ranges.get(0).path("early").asString())).isBeforeOrEqualTo(five);
        assertThat(history(pair)).as("the same dates each time").isEqualTo(history(pair));
    }

    /** The counts by hand; the interval of 9/10 less 2/10 by Newcombe's method 10 lies well above nought. */
    @Test
    void anyTwoLessonsLieBesideEachOtherTheEarlierFirst() {
        String pair = yard.pair();
        String first = ridden(pair, 2, 8);
        String second = ridden(pair, 9, 1);
        JsonNode two = compared(pair, second, first).body();
        assertThat(two.path("earlier").path("lesson").asString()).isEqualTo(first);
        JsonNode left = two.path("rungs").path(0);
        assertThat(left.path("earlier").path("yes").asInt()).isEqualTo(2);
        assertThat(left.path("later").path("yes").asInt()).isEqualTo(9);
        assertThat(left.path("gain").path("estimate").asDouble()).isCloseTo(0.7, within(1e-9));
        assertThat(left.path("gain").path("low").asDouble()).isPositive();
        assertThat(left.path("change").asString()).isEqualTo("BETTER");
    }

    /** Three choices come first, a second apart: they count as answers, not as soft ones. */
    @Test
    void theLessonBeforeWasAsSoonSoftAsItsOwnDebriefSaid() {
        String pair = yard.pair();
        String first = yard.lesson(pair);
        Object segment = null;
        List<Map<String, Object>> ridden = yard.ride(first, 3, "TRY", 0, true);
        for (int i = 0; i < ridden.size(); i++) {
            if (ridden.get(i).get("kind").equals("segment") && segment == null) {
                segment = ridden.get(i).get("id");
                long atMs = (Long) ridden.get(i).get("atMs");
                for (int n = 1; n <= 3; n++) {
                    Map<String, Object> came =
                            yard.entry(first, "choice", Map.of("segment", segment, "choice", "COMES"));
                    came.put("atMs", atMs + n);
                    ridden.add(i + n, came);
                }
            }
        }
        yard.send(ridden);
        JsonNode own = yard.debrief(first).path("softness");
        assertThat(own.path("lastTimeS").isNull()).isTrue();
        assertThat(own.path("softAfterS").asLong())
                .as("the first ask is two seconds after the beginning")
                .isEqualTo(2);
        String second = ridden(pair, 3, 0);
        assertThat(yard.debrief(second).path("softness").path("lastTimeS").asLong())
                .isEqualTo(2);
        assertThat(yard.debrief(yard.lesson(pair))
                        .path("softness")
                        .path("lastTimeS")
                        .isNull())
                .as("a lesson that was never begun comes after none")
                .isTrue();
    }

    @Test
    void whatCannotBeComparedIsSaid() {
        String pair = yard.pair();
        String ridden = ridden(pair, 2, 8);
        assertThat(compared(pair, ridden, ridden).status()).isEqualTo(422);
        assertThat(compared(pair, ridden, yard.lesson(pair)).status())
                .as("never ridden")
                .isEqualTo(422);
        assertThat(compared(pair, ridden, ridden(yard.pair(), 2, 8)).status())
                .as("another pair's")
                .isEqualTo(404);
        assertThat(coach.get("/api/v1/pairs/" + pair + "/history?rung=levade.walk.rail")
                        .status())
                .isEqualTo(404);
    }

    @Test
    void whatTheRiderFeltIsLaidBesideWhatWasCountedOnceThereAreEnough() {
        String pair = yard.pair();
        for (int i = 0; i < 6; i++) {
            assertThat(history(pair).path("feel").isNull()).isTrue();
            assertThat(history(pair).path("feelLessons").asInt()).isEqualTo(i);
            String lesson = ridden(pair, 6, 4);
            yard.send(List.of(yard.entry(lesson, "rider_felt", Map.of("better", i < 4 ? "NONE" : "LEFT"))));
        }
        JsonNode feel = history(pair).path("feel");
        assertThat(feel.path("lessons").asInt()).isEqualTo(6);
        assertThat(feel.path("agreed").asInt()).as("both sides gave the same").isEqualTo(4);
    }

    @Test
    void beforeAnythingWasAskedThereIsNothingToShow() {
        JsonNode history = history(yard.pair());
        assertThat(history.path("shown").isNull()).isTrue();
        assertThat(history.path("rungs").isEmpty()).isTrue();
    }
}
