package strophos.core.record;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;

/** What is read from the times of the touches without a further touch. Worked by hand. */
class FromTheLogTest {

    private final List<Entry> log = new ArrayList<>();
    private String segment;

    private void ridden(String mounted, int atS) {
        segment = say(
                atS,
                "segment",
                Map.of("exercise", "bend", "gait", "WALK", "place", "RAIL", "rein", "LEFT", "mounted", mounted));
    }

    private String ask(int atS, int strength, String response) {
        return say(atS, "exchange", Map.of("segment", segment, "strength", strength, "response", response));
    }

    private String say(int atS, String kind, Map<String, Object> payload) {
        int n = log.size() + 1;
        log.add(new Entry(id(n), id(700), id(801), id(900), n, 1000L * atS, kind, 1, payload));
        return id(n);
    }

    private static String id(int n) {
        return "00000000-0000-7000-8000-%012d".formatted(n);
    }

    @Test
    void softAfterIsTheFirstOfThreeSoftAnswersRunning() {
        say(100, "lesson_started", Map.of());
        ridden("RIDER", 110);
        ask(150, 2, "YES");
        ask(160, 3, "YES");
        ask(300, 2, "YES");
        ask(320, 1, "YES");
        assertThat(SoftAfter.of(Fold.of(log))).isEmpty();
        ask(340, 2, "YES");
        ask(360, 2, "YES");
        assertThat(SoftAfter.of(Fold.of(log))).contains(Duration.ofSeconds(200));
    }

    @Test
    void aSlipAndAnotherRiderNeitherMakeNorBreakTheRun() {
        say(100, "lesson_started", Map.of());
        ridden("COACH", 105);
        ask(110, 1, "YES");
        ask(111, 1, "YES");
        ask(112, 1, "YES");
        ridden("RIDER", 120);
        ask(130, 2, "YES");
        ask(140, 2, "YES");
        String wrong = ask(150, 2, "WRONG");
        ask(160, 2, "YES");
        assertThat(SoftAfter.of(Fold.of(log))).isEmpty();
        say(170, "slip", Map.of("exchange", wrong));
        assertThat(SoftAfter.of(Fold.of(log))).contains(Duration.ofSeconds(30));
    }

    @Test
    void soakIsTheMiddleTimeFromACorrectionToTheNextAsk() {
        ridden("RIDER", 0);
        assertThat(Soak.of(Fold.of(log))).isEmpty();
        for (int atS : List.of(10, 40)) {
            say(atS, "correction", Map.of("segment", segment, "made", true));
        }
        ask(14, 2, "YES");
        ask(50, 2, "YES");
        ask(90, 2, "YES");
        say(91, "correction", Map.of("segment", segment, "made", false));
        say(92, "correction", Map.of("segment", segment, "made", true));
        assertThat(Soak.of(Fold.of(log))).contains(new Soak(Duration.ofSeconds(7), 2));
    }
}
