package strophos.server.contact;

import static org.assertj.core.api.Assertions.assertThat;
import static strophos.server.harness.RungRow.criterion;
import static strophos.server.harness.RungRow.missing;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import strophos.core.contact.ReinSeries;
import strophos.core.contact.StandInSensor;
import strophos.core.exchange.Side;
import strophos.server.harness.App;
import strophos.server.harness.Client;
import strophos.server.harness.Inside;
import strophos.server.harness.Sensor;
import strophos.server.harness.Yard;
import strophos.server.ride.Rebuild;
import strophos.server.ride.RideLog;
import strophos.server.state.PairStates;
import tools.jackson.databind.JsonNode;

/** Rungs that are learnt by what a sensor measures. */
class MeasuredRungTest {

    private static final int MINUTE_S = 60;

    private final Client coach = App.demo().as("ottilie");
    private final Yard yard = new Yard(coach);
    private final Inside inside = new Inside(App.demo(), coach);
    private final String pair = yard.pair();
    private String lesson = yard.lesson(pair);

    /** A minute on each rein; when the first began. */
    private Instant ridden(String exercise, String place) {
        Map<String, Object> started = yard.entry(lesson, "lesson_started", Map.of());
        long beganMs = (long) started.get("atMs") + 1;
        List<Map<String, Object>> log = new ArrayList<>(List.of(started));
        for (String rein : List.of("LEFT", "RIGHT")) {
            Map<String, Object> turn = yard.entry(
                    lesson,
                    "segment",
                    Map.of("exercise", exercise, "gait", "TROT", "place", place, "rein", rein, "mounted", "RIDER"));
            turn.put("atMs", beganMs + (rein.equals("LEFT") ? 0 : 1000L * MINUTE_S));
            log.add(turn);
        }
        Map<String, Object> ended = yard.entry(lesson, "lesson_ended", Map.of());
        ended.put("atMs", beganMs + 2 * 1000L * MINUTE_S);
        log.add(ended);
        yard.send(log);
        return Instant.ofEpochMilli(beganMs);
    }

    private static ReinSeries trot(StandInSensor.Pull... pulls) {
        return StandInSensor.measure(
                StandInSensor.Script.of(50, new StandInSensor.Stretch(2 * MINUTE_S, 158, 0.03, 3, 3.5, 1.5, 0))
                        .with(pulls),
                3);
    }

    private void aim(int version, double lowKg, double highKg) {
        coach.put(
                "/api/v1/pairs/" + pair + "/contact-band",
                Map.of("version", version, "lowKg", lowKg, "highKg", highKg));
    }

    private JsonNode rungs() {
        return coach.get("/api/v1/lessons/" + lesson + "/debrief").body().path("rows");
    }

    /** Nothing was touched in: what was measured is enough, whichever comes first, the band or the recording. */
    @Test
    void aRungIsJudgedByTheTimeInTheBand() {
        aim(0, 2, 4.5);
        Instant began = ridden("contact-in-band", "RAIL");
        assertThat(rungs()).isEmpty();
        String recording = new Sensor(coach, lesson).send(trot(), began);
        JsonNode rung = rungs().path(0);
        assertThat(rung.path("exercise").asString()).isEqualTo("contact-in-band");
        assertThat(criterion(rung).path("kind").asString()).isEqualTo("MET");
        // in canter it is not open yet: the strike-off comes first
        assertThat(rung.path("advice").path("decision").asString()).isEqualTo("STAY_HARDER");

        // where the band is another the same reins are outside it
        aim(1, 2, 3);
        assertThat(criterion(rungs().path(0)).path("kind").asString()).isEqualTo("BROKEN");
        assertThat(missing(criterion(rungs().path(0)))).containsExactly("LEFT IN_BAND", "RIGHT IN_BAND");

        // moved by half a minute: of the left rein no minute is left
        aim(2, 2, 4.5);
        String path = "/api/v1/lessons/" + lesson + "/recordings/" + recording;
        coach.put(path, Map.of("version", 1, "startedAt", began.plusSeconds(30).toString(), "isAway", false));
        assertThat(criterion(rungs().path(0)).path("kind").asString()).isEqualTo("NOT_ENOUGH_DATA");
        assertThat(missing(criterion(rungs().path(0)))).containsExactly("LEFT SECONDS");

        coach.put(path, Map.of("version", 2, "startedAt", began.toString(), "isAway", true));
        assertThat(rungs()).isEmpty();
        coach.put(path, Map.of("version", 3, "startedAt", began.toString(), "isAway", false));
        assertThat(criterion(rungs().path(0)).path("kind").asString()).isEqualTo("MET");
    }

