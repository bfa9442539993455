package strophos.core.clip;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import strophos.core.exchange.Gait;
import strophos.core.exchange.Side;
import strophos.core.exchange.WorkedSide;
import strophos.core.progress.Observation;
import strophos.core.record.Observations.RungObservation;
import strophos.core.record.SmallLog;

class MarkedStridesTest {

    private static final Map<String, Object> FILE =
            Map.of("fileName", "tolt.mp4", "bytes", 9, "durationMs", 31_000, "digest", "0".repeat(64));

    private final SmallLog log = new SmallLog();

    private void marked(String base) {
        List<Map<String, Object>> landings = new ArrayList<>();
        for (int i = 0; i < 6; i++) {
            landings.add(Map.of("foot", "LEFT_HIND", "ms", 1_000 * i));
            landings.add(Map.of("foot", "LEFT_FORE", "ms", 1_000 * i + 60));
        }
        log.say("footfalls", Map.of("base", base, "frameMs", 33, "landings", landings));
    }

    /** Once on a clip whose place in the lesson is known, once on one whose place is not. */
    private void markedOnBoth() {
        log.segment("LEFT", "RIDER");
        String linked = log.say("time_base", Map.of("source", "CLIP", "clip", FILE, "startMs", 15_000));
        String loose = log.say("time_base", Map.of("source", "CLIP", "clip", FILE));
        marked(linked);
        marked(loose);
    }

    @Test
    void theGaitIsThatOfTheMomentWhereTheClipIsLinked() {
        markedOnBoth();
        assertThat(MarkedStrides.of(log.ride()))
                .extracting(MarkedStrides::gait)
                .containsExactlyInAnyOrder(Optional.of(Gait.TROT), Optional.empty());
        assertThat(MarkedStrides.of(log.ride())
                        .get(0)
                        .says()
                        .left()
                        .orElseThrow()
                        .share())
                .isEqualTo(0.06, within(0.001));
    }

    /** The right fore and hind of that log were not marked; what lies in no segment is of no rung. */
    @Test
    void theyAreObservedOnTheRungThatWasRiddenThen() {
        markedOnBoth();
        List<RungObservation> observed = MarkedStrides.observed(log.ride(), rung -> WorkedSide.OUTSIDE);
        assertThat(observed).hasSize(1);
        assertThat(observed.get(0).rung().gait()).isEqualTo(Gait.TROT);
        assertThat(observed.get(0).observed()).isInstanceOfSatisfying(Observation.Beats.class, beats -> {
            assertThat(beats.side()).isEqualTo(Side.RIGHT);
            assertThat(beats.feet()).isEqualTo(Side.LEFT);
            assertThat(beats.share()).isEqualTo(0.06, within(0.001));
            assertThat(beats.low()).isBetween(0.03, 0.06);
        });
    }

    @Test
    void underTheCoachNothingIsObservedOfThePair() {
        log.segment("LEFT", "COACH");
        marked(log.say("time_base", Map.of("source", "CLIP", "clip", FILE, "startMs", 15_000)));
        assertThat(MarkedStrides.observed(log.ride(), rung -> WorkedSide.OUTSIDE))
                .isEmpty();
    }
}
