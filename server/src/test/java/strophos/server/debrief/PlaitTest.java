package strophos.server.debrief;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import strophos.server.harness.App;
import strophos.server.harness.Client;
import strophos.server.harness.Yard;
import tools.jackson.databind.JsonNode;

/** A lesson's plait, against the entries it was told from. */
class PlaitTest {

    private static Client coach;
    private static Yard yard;

    @BeforeAll
    static void signIn() {
        coach = App.demo().as("ottilie");
        yard = new Yard(coach);
    }

    private static JsonNode plait(String lesson) {
        return coach.get("/api/v1/lessons/" + lesson + "/plait").body().path("plait");
    }

    private static int kind(JsonNode plait, String sort, String name) {
        List<JsonNode> kinds = plait.path("kinds").valueStream().toList();
        for (int i = 0; i < kinds.size(); i++) {
            if (kinds.get(i).path("sort").asString().equals(sort)
                    && kinds.get(i).path("name").asString().equals(name)) {
                return i;
            }
        }
        throw new AssertionError("No %s %s in %s".formatted(sort, name, kinds));
    }

    private static List<JsonNode> exported(String lesson, String kind) {
        return coach.get("/api/v1/lessons/" + lesson + "/entries")
                .body()
                .path("entries")
                .valueStream()
                .filter(e -> e.path("kind").asString().equals(kind))
                .toList();
    }

    @Test
    void whereTwoKindsMeetIsWhatTheExportedEntriesSay() {
        String lesson = yard.lesson(yard.pair());
        List<Map<String, Object>> log = new ArrayList<>();
        log.add(yard.entry(lesson, "lesson_started", Map.of()));
        for (String rein : List.of("LEFT", "RIGHT")) {
            Map<String, Object> segment = yard.segment(lesson, rein);
            log.add(segment);
            for (int i = 0; i < 12; i++) {
                boolean isBrace = i == 1 || i == 5 || i == 6 || (i == 10 && rein.equals("LEFT"));
                if (isBrace && i != 6) {
                    log.add(yard.entry(
                            lesson, "fault", Map.of("segment", segment.get("id"), "name", "leg-back", "side", "LEFT")));
                }
                log.add(yard.exchange(lesson, segment.get("id"), isBrace ? "BRACE" : "YES"));
                // the next fault is more than five seconds after this answer
                for (int wait = 0; wait < 6; wait++) {
                    yard.entry(lesson, "note", Map.of("text", "a second more"));
                }
            }
        }
        log.add(yard.entry(lesson, "lesson_ended", Map.of()));
        yard.send(log);
        JsonNode plait = plait(lesson);
        int fault = kind(plait, "FAULT", "leg-back");
        int brace = kind(plait, "ANSWER", "BRACE");
        JsonNode met = plait.path("meetings")
                .valueStream()
                .filter(m -> m.path("one").asInt() == fault && m.path("other").asInt() == brace)
                .findFirst()
                .orElseThrow();
        List<JsonNode> faults = exported(lesson, "fault");
        List<JsonNode> braces = exported(lesson, "exchange").stream()
                .filter(x -> x.path("payload").path("response").asString().equals("BRACE"))
                .toList();
        long bracesMet = braces.stream()
                .filter(b -> faults.stream().anyMatch(f -> isJustBefore(f, b)))
                .count();
        assertThat(met.path("ones").asInt()).isEqualTo(faults.size()).isEqualTo(5);
        assertThat(met.path("others").asInt()).isEqualTo(braces.size()).isEqualTo(7);
        assertThat(met.path("othersMet").asLong()).isEqualTo(bracesMet).isEqualTo(5);
        assertThat(met.path("adjusted").asDouble()).isBetween(0.0, 1.0);
        assertThat(plait.path("turns").valueStream().map(t -> t.path("rein").asString()))
                .containsExactly("LEFT", "RIGHT");
        // of every event the entry it is told from, in words of its own kind
        assertThat(plait.path("events").valueStream())
                .allSatisfy(e -> assertThat(plait.path("said")
                                .path(e.path("entry").asInt())
                                .path("kind")
                                .asString())
                        .isIn("exchange", "fault"));
        assertThat(lit(plait, met)).hasSize(10);
    }

    private static boolean isJustBefore(JsonNode fault, JsonNode answer) {
        long lag = answer.path("atMs").asLong() - fault.path("atMs").asLong();
        return lag >= 0 && lag <= 5_000;
    }

    private static List<Integer> lit(JsonNode plait, JsonNode met) {
        Stream<JsonNode> events = met.path("events").valueStream();
        return events.map(JsonNode::asInt)
                .filter(i -> i < plait.path("events").size())
                .toList();
    }

    @Test
    void aLessonThatWasNotRiddenHasNone() {
        assertThat(plait(yard.lesson(yard.pair())).isNull()).isTrue();
    }
}
