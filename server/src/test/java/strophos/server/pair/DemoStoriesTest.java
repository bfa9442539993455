package strophos.server.pair;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static strophos.server.pair.DemoTruthTest.pair;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import strophos.server.harness.App;
import strophos.server.harness.Client;
import tools.jackson.databind.JsonNode;

/** Half a year of each of the nine pairs: first look and plan lead where its story says, from whatever seed. */
class DemoStoriesTest {

    private static final int LAST_WEEK = 25;

    /** Of a horse's lesson in this week: what its first look found first, and the strand that its main thing is of. */
    static Stream<Arguments> leads() {
        return Stream.of(App.demo(), App.otherDemo())
                .flatMap(app -> Stream.of(
                        Arguments.of(app, "Tamarack", 3, "BEND", "bend"),
                        Arguments.of(app, "Vesper", LAST_WEEK, "CONTACT", "contact"),
                        Arguments.of(app, "Vesper", 2, "STOP_BACK", "stop-back"),
                        Arguments.of(app, "Quillon", LAST_WEEK, "NEXT_RUNG", "quarters"),
                        Arguments.of(app, "Marzipan", LAST_WEEK, "FORWARD", "forward"),
                        Arguments.of(app, "Penny Black", LAST_WEEK, "NEXT_RUNG", "canter"),
                        Arguments.of(app, "Skerry", LAST_WEEK, "NEXT_RUNG", "poles"),
                        Arguments.of(app, "Fennel", LAST_WEEK, "SHOULDERS", "shoulders"),
                        Arguments.of(app, "Fennel", 8, "FORWARD", "forward"),
                        Arguments.of(app, "Sindri", LAST_WEEK, "RHYTHM", "rhythm"),
                        Arguments.of(app, "Pepperwort", 12, "CONFIDENCE", "confidence")));
    }

    @ParameterizedTest
    @MethodSource("leads")
    void lookAndPlanLeadWhereTheStorySays(App app, String horse, int at, String focus, String strand) {
        Client coach = app.as("ottilie");
        List<JsonNode> lessons = lessons(coach, horse);
        JsonNode plan = plan(coach, lessons.get(Math.min(at, lessons.size() - 1)));
        assertThat(plan.path("focus").path("kinds").path(0).asString()).isEqualTo(focus);
        String main = block(plan, "MAIN").path("of").path("rung").asString();
        assertThat(plan.path("choices").valueStream())
                .filteredOn(c -> c.path("rung").path("rung").asString().equals(main))
                .singleElement()
                .satisfies(c -> assertThat(c.path("strand").asString()).isEqualTo(strand));
    }

    static Stream<App> seeds() {
        return Stream.of(App.demo(), App.otherDemo());
    }

    /** Five of six days, and what the plan makes of it. */
    @ParameterizedTest
    @MethodSource("seeds")
    void steppingBackHelpsThePennyBlackStrikeOff(App app) {
        Client coach = app.as("ottilie");
        List<JsonNode> lessons = lessons(coach, "Penny Black");
        JsonNode wayIn = block(plan(coach, lessons.get(lessons.size() - 1)), "WAY_IN");
        assertThat(wayIn.path("of").path("rung").asString()).startsWith("step-back-rein");
        JsonNode why = wayIn.path("reasons").path(0);
        assertThat(why.path("code").asString()).startsWith("HELPED_");
        assertThat(why.path("values").path("days").asString()).isEqualTo("5");
        assertThat(why.path("values").path("of").asString()).isEqualTo("6");
    }

    /** About 35 % at first, 12 % at the end; thirty asks and more on each side. */
    @ParameterizedTest
    @MethodSource("seeds")
    void noorsHandTakesEverLessAfterTheLeg(App app) {
        Client coach = app.as("ottilie");
        List<JsonNode> lessons = lessons(coach, "Vesper");
        assertThat(intoTheHand(coach, lessons.subList(0, 5))).isCloseTo(0.35, within(0.14));
        assertThat(intoTheHand(coach, lessons.subList(21, 26))).isCloseTo(0.12, within(0.1));
    }

