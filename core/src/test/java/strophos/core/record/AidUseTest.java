package strophos.core.record;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import strophos.core.aid.AidThresholds;
import strophos.core.aid.AsksLightlyFirst;
import strophos.core.aid.DrivesIntoTheHand;
import strophos.core.judgement.Judgement;
import strophos.core.stats.Proportion;

/** How the aids were used, by what a coach noted of single asks. Worked by hand. */
class AidUseTest {

    private final List<Entry> log = new ArrayList<>();
    private String segment;

    private String say(String kind, Map<String, Object> payload) {
        int n = log.size() + 1;
        log.add(new Entry(id(n), id(700), id(801), id(900), n, 1000L * n, kind, 1, payload));
        return id(n);
    }

    private static String id(int n) {
        return "00000000-0000-7000-8000-%012d".formatted(n);
    }

    private void ridden(String mounted) {
        segment = say(
                "segment",
                Map.of("exercise", "bend", "gait", "WALK", "place", "RAIL", "rein", "LEFT", "mounted", mounted));
    }

    /** @param aids such as "LEG TAP, REIN TAKE" */
    private void ask(int strength, Integer first, String order, String aids) {
        Map<String, Object> ask =
                new LinkedHashMap<>(Map.of("segment", segment, "strength", strength, "response", "YES"));
        if (first != null) {
            ask.put("first", first);
        }
        if (order != null) {
            ask.put("order", order);
        }
        if (!aids.isEmpty()) {
            ask.put("aids", Stream.of(aids.split(", ")).map(AidUseTest::aid).toList());
        }
        say("exchange", ask);
    }

    private static Map<String, Object> aid(String written) {
        String[] words = written.split(" ");
        Map<String, Object> aid = new LinkedHashMap<>(Map.of("means", words[0], "side", "LEFT"));
        if (words.length > 1) {
            aid.put("manner", words[1]);
        }
        return aid;
    }

    private AidUse use() {
        return AidUse.of(Fold.of(log));
    }

    @Test
    void whatWasAskedLightlyFirstIsCountedOfTheStrongAsksOnly() {
        ridden("RIDER");
        ask(3, 1, null, "");
        ask(4, 4, null, "");
        ask(3, null, null, "");
        ask(2, 1, null, "");
        assertThat(use().lightly()).isEqualTo(new Proportion(1, 2));
        assertThat(use().firstAt()).containsExactly(2, 0, 0, 1);
        ridden("COACH");
        ask(4, 1, null, "");
        assertThat(use().lightly()).as("the coach's own asks").isEqualTo(new Proportion(1, 2));
    }

    /** A leg that holds does not drive; a rein that holds or gives does not restrain. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "LEG TAP, REIN TAKE | IN_TURN  | 1 | 1",
                "REIN TAKE, LEG TAP | IN_TURN  | 0 | 1",
                "REIN TAKE, LEG TAP | TOGETHER | 1 | 1",
                "LEG, REIN TAKE     |          | 1 | 1",
                "LEG HOLD, REIN TAKE| IN_TURN  | 0 | 0",
                "LEG TAP, REIN HOLD | IN_TURN  | 0 | 1",
                "LEG TAP, REIN GIVE | IN_TURN  | 0 | 1",
                "SEAT PUSH, REIN TAKE | IN_TURN | 1 | 1",
                "SEAT HOLD, REIN TAKE | IN_TURN | 0 | 0",
                "WHIP TAP, REIN TAKE | IN_TURN | 1 | 1",
                "REIN TAKE, LEG TAP, REIN TAKE | IN_TURN | 1 | 1",
            })
    void driveAndHand(String aids, String order, int into, int of) {
        ridden("RIDER");
        ask(2, null, order, aids.strip());
        assertThat(use().intoTheHand()).isEqualTo(new Proportion(into, of));
    }

    @ParameterizedTest
    @CsvSource({"'WHIP, LEG', IN_TURN, 1, 1", "'LEG, WHIP', IN_TURN, 0, 1", "'WHIP, LEG', TOGETHER, 0, 0"})
    void whipBeforeTheLeg(String aids, String order, int first, int of) {
        ridden("RIDER");
        ask(3, null, order, aids);
        assertThat(use().whipFirst()).isEqualTo(new Proportion(first, of));
    }

    /** Four of five asked lightly first are enough; more than one of five into the hand is too many. Four say nothing yet. */
    @Test
    void eachSpeaksFromItsFewest() {
        AsksLightlyFirst lightly = AsksLightlyFirst.of(AidThresholds.SET.standard());
        assertThat(lightly.judge(new Proportion(4, 4))).isEqualTo(new Judgement.NotEnoughData(4, 5));
        assertThat(lightly.judge(new Proportion(4, 5)).isMet()).isTrue();
        assertThat(lightly.judge(new Proportion(3, 5)).isMet()).isFalse();
        DrivesIntoTheHand hand = DrivesIntoTheHand.of(AidThresholds.SET.standard());
        assertThat(hand.judgeOrder(new Proportion(4, 4))).isEqualTo(new Judgement.NotEnoughData(4, 5));
        assertThat(hand.judgeOrder(new Proportion(1, 5)).isMet()).isFalse();
        assertThat(hand.judgeOrder(new Proportion(2, 5)).isMet()).isTrue();
    }
}
