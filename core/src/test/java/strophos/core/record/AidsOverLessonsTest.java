package strophos.core.record;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import strophos.core.record.AidsOverLessons.Measure;
import strophos.core.record.AidsOverLessons.Moved;
import strophos.core.stats.Proportion;

/** Earlier lessons beside later ones, counted by hand. */
class AidsOverLessonsTest {

    private static final List<Map<String, String>> LEG =
            List.of(Map.of("means", "LEG", "side", "LEFT", "manner", "PUSH"));
    private static final List<Map<String, String>> LEG_THEN_HAND = List.of(
            Map.of("means", "LEG", "side", "LEFT", "manner", "PUSH"),
            Map.of("means", "REIN", "side", "LEFT", "manner", "TAKE"));

    private final List<Entry> log = new ArrayList<>();

    private String say(String kind, Map<String, Object> payload) {
        int n = log.size() + 1;
        log.add(new Entry(id(n), id(700), id(801), id(900), n, 1000L * n, kind, 1, payload));
        return id(n);
    }

    private static String id(int n) {
        return "00000000-0000-7000-8000-%012d".formatted(n);
    }

    /** So many driving aids with the hand after them, and so many without; so many errors let pass of four. */
    private Ride lesson(int withHand, int without, int letPass) {
        log.clear();
        String segment = say(
                "segment",
                Map.of("exercise", "bend", "gait", "WALK", "place", "RAIL", "rein", "LEFT", "mounted", "RIDER"));
        for (int i = 0; i < withHand + without; i++) {
            say(
                    "exchange",
                    Map.of(
                            "segment",
                            segment,
                            "strength",
                            2,
                            "response",
                            "YES",
                            "aids",
                            i < withHand ? LEG_THEN_HAND : LEG,
                            "order",
                            "IN_TURN"));
        }
        IntStream.range(0, letPass == 0 ? 0 : 4)
                .forEach(i -> say("correction", Map.of("segment", segment, "made", i >= letPass)));
        return Fold.of(List.copyOf(log));
    }

    @Test
    void theEarlierHalfStandsBesideTheLater() {
        List<Moved> moved = AidsOverLessons.of(
                List.of(lesson(3, 2, 0), lesson(2, 3, 0), lesson(0, 0, 0), lesson(1, 4, 0), lesson(0, 5, 0)));
        assertThat(moved)
                .as("a lesson in which nothing of it was noted is in neither half")
                .containsExactly(new Moved(Measure.INTO_THE_HAND, 4, new Proportion(5, 10), new Proportion(1, 10)));
    }

    @Test
    void theMiddleOneOfAnOddNumberIsALaterOne() {
        assertThat(AidsOverLessons.of(List.of(lesson(0, 0, 2), lesson(0, 0, 1), lesson(0, 0, 4))))
                .containsExactly(new Moved(Measure.CORRECTED, 3, new Proportion(2, 4), new Proportion(3, 8)));
    }

    @Test
    void oneLessonMovesNothing() {
        assertThat(AidsOverLessons.of(List.of(lesson(3, 2, 1)))).isEmpty();
        assertThat(AidsOverLessons.of(List.of())).isEmpty();
    }

    @Test
    void releasesThatNeverCameAreListedByExerciseAndRein() {
        log.clear();
        String segment = say(
                "segment",
                Map.of("exercise", "bend", "gait", "WALK", "place", "RAIL", "rein", "RIGHT", "mounted", "RIDER"));
        for (String release : List.of("MISSED", "PROMPT", "MISSED")) {
            String ask = say("exchange", Map.of("segment", segment, "strength", 2, "response", "YES"));
            say("release", Map.of("exchange", ask, "release", release));
        }
        Ride ride = Fold.of(List.copyOf(log));
        assertThat(AidsOverLessons.missed(List.of(ride, ride)))
                .singleElement()
                .satisfies(c -> assertThat(c.missed()).isEqualTo(new Proportion(4, 6)));
        assertThat(AidsOverLessons.of(List.of(ride, ride)))
                .containsExactly(new Moved(Measure.RELEASE_MISSED, 2, new Proportion(2, 3), new Proportion(2, 3)));
    }
}
