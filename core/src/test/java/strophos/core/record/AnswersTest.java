package strophos.core.record;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import strophos.core.exchange.Gait;
import strophos.core.exchange.HoldUnit;
import strophos.core.exchange.Mounted;
import strophos.core.exchange.Place;
import strophos.core.exchange.Response;
import strophos.core.exchange.Side;
import strophos.core.exchange.Strength;
import strophos.core.exchange.WorkedSide;
import strophos.core.progress.Ask;
import strophos.core.progress.Observation;
import strophos.core.stair.RungId;
import strophos.core.state.LessonCount;

/** How choices and lines count, and what else of a ride the rules hear. Common practice, no source. */
class AnswersTest {

    private static final String SEGMENT = id(2);
    private final List<Entry> log = new ArrayList<>();

    AnswersTest() {
        say("lesson_started", Map.of());
        segment("RIGHT", "RIDER");
    }

    @ParameterizedTest
    @CsvSource({"COMES, YES", "WAITS, YES", "RETURNS, TRY", "LEAVES, NONE", "FRIGHT, NONE"})
    void aChoiceCounts(String choice, Response as) {
        say("choice", Map.of("segment", SEGMENT, "choice", choice));
        assertThat(answer().response()).isEqualTo(as);
        assertThat(answer().strength()).isEqualTo(Strength.THOUGHT);
    }

    @ParameterizedTest
    @CsvSource(
            nullValues = "-",
            value = {
                // planned, ridden, take-off, straight, rail, speed
                "-, 5, -, -, -, -, YES",
                "5, 5, RIGHT, true, CLEAR, KEPT, YES",
                "5, 6, -, -, -, -, TRY",
                "6, 5, -, -, -, -, TRY",
                "5, 7, -, -, -, -, WRONG",
                "5, 5, DEEP, -, -, -, TRY",
                "5, 5, LONG, -, -, -, TRY",
                "5, 5, -, false, -, -, TRY",
                "5, 5, -, -, TOUCHED, -, TRY",
                "5, 5, -, -, DOWN, -, WRONG",
                "5, 5, -, -, -, GREW, TRY",
            })
    void aLineCounts(
            Integer planned, int ridden, String takeOff, Boolean straight, String rail, String speed, Response as) {
        Map<String, Object> line = new LinkedHashMap<>(Map.of("segment", SEGMENT, "ridden", ridden));
        line.put("planned", planned);
        line.put("takeOff", takeOff);
        line.put("straight", straight);
        line.put("rail", rail);
        line.put("speed", speed);
        line.put("lead", "LEFT");
        line.put("change", "NONE");
        say("line", line);
        assertThat(answer().response()).isEqualTo(as);
    }

    @ParameterizedTest
    @CsvSource({"CLEAN, YES", "TOUCHED, TRY", "RUSHED, WRONG", "TRIPPED, WRONG"})
    void polesCount(String poles, Response as) {
        say("poles", Map.of("segment", SEGMENT, "answer", poles));
        assertThat(answer().response()).isEqualTo(as);
    }

    @ParameterizedTest
    @CsvSource({"HOLDS, YES", "COMES_AND_GOES, TRY", "LOST, NONE"})
    void theRidersPositionCounts(String position, Response as) {
        say("position", Map.of("segment", SEGMENT, "answer", position));
        assertThat(answer().response()).isEqualTo(as);
    }

    @Test
    void aTallyStandsForAsManyAsksSpreadEvenly() {
        say("tally", Map.of("segment", SEGMENT, "good", 5, "others", 2, "strength", 2));
        segment("LEFT", "RIDER");
        say("tally", Map.of("segment", id(4), "good", 0, "others", 0));
        List<Answer> answers = Answers.of(Fold.of(log));
        assertThat(answers).extracting(Answer::asks).containsExactly(7, 0);
        List<Ask> asks = answers.get(0).read(Side.LEFT, Mounted.RIDER);
        // 5 of 7: by the rule floor((i + 1) 5 / 7) > floor(5 i / 7), worked by hand
        assertThat(asks)
                .extracting(Ask::response)
                .map(Response::name)
                .containsExactly("NONE", "YES", "YES", "NONE", "YES", "YES", "YES");
        assertThat(asks)
                .allMatch(a -> a.isTallied()
                        && a.strength() == Strength.LIGHT
                        && a.entry().equals(id(3)));
        assertThat(answers.get(1).strength()).isEqualTo(Strength.THOUGHT);
    }

