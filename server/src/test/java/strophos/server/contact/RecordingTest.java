package strophos.server.contact;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import strophos.core.contact.ReinSeries;
import strophos.core.contact.StandInSensor;
import strophos.core.exchange.Side;
import strophos.server.harness.App;
import strophos.server.harness.Client;
import strophos.server.harness.Sensor;
import strophos.server.harness.Yard;
import tools.jackson.databind.JsonNode;

class RecordingTest {

    /** A trot of 3 and 3.5 kg, that gets heavy in its second half. */
    private static final ReinSeries TROT = StandInSensor.measure(
            StandInSensor.Script.of(
                    50,
                    new StandInSensor.Stretch(60, 158, 0.03, 3, 3.5, 1.5, 0),
                    new StandInSensor.Stretch(35, 158, 0.03, 3, 3.5, 1.5, 0.1)),
            7);

    private final Client coach = App.demo().as("ottilie");
    private final Yard yard = new Yard(coach);
    private final String pair = yard.pair();
    private String lesson = yard.lesson(pair);
    private final Sensor sensor = new Sensor(coach, lesson);

    private JsonNode contact() {
        return coach.get("/api/v1/lessons/" + lesson + "/contact").body();
    }

    /** Two stretches, a minute and 35 s long; when the first began. */
    private Instant ridden() {
        Map<String, Object> started = yard.entry(lesson, "lesson_started", Map.of());
        Map<String, Object> first = trot("LEFT");
        long atMs = (long) started.get("atMs");
        first.put("atMs", atMs + 1);
        Map<String, Object> second = trot("RIGHT");
        second.put("atMs", atMs + 60_001);
        Map<String, Object> ended = yard.entry(lesson, "lesson_ended", Map.of());
        ended.put("atMs", atMs + 95_001);
        yard.send(List.of(started, first, second, ended));
        return Instant.ofEpochMilli(atMs + 1);
    }

    private Map<String, Object> trot(String rein) {
        return yard.entry(
                lesson,
                "segment",
                Map.of("exercise", "counter-bend", "gait", "TROT", "place", "RAIL", "rein", rein, "mounted", "RIDER"));
    }

    @Test
    void everyStretchSaysHowHeavyHowUnlikeAndFromWhenOn() {
        sensor.send(TROT, ridden());
        coach.put("/api/v1/pairs/" + pair + "/contact-band", Map.of("version", 0, "lowKg", 2, "highKg", 4.5));
        JsonNode recording = contact().path("recordings").path(0);
        assertThat(recording.path("isWhole").asBoolean()).isTrue();
        assertThat(recording.path("seconds").asDouble()).isEqualTo(95);
        assertThat(recording.path("faults").size()).isZero();
        JsonNode steady = recording.path("spans").path(0);
        assertThat(steady.path("rein").asString()).isEqualTo("LEFT");
        assertThat(steady.path("left").path("levelKg").asDouble()).isCloseTo(3, within(0.1));
        assertThat(steady.path("right").path("levelKg").asDouble()).isCloseTo(3.5, within(0.1));
        assertThat(steady.path("asymmetry").asDouble()).isCloseTo(0.5 / 6.5, within(0.01));
        assertThat(steady.path("beat").path("peaksAMinute").asDouble()).isCloseTo(158, within(1.5));
        assertThat(steady.path("left").path("heavy").path("overFromS").isNull()).isTrue();
        assertThat(steady.path("inBand").path("insideS").asDouble()).isCloseTo(60, within(2.0));
        assertThat(steady.path("inBand").path("measuredS").asDouble()).isCloseTo(60, within(0.1));
        assertThat(steady.path("softAgain")).isEmpty();
        JsonNode never = recording.path("spans").path(1).path("softAgain").path(0);
        assertThat(never.path("afterS").isNull())
                .as("it got heavier to the end")
                .isTrue();
        JsonNode heavy = recording.path("spans").path(1).path("left").path("heavy");
        assertThat(heavy.path("isGrowing").asBoolean()).isTrue();
        assertThat(heavy.path("kgASecond").asDouble()).isCloseTo(0.1, within(0.01));
        assertThat(heavy.path("overFromS").asDouble()).isCloseTo(15, within(1.5));
        // Sindri has 138 cm: a working trot of 3.61 m/s, scaled by the root of 1.38 / 1.65 (calculations: gait)
        assertThat(heavy.path("overFromM").asDouble())
                .isCloseTo(heavy.path("overFromS").asDouble() * 3.61 * Math.sqrt(1.38 / 1.65), within(0.5));
    }

