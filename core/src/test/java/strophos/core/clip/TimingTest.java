package strophos.core.clip;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import strophos.core.aid.AidThresholds;
import strophos.core.aid.CorrectedWhenClear;
import strophos.core.aid.ReleasedPromptly;
import strophos.core.aid.WaitedThenReinforced;
import strophos.core.exchange.Foot;
import strophos.core.footfall.AfterLanding;
import strophos.core.judgement.Thresholds;
import strophos.core.record.SmallLog;
import strophos.core.stats.Proportion;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class TimingTest {

    private static final String CLIP = "00000000-0000-7000-8000-000000000001";

    private static final Thresholds SHIPPED = AidThresholds.SET.standard();
    private static final ReleasedPromptly PROMPT = ReleasedPromptly.of(SHIPPED);
    private static final WaitedThenReinforced WAIT = WaitedThenReinforced.of(SHIPPED);

    private final SmallLog log = new SmallLog();

    static Stream<JsonNode> examples() throws IOException {
        Path file = Path.of(System.getProperty("strophos.root"), "examples", "timings.json");
        return JsonMapper.shared().readTree(Files.readString(file)).valueStream();
    }

    private static Map<String, Object> moment(String base, int ms) {
        return Map.of("base", base, "ms", ms);
    }

    private static Map<String, Object> moments(JsonNode of, String... names) {
        Map<String, Object> said = new HashMap<>();
        for (String name : names) {
            if (of.has(name)) {
                said.put(name, moment(CLIP, of.path(name).asInt()));
            }
        }
        return said;
    }

    private void clip(Map<String, Object> more) {
        Map<String, Object> said = new HashMap<>(more);
        said.put("source", "CLIP");
        said.put("clip", Map.of("fileName", "a", "bytes", 9, "durationMs", 60_000, "digest", "0".repeat(64)));
        log.say("time_base", said);
    }

    /** The same examples as the web's. */
    @ParameterizedTest
    @MethodSource("examples")
    void theExamples(JsonNode e) {
        clip(Map.of());
        String segment = log.segment("LEFT", "RIDER");
        for (JsonNode ask : e.path("asks")) {
            String id = log.ask(segment, ask.path("response").asString(), moments(ask, "asked", "reinforced", "when"));
            if (ask.has("letGo")) {
                log.say(
                        "release",
                        Map.of(
                                "exchange",
                                id,
                                "release",
                                "PROMPT",
                                "when",
                                moment(CLIP, ask.path("letGo").asInt())));
            }
        }
        for (JsonNode correction : e.path("corrections")) {
            Map<String, Object> said = moments(correction, "error", "when");
            said.put("segment", segment);
            said.put("made", correction.path("made").asBoolean());
            log.say("correction", said);
        }
        Timing timing = Clip.of(log.ride()).get(0).timing();
        String says = e.path("says").asString();
        check(says, timing.waits(), e.path("waits"));
        check(says, timing.answers(), e.path("answers"));
        check(says, timing.releases(), e.path("releases"));
        check(says, timing.toCorrect(), e.path("toCorrect"));
        assertThat(List.of(timing.promptReleases(PROMPT), timing.hurriedWaits(WAIT), timing.longWaits(WAIT)))
                .as(says)
                .containsExactly(
                        e.path("prompt").asInt(),
                        e.path("hurried").asInt(),
                        e.path("long").asInt());
    }

    private static void check(String says, Optional<Spread> of, JsonNode expected) {
        assertThat(of.map(s -> List.of(s.count(), s.leastMs(), s.middleMs(), s.mostMs())))
                .as(says)
                .isEqualTo(
                        expected.isMissingNode()
                                ? Optional.empty()
                                : Optional.of(expected.valueStream()
                                        .map(JsonNode::asInt)
                                        .toList()));
    }

    @Test
    void aCopysMomentsAreItsClips() {
        clip(Map.of());
        clip(Map.of("copyOf", CLIP));
        String copy = "00000000-0000-7000-8000-000000000002";
        String segment = log.segment("LEFT", "RIDER");
        log.ask(segment, "YES", Map.of("asked", moment(CLIP, 1000), "when", moment(copy, 1800)));
        assertThat(Clip.of(log.ride()).get(0).timing().answers()).contains(new Spread(1, 800, 800, 800));
    }

    @Test
    void twoClipsHaveTwoTimes() {
        clip(Map.of());
        clip(Map.of());
        String other = "00000000-0000-7000-8000-000000000002";
        String segment = log.segment("LEFT", "RIDER");
        log.ask(segment, "YES", Map.of("asked", moment(other, 1000), "when", moment(CLIP, 1800)));
        log.ask(segment, "YES", Map.of());
        List<Clip> clips = Clip.of(log.ride());
        assertThat(clips.get(0).timing().asks()).hasSize(1);
        assertThat(clips.get(0).timing().answers()).isEmpty();
        assertThat(clips.get(1).timing().isEmpty()).isTrue();
    }

    /** Two to eight strides of 0.5 s: after 0.5 s too soon, after 1 and 4 s in time, after 5 s too late. */
    @Test
    void whenClearIsCountedInStridesWhereThatIsThePolicy() {
        clip(Map.of());
        String segment = log.segment("LEFT", "RIDER");
        String other = log.segment("RIGHT", "RIDER");
        for (int ms : new int[] {500, 1000, 4000, 5000}) {
            log.say(
                    "correction",
                    Map.of("segment", segment, "made", true, "error", moment(CLIP, 0), "when", moment(CLIP, ms)));
        }
        log.say(
                "correction",
                Map.of("segment", other, "made", true, "error", moment(CLIP, 0), "when", moment(CLIP, 1000)));
        Timing timing = Clip.of(log.ride()).get(0).timing();
        assertThat(timing.correctedWhenClear(CorrectedWhenClear.of(SHIPPED), 0.5, segment::equals))
                .isEqualTo(new Proportion(2, 4));
    }

    /** Hind feet land in turn, half a second apart: an aid at 1.25 s is a quarter of a stride after the left one. */
    @Test
    void anAidIsToldAgainstTheHindFootThatLandedLast() {
        clip(Map.of());
        List<Map<String, Object>> landings = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            landings.add(Map.of("foot", i % 2 == 0 ? "LEFT_HIND" : "RIGHT_HIND", "ms", 500 * i));
        }
        log.say("footfalls", Map.of("base", CLIP, "frameMs", 33, "landings", landings));
        String segment = log.segment("LEFT", "RIDER");
        for (int ms : new int[] {1250, 1500, 5000}) {
            log.ask(segment, "YES", Map.of("asked", moment(CLIP, ms), "when", moment(CLIP, ms + 400)));
        }
        assertThat(Clip.of(log.ride()).get(0).aids())
                .containsExactly(new AfterLanding(Foot.LEFT_HIND, 0.25), new AfterLanding(Foot.RIGHT_HIND, 0));
    }
}
