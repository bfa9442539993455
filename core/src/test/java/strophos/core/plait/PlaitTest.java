package strophos.core.plait;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import strophos.core.exchange.Side;
import strophos.core.record.Entry;
import strophos.core.record.Fold;

class PlaitTest {

    private final List<Entry> log = new ArrayList<>();
    private long at = 1_000;

    private String say(String kind, Map<String, Object> payload) {
        String id = "018f0000-0000-7000-8000-%012d".formatted(log.size());
        log.add(new Entry(
                id,
                "018f0000-0000-7000-8000-00000000aaaa",
                "018f0000-0000-7000-8000-00000000bbbb",
                "018f0000-0000-7000-8000-00000000cccc",
                log.size() + 1,
                at,
                kind,
                1,
                payload));
        at += 1_000;
        return id;
    }

    private String segment(String rein, String mounted) {
        return say(
                "segment",
                Map.of("exercise", "circle-bend", "gait", "TROT", "place", "CIRCLE", "rein", rein, "mounted", mounted));
    }

    private String ask(String segment, int strength, String response) {
        return say("exchange", Map.of("segment", segment, "strength", strength, "response", response));
    }

    private Plait plait() {
        return Plait.of(Fold.of(log)).orElseThrow();
    }

    private static List<Bead> of(Plait plait, EventKind.Sort sort) {
        return plait.beads().stream().filter(b -> b.kind().sort() == sort).toList();
    }

    /** Segment at 1 s, ask at 2 s, fault at 3 s: an ask is two events, each on its strand. */
    @Test
    void anAskLiesOnTheRidersStrandAndItsAnswerOnTheHorses() {
        String segment = segment("LEFT", "RIDER");
        String ask = ask(segment, 3, "BRACE");
        say("fault", Map.of("segment", segment, "name", "leg-back", "side", "LEFT"));
        Plait plait = plait();
        assertThat(plait.beads())
                .containsExactly(
                        new Bead(ask, new EventKind(EventKind.Sort.ASK, "3", Side.NONE), 2_000, 2_000, 0, true),
                        new Bead(ask, new EventKind(EventKind.Sort.ANSWER, "BRACE", Side.NONE), 2_000, 2_000, 0, true),
                        new Bead(
                                log.get(2).id(),
                                new EventKind(EventKind.Sort.FAULT, "leg-back", Side.LEFT),
                                3_000,
                                3_000,
                                0,
                                true));
        assertThat(plait.fromMs()).isEqualTo(1_000);
        assertThat(plait.toMs()).isEqualTo(3_000);
    }

    /** On at 2 s, the ask that ends it at 4 s; on at 5 s, off at 6 s; on at 7 s, the change of rein at 8 s. */
    @Test
    void aLatchLastsUntilTheNextAskUntilItIsOffOrUntilTheWorkChanges() {
        String segment = segment("LEFT", "RIDER");
        latch(segment, true);
        at += 1_000;
        ask(segment, 1, "YES");
        latch(segment, true);
        latch(segment, false);
        latch(segment, true);
        segment("RIGHT", "RIDER");
        assertThat(of(plait(), EventKind.Sort.FAULT))
                .extracting(b -> List.of(b.fromMs(), b.toMs()))
                .containsExactly(List.of(2_000L, 4_000L), List.of(5_000L, 6_000L), List.of(7_000L, 8_000L));
    }

    private void latch(String segment, boolean isOn) {
        say("latch", Map.of("segment", segment, "name", "leg-back", "side", "LEFT", "on", isOn));
    }

    @Test
    void aTallyStandsForItsWholeTurnAndTheCoachsOwnRidingIsNotThePairs() {
        String segment = segment("LEFT", "RIDER");
        at += 60_000;
        say("tally", Map.of("segment", segment, "good", 5, "others", 1));
        String coachs = segment("LEFT", "COACH");
        ask(coachs, 1, "YES");
        Plait plait = plait();
        assertThat(of(plait, EventKind.Sort.TALLY))
                .extracting(Bead::fromMs, Bead::toMs)
                .containsExactly(tuple(1_000L, 63_000L));
        assertThat(of(plait, EventKind.Sort.ANSWER)).noneMatch(Bead::isOwn);
        assertThat(Meetings.of(plait)).isEmpty();
    }

    /** All of an example log that says every kind of mark: what is in no strand is named here, so that a new kind is not forgotten. */
    @Test
    void everyMarkOfTheMomentHasItsPlace() throws IOException {
        Set<String> elsewhere = Set.of(
                "comment",
                "conditions",
                "effort",
                "footfalls",
                "for_rider",
                "frame_measure",
                "headgear",
                "latch",
                "next_time",
                "rider_felt",
                "time_base",
                "watch",
                "watched");
        Path kinds = Path.of(System.getProperty("strophos.root"), "format", "kinds");
        try (var files = Files.list(kinds)) {
            Set<String> marks = files.map(f -> read(f))
                    .filter(s -> s.contains("\"x-counts\""))
                    .filter(s -> !s.contains("\"plait\""))
                    .map(s -> s.replaceAll("(?s).*strophos:/format/kinds/([a-z_]+)\\..*", "$1"))
                    .collect(Collectors.toSet());
            marks.removeAll(Set.of(
                    "amend",
                    "clock",
                    "exchange",
                    "first_look",
                    "lesson_ended",
                    "lesson_started",
                    "note",
                    "rest",
                    "segment",
                    "void"));
            assertThat(marks).isEqualTo(elsewhere);
        }
    }

    private static String read(Path file) {
        try {
            return Files.readString(file);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Test
    void aLogWithNothingInItHasNoPlait() {
        assertThat(Plait.of(Fold.of(log))).isEmpty();
    }
}