    /** The trot begun before its canter was touched off: the beat is a trot's for a pony of 1.38 m. */
    @Test
    void aBeatThatIsNotTheTouchedGaitsSaysWhoseItIs() {
        Map<String, Object> started = yard.entry(lesson, "lesson_started", Map.of());
        long beganMs = (long) started.get("atMs") + 1;
        List<Map<String, Object>> log = new ArrayList<>(List.of(started));
        for (String gait : List.of("CANTER", "TROT")) {
            Map<String, Object> turn = yard.entry(
                    lesson,
                    "segment",
                    Map.of("exercise", "free", "gait", gait, "place", "RAIL", "rein", "LEFT", "mounted", "RIDER"));
            turn.put("atMs", beganMs + 60_000 * (log.size() - 1));
            log.add(turn);
        }
        yard.send(log);
        sensor.send(TROT, Instant.ofEpochMilli(beganMs));
        JsonNode spans = contact().path("recordings").path(0).path("spans");
        assertThat(spans.path(0).path("beat").path("insteadOfTouched"))
                .extracting(JsonNode::asString)
                .containsExactly("TROT");
        assertThat(spans.path(1).path("beat").path("insteadOfTouched")).isEmpty();
    }

    /** Six asks with a driving aid, the hand taking 3.2 kg in three of them; one more right after the turn began, and one of the trainer's. */
    @Test
    void aHandThatTakesWhileTheLegDrivesIsCountedWithItsMoments() {
        Map<String, Object> started = yard.entry(lesson, "lesson_started", Map.of());
        long beganMs = (long) started.get("atMs") + 1;
        Map<String, Object> turn = trot("LEFT");
        turn.put("atMs", beganMs);
        List<Map<String, Object>> log = new ArrayList<>(List.of(started, turn));
        List<StandInSensor.Pull> pulls = new ArrayList<>();
        for (int i = 0; i < 7; i++) {
            int atS = i == 0 ? 4 : 2 + 8 * i;
            Map<String, Object> leg = Map.of("means", "LEG", "side", "NONE", "manner", "PUSH");
            Map<String, Object> ask = yard.entry(
                    lesson,
                    "exchange",
                    Map.of("segment", turn.get("id"), "strength", 2, "response", "YES", "aids", List.of(leg)));
            ask.put("atMs", beganMs + 1000L * atS);
            log.add(ask);
            pulls.add(new StandInSensor.Pull(atS - 1.4, Side.RIGHT, i % 2 == 1 ? 3.2 : 0.8, i == 3 ? 3 : 0.3));
        }
        yard.send(log);
        sensor.send(
                StandInSensor.measure(
                        StandInSensor.Script.of(50, new StandInSensor.Stretch(60, 158, 0.03, 3, 3.5, 1.5, 0))
                                .with(pulls.toArray(StandInSensor.Pull[]::new)),
                        5),
                Instant.ofEpochMilli(beganMs));
        JsonNode asks = contact().path("recordings").path(0).path("asks");
        assertThat(asks.path("drives").asInt()).isEqualTo(6);
        assertThat(asks.path("intoTheHand").asInt()).isEqualTo(3);
        assertThat(asks.path("isOften").asBoolean()).isTrue();
        assertThat(asks.path("riseKg").asDouble()).isEqualTo(2);
        assertThat(asks.path("moments").valueStream().map(JsonNode::asDouble)).containsExactly(10.0, 26.0, 42.0);
        assertThat(asks.path("heldOn").valueStream().map(JsonNode::asDouble))
                .as("for 3 s, and so beyond the touch")
                .containsExactly(26.0);
        assertThat(asks.path("answered").asInt()).isBetween(3, 6);
        JsonNode size = asks.path("sizes").path(0);
        assertThat(size.path("gait").asString()).isEqualTo("TROT");
        assertThat(size.path("asks").asInt()).isEqualTo(6);
        // half of 0.8 and 3.2 kg, and what of a pull meets no beat's top
        assertThat(size.path("kg").asDouble()).isCloseTo(2, within(0.6));
    }

