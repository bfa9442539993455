package strophos.core.record;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.LocalDate;
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

    /** A turn on this exercise with these answers; a second between two asks. */
    private void turn(String exercise, String rein, int atS, String... answers) {
        segment = say(
                atS,
                "segment",
                Map.of("exercise", exercise, "gait", "WALK", "place", "RAIL", "rein", rein, "mounted", "RIDER"));
        for (int i = 0; i < answers.length; i++) {
            ask(atS + 1 + i, 2, answers[i]);
        }
    }

    private List<Probes.Probe> probes() {
        return Probes.in(Fold.of(log), LocalDate.of(2026, 11, 24));
    }

    @Test
    void aProbeIsARungAnotherExerciseAndTheRungAgain() {
        turn("bend", "LEFT", 10, "NONE", "TRY");
        turn("bend", "RIGHT", 20, "NONE", "YES");
        turn("shoulder-in", "LEFT", 40, "YES");
        turn("shoulder-in", "RIGHT", 50, "YES");
        assertThat(probes()).isEmpty();
        turn("bend", "LEFT", 60, "YES", "YES");
        turn("bend", "RIGHT", 70, "YES", "TRY", "YES");
        assertThat(probes()).singleElement().satisfies(p -> {
            assertThat(p.rung()).hasToString("bend.walk.rail");
            assertThat(p.between()).isEqualTo("shoulder-in");
            assertThat(p.day().before()).as("both reins").hasSize(4);
            assertThat(p.day().after()).hasSize(5);
        });
    }

    @Test
    void twoOtherExercisesBetweenAreNoProbeOfEither() {
        turn("bend", "LEFT", 10, "NONE");
        turn("shoulder-in", "LEFT", 20, "YES");
        turn("leg-yield", "LEFT", 30, "YES");
        turn("bend", "LEFT", 40, "YES");
        assertThat(probes()).isEmpty();
        turn("leg-yield", "LEFT", 50, "YES");
        turn("bend", "LEFT", 60, "YES");
        assertThat(probes()).extracting(Probes.Probe::between).containsExactly("bend", "leg-yield");
    }

    @Test
    void whatNobodyWasAskedOrAnotherRodeLiesBetweenNothing() {
        turn("bend", "LEFT", 10, "NONE");
        turn("shoulder-in", "LEFT", 20);
        turn("bend", "LEFT", 30, "YES");
        assertThat(probes()).as("the same stretch").isEmpty();
        ridden("COACH", 40);
        ask(41, 2, "YES");
        turn("bend", "LEFT", 50, "YES");
        assertThat(probes()).isEmpty();
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
