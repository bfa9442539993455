package strophos.server.homework;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import strophos.server.harness.App;
import strophos.server.harness.Client;
import strophos.server.harness.Yard;
import tools.jackson.databind.JsonNode;

class HomeworkTest {

    private static final String RUNG = "counter-bend.walk.rail";
    private static Client coach;
    private static Yard yard;

    @BeforeAll
    static void signIn() {
        coach = App.demo().as("ottilie");
        yard = new Yard(coach);
    }

    private static JsonNode view(String lesson) {
        return coach.get("/api/v1/lessons/" + lesson + "/homework").body();
    }

    private static Client.Reply set(String lesson, String rung) {
        return coach.post(
                "/api/v1/lessons/" + lesson + "/homework",
                Map.of("id", UUID.randomUUID(), "rung", rung, "daysAWeek", 4));
    }

    private static JsonNode send(Client rider, Map<String, Object> report) {
        Client.Reply reply = rider.post("/api/v1/practices", Map.of("practices", List.of(report)));
        assertThat(reply.status()).as("%s", reply.body()).isEqualTo(200);
        return reply.body().path("answers").path(0);
    }

    private static List<JsonNode> waiting(String pair) {
        return coach.get("/api/v1/inbox")
                .body()
                .path("waiting")
                .valueStream()
                .filter(a -> a.path("pair").asString().equals(pair))
                .toList();
    }

    /** A pair with homework, and its rider signed in. */
    private record Practices(String pair, String assignment, Client rider) {}

    private static Practices practising() {
        String pair = yard.pair();
        String lesson = yard.ridden(pair, 6, "TRY", 2);
        String assignment = yard.homework(lesson, RUNG);
        return new Practices(pair, assignment, yard.invited(pair, "RIDER"));
    }

    @Test
    void homeworkIsDraftedFromWhatWasRidden() {
        String lesson = yard.ridden(yard.pair(), 6, "TRY", 2);
        JsonNode draft = view(lesson).path("drafts").path(0);
        assertThat(draft.path("rung").asString()).isEqualTo(RUNG);
        assertThat(draft.path("isBrandNew").asBoolean())
                .as("first lesson on it")
                .isTrue();
        assertThat(draft.path("steps").size()).isEqualTo(2);
        assertThat(draft.path("steps").path(0).path("stopIf").size()).isPositive();
    }

    @Test
    void afterAStepBackTheHomeworkIsTheWayBack() {
        String pair = yard.pair();
        String lesson = yard.lesson(pair);
        Map<String, Object> segment = yard.entry(
                lesson,
                "segment",
                Map.of("exercise", "inside-bend", "gait", "WALK", "place", "RAIL", "rein", "LEFT", "mounted", "RIDER"));
        yard.send(List.of(
                yard.entry(lesson, "lesson_started", Map.of()),
                segment,
                yard.exchange(lesson, segment.get("id"), "BRACE"),
                yard.entry(lesson, "lesson_ended", Map.of())));
        coach.post(
                "/api/v1/lessons/" + lesson + "/decisions",
                Map.of(
                        "id", UUID.randomUUID(),
                        "rung", "inside-bend.walk.rail",
                        "chosen", "STEP_BACK",
                        "seen", "STAY"));
        assertThat(view(lesson).path("drafts").path(0).path("rung").asString()).isEqualTo(RUNG);
        assertThat(set(lesson, RUNG).status()).isEqualTo(201);
    }

    @Test
    void nothingIsSetThatThePairHasNotRidden() {
        String lesson = yard.ridden(yard.pair(), 6, "TRY", 2);
        Client.Reply reply = set(lesson, "serpentine.trot.across");
        assertThat(reply.status()).isEqualTo(422);
        assertThat(reply.body().path("issues").path(0).path("code").asString()).isEqualTo("not_ridden");
    }

    @Test
    void settingTheSameAgainTakesThePlaceOfTheOneBefore() {
        String lesson = yard.ridden(yard.pair(), 6, "TRY", 2);
        set(lesson, RUNG);
        JsonNode running = set(lesson, RUNG).body().path("running");
        assertThat(running.size()).isEqualTo(1);
        assertThat(running.path(0).path("daysAWeek").asInt()).isEqualTo(4);
    }