    /** Three lessons; where the right rein carried more than the band before the ask, it came half as often. */
    @Test
    void howTheReinsWereBeforeTheAsksIsLaidBesideTheAnswers() {
        coach.put("/api/v1/pairs/" + pair + "/contact-band", Map.of("version", 0, "lowKg", 2, "highKg", 4.5));
        for (int l = 0; l < 3; l++) {
            lesson = l == 0 ? lesson : yard.lesson(pair);
            Map<String, Object> started = yard.entry(lesson, "lesson_started", Map.of());
            long beganMs = (long) started.get("atMs") + 1;
            Map<String, Object> turn = trot("LEFT");
            turn.put("atMs", beganMs);
            List<Map<String, Object>> log = new ArrayList<>(List.of(started, turn));
            List<StandInSensor.Stretch> stretches = new ArrayList<>();
            for (int i = 0; i < 20; i++) {
                boolean isHeavy = i % 2 == 1;
                stretches.add(new StandInSensor.Stretch(10, 158, 0.03, 3, isHeavy ? 5.5 : 3.2, 1.5, 0));
                Map<String, Object> ask = yard.entry(
                        lesson,
                        "exchange",
                        Map.of(
                                "segment",
                                turn.get("id"),
                                "strength",
                                2,
                                "response",
                                isHeavy && i % 4 == 1 ? "BRACE" : "YES"));
                ask.put("atMs", beganMs + 1000L * (10 * i + 9));
                log.add(ask);
            }
            yard.send(log);
            new Sensor(coach, lesson)
                    .send(
                            StandInSensor.measure(
                                    StandInSensor.Script.of(20, stretches.toArray(StandInSensor.Stretch[]::new)), l),
                            Instant.ofEpochMilli(beganMs));
        }
        JsonNode beside =
                coach.get("/api/v1/lessons/" + lesson + "/contact/answers").body();
        assertThat(beside.path("lessons").asInt()).isEqualTo(3);
        assertThat(beside.path("asks").asInt()).isEqualTo(60);
        JsonNode heavy = beside.path("worthChecking").path(0);
        assertThat(heavy.path("state").asString()).isEqualTo("RIGHT_HEAVY");
        assertThat(heavy.path("with").asInt()).isEqualTo(30);
        assertThat(heavy.path("yesWith").asInt()).isEqualTo(15);
        assertThat(heavy.path("yesWithout").asInt()).isEqualTo(30);
        // Newcombe's interval of 15/30 less 30/30
        assertThat(heavy.path("high").asDouble()).isLessThan(-0.2);
        assertThat(heavy.path("adjusted").asDouble()).isLessThan(0.001);
    }

    /** The same trot half a kilogram heavier in the right rein, in another lesson of the pair. */
    @Test
    void anEarlierDaySaysHowMuchHeavierItWasWithAnInterval() {
        sensor.send(TROT, ridden());
        String before = lesson;
        JsonNode alone = contact();
        assertThat(alone.path("earlier").isEmpty()).isTrue();
        lesson = yard.lesson(pair);
        Instant later = ridden();
        ReinSeries heavier = StandInSensor.measure(
                StandInSensor.Script.of(50, new StandInSensor.Stretch(60, 158, 0.03, 3, 4, 1.5, 0)), 8);
        new Sensor(coach, lesson).send(heavier, later);
        JsonNode earlier = contact().path("earlier");
        assertThat(earlier.valueStream().map(e -> e.path("lesson").asString())).containsExactly(before);
        JsonNode beside = coach.get("/api/v1/lessons/" + lesson + "/contact/beside/" + before)
                .body();
        assertThat(beside.path("recordings").path(0).path("seconds").asDouble()).isEqualTo(95);
        assertThat(beside.path("rows").size())
                .as("the second turn was not measured")
                .isEqualTo(1);
        JsonNode row = beside.path("rows").path(0);
        assertThat(row.path("rein").asString()).isEqualTo("LEFT");
        assertThat(row.path("right").path("laterKg").asDouble()
                        - row.path("right").path("earlierKg").asDouble())
                .isCloseTo(0.5, within(0.05));
        assertThat(row.path("right").path("low").asDouble()).isBetween(0.4, 0.5);
        assertThat(row.path("right").path("high").asDouble()).isBetween(0.5, 0.6);
        assertThat(row.path("left").path("low").asDouble()).isLessThan(0);
        String other = yard.lesson(yard.pair());
        assertThat(coach.get("/api/v1/lessons/" + lesson + "/contact/beside/" + other)
                        .status())
                .as("of another pair")
                .isEqualTo(404);
    }

