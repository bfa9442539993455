package strophos.core.contact;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import strophos.core.record.Ride;
import strophos.core.record.SmallLog;

/** The beat after each cue, against a stand-in sensor whose beat is known. */
class CueAnswerTest {

    private static final String QUICKER = "00000000-0000-7000-8000-0000000000a1";
    private static final String BIGGER = "00000000-0000-7000-8000-0000000000a2";
    private static final int ASKS = 6;

    /** A touch every thirty seconds, in a stretch by each cue; the aid stands 1.4 s before its touch. */
    private static Ride ridden(int asks) {
        SmallLog log = new SmallLog();
        for (String cue : List.of(QUICKER, BIGGER)) {
            String segment = log.say(
                    "segment",
                    Map.of(
                            "exercise", "own-cues",
                            "gait", "TROT",
                            "place", "RAIL",
                            "rein", "LEFT",
                            "mounted", "RIDER",
                            "cue", cue));
            for (int i = 0; i < asks; i++) {
                log.say("note", Map.of("text", "round"));
                log.ask(segment, "YES", Map.of());
                log.say("note", Map.of("text", "round"));
            }
            log.say("note", Map.of("text", "round"));
            log.say("note", Map.of("text", "round"));
        }
        return log.ride();
    }

    /** From a beat of 158 to so much more for ten seconds after each aid of a cue. */
    private static ReinSeries measured(Ride ride, double quicker, double bigger, double rateHz, long seed) {
        List<StandInSensor.Stretch> stretches = new ArrayList<>();
        double atS = 0;
        for (Ride.Exchange ask : ride.exchanges()) {
            boolean isQuicker = ask.segment().equals(ride.segments().get(0).id());
            double aidS = ask.atMs() / 1000.0 - 1.4;
            stretches.add(trot(aidS - atS, 1));
            stretches.add(trot(11, 1 + (isQuicker ? quicker : bigger)));
            atS = aidS + 11;
        }
        stretches.add(trot(20, 1));
        return StandInSensor.measure(
                StandInSensor.Script.of(rateHz, stretches.toArray(StandInSensor.Stretch[]::new)), seed);
    }

    private static StandInSensor.Stretch trot(double seconds, double times) {
        return new StandInSensor.Stretch(seconds, 158 * times, 0.03, 3, 3.2, 1.5, 0);
    }

    /** Ten seeds each: the change comes back to within a hundredth and a half, and the verdict in nine of ten. */
    @ParameterizedTest
    @CsvSource({
        "0.08, 0, 100, APART",
        "0.06, 0, 20, APART",
        "0.1, 0.1, 100, ALIKE",
        "0, 0, 50, ALIKE",
        "0.08, -0.03, 250, APART",
    })
    void eachCueGetsItsAnswer(double quicker, double bigger, double rateHz, CueAnswer.Verdict verdict) {
        Ride ride = ridden(ASKS);
        int told = 0;
        for (long seed = 0; seed < 10; seed++) {
            List<CueAnswer> all = CueAnswer.all(ride, measured(ride, quicker, bigger, rateHz, seed), 0);
            assertThat(all).extracting(CueAnswer::cue).containsExactly(QUICKER, BIGGER);
            assertThat(all.get(0).mean().orElseThrow().value()).isCloseTo(quicker, within(0.015));
            assertThat(all.get(1).mean().orElseThrow().value()).isCloseTo(bigger, within(0.015));
            told += all.get(0).beside(all.get(1)).orElseThrow().verdict() == verdict ? 1 : 0;
        }
        assertThat(told).isGreaterThanOrEqualTo(9);
    }

    @Test
    void fewAsksSayNothing() {
        Ride ride = ridden(CueAnswer.LEAST_ASKS - 1);
        List<CueAnswer> all = CueAnswer.all(ride, measured(ride, 0.1, 0, 50, 1), 0);
        assertThat(all.get(0).changes()).hasSize(3);
        assertThat(all.get(0).mean()).isEmpty();
        assertThat(all.get(0).beside(all.get(1))).isEmpty();
    }

    @Test
    void tooFewSamplesASecondTellNoBeat() {
        Ride ride = ridden(ASKS);
        assertThat(CueAnswer.all(ride, measured(ride, 0.1, 0, 10, 1), 0))
                .allSatisfy(c -> assertThat(c.changes()).isEmpty());
    }

    /** A recording that began later, or was lost in between, leaves out what it did not hear. */
    @Test
    void whatWasNotMeasuredIsLeftOut() {
        Ride ride = ridden(ASKS);
        ReinSeries series = measured(ride, 0.1, 0, 50, 1);
        List<CueAnswer> late = CueAnswer.all(ride, series.part(60, series.seconds()), 60_000);
        assertThat(late.get(0).changes()).hasSize(ASKS - 2);
        List<CueAnswer> two = new ArrayList<>(late);
        two.addAll(CueAnswer.all(ride, series.part(0, 58), 0));
        assertThat(CueAnswer.together(two).get(0).changes()).hasSize(ASKS - 1);
    }

    @Test
    void aStretchWithoutACueIsNone() {
        SmallLog log = new SmallLog();
        log.asks(log.segment("LEFT", "RIDER"), "yyyy");
        assertThat(CueAnswer.all(log.ride(), Reins.both(50, 60, s -> 3), 0)).isEmpty();
    }
}