    @Test
    void aReportIsStoredOnceHoweverOftenItIsSent() {
        Practices p = practising();
        Map<String, Object> report = Yard.report(p.rider(), p.assignment(), "EASY", List.of());
        assertThat(send(p.rider(), report).path("outcome").asString()).isEqualTo("STORED");
        assertThat(send(p.rider(), report).path("outcome").asString()).isEqualTo("ALREADY");
        Map<String, Object> other = new LinkedHashMap<>(report);
        other.put("feel", "NOT_YET");
        JsonNode conflict = send(p.rider(), other);
        assertThat(conflict.path("outcome").asString()).isEqualTo("REFUSED");
        assertThat(conflict.path("code").asString()).isEqualTo("CONFLICT");
        JsonNode card = Yard.card(p.rider(), p.assignment());
        assertThat(card.path("practices").size()).isEqualTo(1);
        assertThat(card.path("doneTodayRightS").asInt()).isEqualTo(150);
        assertThat(card.path("easyRunning").asInt()).isEqualTo(1);
    }

    @Test
    void reportsAreTheirAuthorsOwn() {
        Practices p = practising();
        Map<String, Object> report = Yard.report(p.rider(), p.assignment(), "EASY", List.of());
        report.put("author", coach.person());
        assertThat(send(p.rider(), report).path("code").asString()).isEqualTo("NOT_AUTHOR");
        Client imre = App.demo().as("imre");
        report.put("author", imre.person());
        assertThat(send(imre, report).path("code").asString())
                .as("another rider's assignment is not there")
                .isEqualTo("UNKNOWN_ASSIGNMENT");
        Map<String, Object> step = Yard.report(p.rider(), p.assignment(), "EASY", List.of());
        step.put("step", 7);
        assertThat(send(p.rider(), step).path("code").asString()).isEqualTo("VALUES");
    }

    @Test
    void aValueOutOfItsBoundsIsNamed() {
        Practices p = practising();
        Map<String, Object> report = Yard.report(p.rider(), p.assignment(), "EASY", List.of());
        report.put("leftS", 99_999);
        Client.Reply reply = p.rider().post("/api/v1/practices", Map.of("practices", List.of(report)));
        assertThat(reply.status()).isEqualTo(422);
        assertThat(reply.body().path("issues").path(0).path("path").asString()).contains("leftS");
    }

    @Test
    void aFrightStandsFirstPausesTheHomeworkAndIsLiftedByTheAnswer() {
        Practices asks = practising();
        Map<String, Object> question = Yard.report(asks.rider(), asks.assignment(), "GETTING_THERE", List.of());
        question.put("question", "Shorter?");
        send(asks.rider(), question);
        Practices stops = practising();
        send(stops.rider(), Yard.report(stops.rider(), stops.assignment(), "EASY", List.of("FRIGHT")));
        JsonNode paused = Yard.card(stops.rider(), stops.assignment());
        assertThat(paused.path("isPaused").asBoolean()).isTrue();
        assertThat(paused.path("stop").asString()).isEqualTo("SIGN_OPEN");
        List<String> all = coach.get("/api/v1/inbox")
                .body()
                .path("waiting")
                .valueStream()
                .map(a -> a.path("lookIn").asString())
                .toList();
        assertThat(all.indexOf("QUESTION")).isGreaterThan(all.lastIndexOf("STOP_SIGN"));
        assertThat(waiting(stops.pair()).get(0).path("advised").isNull()).isTrue();

        Client.Reply answered = coach.post(
                "/api/v1/assignments/" + stops.assignment() + "/look-ins",
                Map.of("id", UUID.randomUUID(), "verdict", "BACK", "sentence", "Lead past it until then."));
        assertThat(answered.status()).isEqualTo(201);
        JsonNode card = Yard.card(stops.rider(), stops.assignment());
        assertThat(card.path("isPaused").asBoolean()).isFalse();
        assertThat(card.path("lookIns").path(0).path("sentence").asString()).startsWith("Lead past it");
        assertThat(waiting(stops.pair())).isEmpty();
    }