    @Test
    void theOverviewHoldsEachSecondsHighestAndLowest() {
        sensor.send(TROT, App.START);
        JsonNode overview = contact().path("recordings").path(0).path("overview");
        assertThat(overview.path("pieceS").asInt()).isEqualTo(1);
        assertThat(overview.path("leftHigh").size()).isEqualTo(95);
        assertThat(overview.path("leftHigh").path(20).asInt()).isBetween(280, 320);
        assertThat(overview.path("leftLow").path(20).asInt()).isBetween(130, 180);
    }

    @Test
    void withoutABandNothingIsHeavy() {
        sensor.send(TROT, ridden());
        JsonNode view = contact();
        assertThat(view.path("band").isNull()).isTrue();
        JsonNode left = view.path("recordings").path(0).path("spans").path(1).path("left");
        assertThat(left.path("heavy").isNull()).isTrue();
        assertThat(left.path("inBandShare").isNull()).isTrue();
    }

    @Test
    void whatWasSentTwiceIsThereOnceAndNothingIsReadBeforeAllIsHere() {
        String id = UUID.randomUUID().toString();
        Map<String, Object> heading = Sensor.heading(id, App.START, 50, 2);
        byte[] first = Sensor.deflated(TROT.part(0, 60));
        assertThat(sensor.announce(heading).status()).isEqualTo(201);
        assertThat(sensor.announce(heading).status()).isEqualTo(200);
        assertThat(sensor.announce(Sensor.heading(id, App.START, 50, 3)).code()).isEqualTo("other_content");
        assertThat(sensor.chunk(id, 0, first).status()).isEqualTo(201);
        assertThat(sensor.chunk(id, 0, first).status()).isEqualTo(200);
        assertThat(sensor.chunk(id, 0, Sensor.deflated(TROT.part(1, 61))).status())
                .isEqualTo(409);
        assertThat(sensor.whole(id).code()).isEqualTo("not_whole");
        JsonNode half = contact().path("recordings").path(0);
        assertThat(half.path("missing").valueStream().map(JsonNode::asInt)).containsExactly(1);
        assertThat(half.path("overview").isNull()).isTrue();
        assertThat(half.path("spans").size()).isZero();
        assertThat(sensor.chunk(id, 1, Sensor.deflated(TROT.part(60, 95))).status())
                .isEqualTo(201);
        assertThat(sensor.whole(id).status()).isEqualTo(200);
        assertThat(sensor.whole(id).status()).isEqualTo(200);
        assertThat(coach.fetch("/api/v1/lessons/" + lesson + "/recordings/" + id + "/chunks/0")
                        .body())
                .isEqualTo(first);
    }

    /** Neither noise, nor a bomb that inflates to gigabytes, nor a minute that is none. */
    @Test
    void whatIsNoChunkIsRefusedAndChangesNothing() {
        String id = UUID.randomUUID().toString();
        sensor.announce(Sensor.heading(id, App.START, 50, 2));
        byte[] noise = new byte[500];
        new Random(3).nextBytes(noise);
        byte[] impossible = new byte[4 * 3000];
        impossible[1] = (byte) 0x90;
        for (byte[] content : List.of(
                noise,
                Sensor.deflated(new byte[0]),
                Sensor.deflated(new byte[4 * 3000 - 1]),
                Sensor.deflated(new byte[4 * 2999]),
                Sensor.deflated(new byte[4 * 3001]),
                Sensor.deflated(new byte[40_000_000]),
                Sensor.deflated(impossible))) {
            assertThat(sensor.chunk(id, 0, content).code()).isEqualTo("refused");
        }
        assertThat(sensor.chunk(id, 2, Sensor.deflated(new byte[4 * 3000])).status())
                .isEqualTo(404);
        assertThat(sensor.chunk(id, 1, Sensor.deflated(new byte[4 * 10])).status())
                .as("the last minute may be short")
                .isEqualTo(201);
        assertThat(contact()
                        .path("recordings")
                        .path(0)
                        .path("missing")
                        .valueStream()
                        .map(JsonNode::asInt))
                .containsExactly(0);
    }