    /** "About 6, 5 good" is said of the whole turn, of which two were touched in; said again, the last word stands. */
    @Test
    void aTallyAddsWhatWasNotTouchedIn() {
        say("exchange", Map.of("segment", SEGMENT, "strength", 2, "response", "YES"));
        say("exchange", Map.of("segment", SEGMENT, "strength", 2, "response", "BRACE"));
        say("tally", Map.of("segment", SEGMENT, "good", 20, "others", 0, "strength", 2));
        say("tally", Map.of("segment", SEGMENT, "good", 5, "others", 1, "strength", 2));
        LessonCount count = LessonCount.of(Fold.of(log)).get(0);
        assertThat(count.asks()).isEqualTo(6);
        assertThat(count.yes()).isEqualTo(5);
        assertThat(count.tallied(Strength.LIGHT, true)).isEqualTo(4);
        assertThat(count.tallied(Strength.LIGHT, false)).isZero();
    }

    @Test
    void whatTheRiderAskedWronglyLeavesTheHorsesRate() {
        say("exchange", Map.of("segment", SEGMENT, "strength", 2, "response", "WRONG"));
        say("exchange", Map.of("segment", SEGMENT, "strength", 2, "response", "YES"));
        say("slip", Map.of("exchange", id(3)));
        assertThat(answer().id()).isEqualTo(id(4));
        LessonCount count = LessonCount.of(Fold.of(log)).get(0);
        assertThat(count.asks()).isEqualTo(1);
        assertThat(count.slips()).isEqualTo(1);
        say("void", Map.of("target", id(5)));
        assertThat(Answers.of(Fold.of(log))).hasSize(2);
    }

    @Test
    void whatHangsOnTheWrongThingIsKeptAndCountedNowhere() {
        say("exchange", Map.of("segment", SEGMENT, "strength", 2, "response", "YES"));
        say("slip", Map.of("exchange", SEGMENT));
        say("praise", Map.of("segment", id(3)));
        Ride ride = Fold.of(log);
        assertThat(ride.loose()).containsExactly(id(4), id(5));
        assertThat(LessonCount.of(ride)).extracting(LessonCount::slips).containsExactly(0);
    }

    @Test
    void asksAndChoicesStandInTheOrderTheyCame() {
        say("choice", Map.of("segment", SEGMENT, "choice", "LEAVES"));
        say("exchange", Map.of("segment", SEGMENT, "strength", 3, "response", "BRACE"));
        say("choice", Map.of("segment", SEGMENT, "choice", "COMES"));
        assertThat(Answers.of(Fold.of(log)))
                .extracting(a -> ((Answer.Touch) a).response())
                .containsExactly(Response.NONE, Response.BRACE, Response.YES);
    }

    @Test
    void theRulesHearOfStretchesFaultsAndFrights() {
        say("held", Map.of("segment", SEGMENT, "unit", "METRES", "amount", 60));
        say("fault", Map.of("segment", SEGMENT, "name", "leg-back", "side", "LEFT"));
        say("sign", Map.of("segment", SEGMENT, "name", "jumps-away", "side", "RIGHT"));
        say("choice", Map.of("segment", SEGMENT, "choice", "FRIGHT"));
        say("praise", Map.of("segment", SEGMENT));
        assertThat(Observations.of(Fold.of(log), rung -> WorkedSide.OUTSIDE))
                .containsExactly(
                        at(new Observation.Hold(id(3), Side.LEFT, HoldUnit.METRES, 60)),
                        at(new Observation.Fault(id(4), Side.LEFT, "leg-back")),
                        at(new Observation.Fright(id(5), Side.LEFT)),
                        at(new Observation.Fright(id(6), Side.LEFT)));
    }

    @Test
    void whatTheCoachRodeIsNotThePairs() {
        segment("LEFT", "COACH");
        say("held", Map.of("segment", id(3), "unit", "METRES", "amount", 60));
        assertThat(Observations.of(Fold.of(log), rung -> WorkedSide.OUTSIDE)).isEmpty();
    }

    private static Observations.RungObservation at(Observation observed) {
        return new Observations.RungObservation(new RungId("circle-bend", Gait.TROT, Place.CIRCLE), SEGMENT, observed);
    }

    private Answer.Touch answer() {
        List<Answer> answers = Answers.of(Fold.of(log));
        assertThat(answers).hasSize(1);
        return (Answer.Touch) answers.get(0);
    }

    private void segment(String rein, String mounted) {
        say(
                "segment",
                Map.of(
                        "exercise", "circle-bend",
                        "gait", "TROT",
                        "place", "CIRCLE",
                        "rein", rein,
                        "mounted", mounted));
    }

    private void say(String kind, Map<String, Object> payload) {
        int n = log.size() + 1;
        log.add(new Entry(id(n), id(700), id(801), id(900), n, 1000L * n, kind, 1, payload));
    }

    private static String id(int n) {
        return "00000000-0000-7000-8000-%012d".formatted(n);
    }
}