    @Test
    void aBandSetAfterwardsJudgesWhatWasMeasured() {
        Instant began = ridden("contact-in-band", "RAIL");
        new Sensor(coach, lesson).send(trot(), began);
        assertThat(rungs()).isEmpty();
        aim(0, 2, 4.5);
        assertThat(criterion(rungs().path(0)).path("kind").asString()).isEqualTo("MET");
    }

    /** On the left rein three times soft again within 2 s, on the right once after 8 s. */
    @Test
    void aRungIsJudgedByHowSoonItIsSoftAgain() {
        aim(0, 2, 4.8);
        Instant began = ridden("soft-again", "CIRCLE");
        new Sensor(coach, lesson)
                .send(
                        trot(
                                new StandInSensor.Pull(10, Side.LEFT, 5, 2),
                                new StandInSensor.Pull(25, Side.LEFT, 5, 2),
                                new StandInSensor.Pull(40, Side.LEFT, 5, 2),
                                new StandInSensor.Pull(80, Side.RIGHT, 5, 8)),
                        began);
        JsonNode criterion = criterion(rungs().path(0));
        assertThat(missing(criterion)).containsExactly("RIGHT RECOVERIES");
        assertThat(criterion
                        .path("evidence")
                        .path(0)
                        .path("counted")
                        .path("successes")
                        .asInt())
                .isEqualTo(3);
        assertThat(criterion
                        .path("evidence")
                        .path(1)
                        .path("counted")
                        .path("successes")
                        .asInt())
                .isZero();
    }

    /** What is measured on a rung that is learnt by answers is no day on it. */
    @Test
    void aRungThatIsLearntByAnswersIsLeftAlone() {
        aim(0, 2, 4.5);
        Instant began = ridden("counter-bend", "RAIL");
        new Sensor(coach, lesson).send(trot(), began);
        assertThat(rungs()).isEmpty();
        assertThat(inside.of(() -> App.demo().bean(PairStates.class).now(UUID.fromString(pair)))
                        .rungs())
                .isEmpty();
    }

    /** A change of the band reaches the lessons before the last as well, and making all anew finds nothing else. */
    @Test
    void whatIsKeptIsWhatIsMadeAnew() {
        aim(0, 2, 4.5);
        List<UUID> lessons = new ArrayList<>();
        for (int i = 0; i < 2; i++) {
            lesson = i == 0 ? lesson : yard.lesson(pair);
            lessons.add(UUID.fromString(lesson));
            new Sensor(coach, lesson).send(trot(), ridden("contact-in-band", "RAIL"));
        }
        assertThat(inside.of(() -> App.demo().bean(RideLog.class).rebuild(lessons)))
                .isZero();
        Rebuild.Report report = App.demo().withoutRenewal(() -> {
            aim(1, 2, 3);
            return App.demo().bean(Rebuild.class).run(1, done -> {});
        });
        assertThat(report.lessonsChanged())
                .as("the last one was made anew at once")
                .isEqualTo(1);
        lesson = lessons.get(0).toString();
        assertThat(criterion(rungs().path(0)).path("kind").asString()).isEqualTo("BROKEN");
        assertThat(inside.of(() -> App.demo().bean(PairStates.class).settleAnew(UUID.fromString(pair))))
                .isFalse();
    }
}