    @ParameterizedTest
    @CsvSource({
        "rateHz, 4.9",
        "rateHz, 251",
        "minutes, 0",
        "minutes, 121",
        "jitterMs, -1",
        "name, ''",
    })
    void aHeadingOutsideItsBoundsIsRefused(String field, String value) {
        Map<String, Object> heading =
                new HashMap<>(Sensor.heading(UUID.randomUUID().toString(), App.START, 50, 2));
        heading.put(field, field.equals("name") ? value : Double.valueOf(value));
        Client.Reply reply = sensor.announce(heading);
        assertThat(reply.status()).isEqualTo(422);
        assertThat(reply.body().path("issues").path(0).path("path").asString()).isEqualTo(field);
    }

    @Test
    void aRecordingOfAnotherWeekBelongsToAnotherLesson() {
        Map<String, Object> heading =
                Sensor.heading(UUID.randomUUID().toString(), App.START.minus(Duration.ofDays(3)), 50, 2);
        assertThat(sensor.announce(heading)
                        .body()
                        .path("issues")
                        .path(0)
                        .path("code")
                        .asString())
                .isEqualTo("recording_other_day");
        heading.put("startedAt", "+280000-01-01T00:00:00Z");
        assertThat(sensor.announce(heading).status()).isEqualTo(422);
    }

    @Test
    void itIsAlignedTakenOutAndPutBack() {
        Instant begun = ridden();
        String id = sensor.send(TROT, begun);
        String path = "/api/v1/lessons/" + lesson + "/recordings/" + id;
        Map<String, Object> later = new HashMap<>(
                Map.of("version", 1, "startedAt", begun.plusSeconds(30).toString(), "isAway", false));
        JsonNode spans =
                coach.put(path, later).body().path("recordings").path(0).path("spans");
        assertThat(spans.path(0).path("toS").asDouble()).isEqualTo(30);
        assertThat(coach.put(path, later).status()).isEqualTo(412);
        later.put("version", 2);
        later.put("isAway", true);
        JsonNode without = coach.put(path, later).body();
        assertThat(without.path("recordings").size()).isZero();
        assertThat(without.path("away").path(0).path("name").asString()).isEqualTo("Stand-in sensor");
        later.put("version", 3);
        later.put("isAway", false);
        assertThat(coach.put(path, later).body().path("recordings").size()).isEqualTo(1);
    }

    @Test
    void itComesOutAgainAsATable() {
        String id = sensor.send(TROT.part(0, 20), App.START);
        String csv = new String(coach.fetch("/api/v1/lessons/" + lesson + "/recordings/" + id + "/samples.csv")
                .body());
        List<String> lines = csv.lines().toList();
        assertThat(lines).hasSize(1001);
        assertThat(lines.get(0)).isEqualTo("seconds,left kg,right kg");
        assertThat(lines.get(51)).startsWith("1.000,");
    }

    @Test
    void aBandIsChangedFromItsVersionAndGoesUp() {
        String path = "/api/v1/pairs/" + pair + "/contact-band";
        assertThat(coach.put(path, Map.of("version", 0, "lowKg", 2, "highKg", 4))
                        .body()
                        .path("version")
                        .asInt())
                .isEqualTo(1);
        assertThat(coach.put(path, Map.of("version", 0, "lowKg", 2, "highKg", 5))
                        .status())
                .isEqualTo(412);
        assertThat(coach.put(path, Map.of("version", 1, "lowKg", 5, "highKg", 5))
                        .code())
                .isEqualTo("refused");
        assertThat(coach.put(path, Map.of("version", 1, "lowKg", 1.5, "highKg", 5))
                        .status())
                .isEqualTo(200);
        assertThat(contact().path("band").path("lowKg").asDouble()).isEqualTo(1.5);
    }
}