    private static double intoTheHand(Client coach, List<JsonNode> lessons) {
        int count = 0;
        int of = 0;
        for (JsonNode lesson : lessons) {
            JsonNode share = debrief(coach, lesson).path("seen").path("aids").path("intoTheHand");
            count += share.path("count").asInt();
            of += share.path("of").asInt();
        }
        assertThat(of).isGreaterThan(60);
        return (double) count / of;
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void quillonIsBehindToTheLeft(App app) {
        assertThat(pair(app.as("ottilie"), "Quillon").path("behind").valueStream())
                .anySatisfy(b -> {
                    assertThat(b.path("strand").asString()).isEqualTo("quarters");
                    assertThat(b.path("side").asString()).isEqualTo("LEFT");
                });
    }

    /** Nine lines of ten take a stride more, and nobody is to blame. */
    @ParameterizedTest
    @MethodSource("seeds")
    void linesBuiltForHorsesDoNotFitSkerry(App app) {
        Client coach = app.as("ottilie");
        List<JsonNode> ridden = lessons(coach, "Skerry").subList(20, 26).stream()
                .flatMap(l -> debrief(coach, l).path("rows").valueStream())
                .filter(r -> r.path("exercise").asString().equals("related-line"))
                .flatMap(r -> r.path("marks").path("lines").valueStream())
                .toList();
        assertThat(ridden).hasSizeGreaterThan(60);
        long fitting = ridden.stream()
                .filter(l -> l.path("ridden").asInt() == l.path("planned").asInt())
                .count();
        assertThat((double) fitting / ridden.size()).isCloseTo(0.1, within(0.12));
    }

    @ParameterizedTest
    @MethodSource("seeds")
    void sindrisErrorsAreCorrectedAtOnce(App app) {
        Client coach = app.as("ottilie");
        int made = 0;
        int total = 0;
        for (JsonNode lesson : lessons(coach, "Sindri")) {
            JsonNode corrections = debrief(coach, lesson).path("seen").path("corrections");
            made += corrections.path("made").asInt();
            total += corrections.path("total").asInt();
        }
        assertThat(total).isGreaterThan(60);
        assertThat((double) made / total).isCloseTo(0.93, within(3.3 * Math.sqrt(0.93 * 0.07 / total)));
    }

    /** Three days a week, and the first gate opens in the fourth. */
    @ParameterizedTest
    @MethodSource("seeds")
    void sindrisGateOpensInTheFourthWeek(App app) {
        String days = App.query(app, """
                select min(extract(day from x.started_at - a.set_at)) from practice x join assignment a on a.id = x.assignment_id
                join pair p on p.id = a.pair_id join horse h on h.id = p.horse_id
                where h.name = 'Sindri' and a.rung = 'walk-halt.walk.rail' and x.step = a.first_step + 1
                """);
        assertThat(Double.parseDouble(days)).isBetween(21.0, 34.0);
    }

    /** One fright, one step back; then steady, and a programme in its second week. */
    @ParameterizedTest
    @MethodSource("seeds")
    void pepperwortStepsBackOnceAndGoesOn(App app) {
        assertThat(App.query(app, """
                        select (d.day - a.set_on) / 7 from assignment a join pair p on p.id = a.pair_id join horse h on h.id = p.horse_id,
                            (select max(demo_made_at)::date as day from yard) d
                        where h.name = 'Pepperwort' and a.programme is not null
                        """)).as("whole weeks since it was set").isEqualTo("1");
    }

    /** How much there is, as the demo says of itself. */
    @Test
    void halfAYearOfAYard() {
        App app = App.demo();
        assertThat(Integer.parseInt(App.query(app, "select count(*) from ridden_lesson where ended_at is not null")))
                .isGreaterThanOrEqualTo(200);
        assertThat(Integer.parseInt(App.query(app, "select count(*) from practice")))
                .isGreaterThanOrEqualTo(380);
        assertThat(
                        Integer.parseInt(
                                App.query(
                                        app,
                                        "select count(*) from (select from practice group by author_id having count(*) > 10) of_rider")))
                .as("riders who practise")
                .isGreaterThanOrEqualTo(9);
        assertThat(Integer.parseInt(App.query(app, "select sum(exchanges) from ridden_lesson")))
                .isGreaterThan(22_000);
        assertThat(App.query(app, "select count(distinct school) from pair")).isEqualTo("5");
    }

    /** All of them, the first first. */
    private static List<JsonNode> lessons(Client coach, String horse) {
        JsonNode pair = pair(coach, horse);
        List<JsonNode> all = new ArrayList<>(pair.path("lessons").valueStream().toList());
        String next = pair.path("nextLessons").asString("");
        while (!next.isEmpty()) {
            JsonNode page = coach.get("/api/v1/pairs/" + pair.path("id").asString() + "/lessons?after=" + next)
                    .body();
            page.path("lessons").valueStream().forEach(all::add);
            next = page.path("next").asString("");
        }
        Collections.reverse(all);
        return all;
    }

    private static JsonNode plan(Client coach, JsonNode lesson) {
        return coach.get("/api/v1/lessons/" + lesson.path("id").asString() + "/plan")
                .body();
    }

    private static JsonNode debrief(Client coach, JsonNode lesson) {
        return coach.get("/api/v1/lessons/" + lesson.path("id").asString() + "/debrief")
                .body();
    }

    private static JsonNode block(JsonNode plan, String role) {
        return plan.path("plan")
                .path("blocks")
                .valueStream()
                .filter(b -> b.path("role").asString().equals(role))
                .findFirst()
                .orElseThrow();
    }
}