    @Test
    void aFrightOnARungIsLeftOutOfThePlanAndRefused() {
        Practices p = practising();
        send(p.rider(), Yard.report(p.rider(), p.assignment(), "EASY", List.of("FRIGHT")));
        String next = yard.lesson(p.pair());
        yard.send(List.of(yard.entry(next, "lesson_started", Map.of())));
        JsonNode view = coach.get("/api/v1/lessons/" + next + "/plan").body();
        assertThat(view.path("plan").path("notes").path(0).path("code").asString())
                .isEqualTo("STOP_SIGN_OPEN");
        assertThat(view.path("plan").path("blocks").valueStream())
                .isNotEmpty()
                .noneMatch(b -> b.path("of").path("rung").asString().equals(RUNG));
        Client.Reply reply = coach.put(
                "/api/v1/lessons/" + next + "/plan",
                Map.of(
                        "version",
                        0,
                        "blocks",
                        List.of(Map.of("rung", RUNG, "role", "MAIN", "seconds", 300, "longer", "NONE"))));
        assertThat(reply.body().path("issues").path(0).path("code").asString()).isEqualTo("stop_sign_open");
    }

    @Test
    void whatAsksForSomebodyIsNeverHomework() {
        String pair = yard.pair();
        String lesson = yard.lesson(pair);
        List<Map<String, Object>> ride = yard.ride(lesson, 4, "TRY", 1, false);
        Map<String, Object> poles = yard.entry(
                lesson,
                "segment",
                Map.of(
                        "exercise", "poles-straight",
                        "gait", "TROT",
                        "place", "RAIL",
                        "rein", "LEFT",
                        "mounted", "RIDER"));
        ride.add(poles);
        ride.add(yard.exchange(lesson, poles.get("id"), "YES"));
        ride.add(yard.entry(lesson, "lesson_ended", Map.of()));
        yard.send(ride);
        JsonNode view = view(lesson);
        assertThat(view.path("drafts").valueStream().map(d -> d.path("rung").asString()))
                .containsExactly(RUNG);
        assertThat(view.path("notAlone").valueStream().map(JsonNode::asString))
                .containsExactly("Poles on a straight line");
        JsonNode issue =
                set(lesson, "poles-straight.trot.rail").body().path("issues").path(0);
        assertThat(issue.path("code").asString()).isEqualTo("not_alone");
        assertThat(issue.path("path").asString()).isEqualTo("rung");
    }

    @Test
    void anAnswerDoesNotLiftAStopSignThatWasStillOnItsWay() {
        Practices p = practising();
        Map<String, Object> late = Yard.report(p.rider(), p.assignment(), "EASY", List.of("UNLEVEL"));
        late.put("startedAt", App.START.minusSeconds(3600).toString());
        Map<String, Object> first = Yard.report(p.rider(), p.assignment(), "GETTING_THERE", List.of());
        send(p.rider(), first);
        assertThat(coach.post(
                                "/api/v1/assignments/" + p.assignment() + "/look-ins",
                                Map.of("id", UUID.randomUUID(), "verdict", "CARRY_ON", "sentence", "Go on so."))
                        .status())
                .isEqualTo(201);
        send(p.rider(), late);
        assertThat(Yard.card(p.rider(), p.assignment()).path("isPaused").asBoolean())
                .isTrue();
    }

    @Test
    void aGuardianPractisesForTheChild() {
        Practices p = practising();
        coach.post("/api/v1/pairs/" + p.pair() + "/guardians", Map.of("name", "Henrik Falk"));
        Client guardian = yard.invited(p.pair(), "GUARDIAN");
        assertThat(Yard.card(guardian, p.assignment()).path("steps").size()).isPositive();
        Map<String, Object> report = Yard.report(guardian, p.assignment(), "EASY", List.of());
        assertThat(send(guardian, report).path("outcome").asString()).isEqualTo("STORED");
        assertThat(guardian.get("/api/v1/practice").body().path("pairs").size()).isEqualTo(1);
    }
}
