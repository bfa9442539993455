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
import strophos.core.exchange.Place;
import strophos.core.exchange.Response;
import strophos.core.exchange.Side;
import strophos.core.exchange.Strength;
import strophos.core.exchange.WorkedSide;
import strophos.core.progress.Observation;
import strophos.core.stair.RungId;

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

    @Test
    void asksAndChoicesStandInTheOrderTheyCame() {
        say("choice", Map.of("segment", SEGMENT, "choice", "LEAVES"));
        say("exchange", Map.of("segment", SEGMENT, "strength", 3, "response", "BRACE"));
        say("choice", Map.of("segment", SEGMENT, "choice", "COMES"));
        assertThat(Answers.of(Fold.of(log)))
                .extracting(Ride.Exchange::response)
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

    private Ride.Exchange answer() {
        List<Ride.Exchange> answers = Answers.of(Fold.of(log));
        assertThat(answers).hasSize(1);
        return answers.get(0);
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
