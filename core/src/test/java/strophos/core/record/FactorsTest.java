package strophos.core.record;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

class FactorsTest {

    /** Of the example's marks only the fault and the strong rein are the rider's doing. */
    @Test
    void areWhatTheRiderDid() throws IOException {
        Path file = Path.of(System.getProperty("strophos.root"), "examples", "fold", "marks.json");
        JsonNode example = FoldJson.JSON.readTree(Files.readString(file));
        assertThat(Factors.of(Fold.of(FoldJson.entries(example.path("entries")))))
                .containsExactly(
                        new Factors.FactorMark(4000, "leg-back.LEFT"),
                        new Factors.FactorMark(6000, "contact-strong.RIGHT"));
    }

    /** On: the next ask carries it, however late, and ends it. Off before an ask: none carries it. */
    @Test
    void theNextAskCarriesALatch() {
        say(
                "segment",
                Map.of(
                        "exercise",
                        "circle-bend",
                        "gait",
                        "TROT",
                        "place",
                        "CIRCLE",
                        "rein",
                        "LEFT",
                        "mounted",
                        "RIDER"));
        latch("leg-back", true);
        at += 60_000;
        ask();
        ask();
        latch("leg-back", true);
        latch("leg-back", false);
        ask();
        latch("hands-high", true);
        assertThat(Factors.of(Fold.of(log)))
                .containsExactly(new Factors.FactorMark(log.get(2).atMs(), "leg-back.RIGHT"));
        ask();
        assertThat(Factors.of(Fold.of(log))).last().isEqualTo(new Factors.FactorMark(at, "hands-high.RIGHT"));
    }

    private final List<Entry> log = new ArrayList<>();
    private long at = 1000;

    private void latch(String name, boolean isOn) {
        say("latch", Map.of("segment", log.get(0).id(), "name", name, "side", "RIGHT", "on", isOn));
    }

    private void ask() {
        say("exchange", Map.of("segment", log.get(0).id(), "strength", 2, "response", "YES"));
    }

    private void say(String kind, Map<String, Object> payload) {
        int n = log.size() + 1;
        at += 1000;
        log.add(new Entry(id(n), id(700), id(801), id(900), n, at, kind, 1, payload));
    }

    private static String id(int n) {
        return "00000000-0000-7000-8000-%012d".formatted(n);
    }
}
