package strophos.core.change;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import strophos.core.exchange.Gait;
import strophos.core.exchange.Place;
import strophos.core.exchange.WorkedSide;
import strophos.core.record.SmallLog;
import strophos.core.record.Soak;
import strophos.core.stair.RungId;
import strophos.core.stats.Proportion;

class SideCostTest {

    private static final RungId COUNTER_BEND = new RungId("counter-bend", Gait.TROT, Place.RAIL);

    private final SmallLog log = new SmallLog();

    private List<SideCost> sides() {
        return SideCost.of(log.ride(), COUNTER_BEND, WorkedSide.OUTSIDE);
    }

    /** On the right rein counter-bend works the left side. */
    @Test
    void whatWasNotedIsCountedOnTheSideItBelongsTo() {
        String left = log.segment("RIGHT", "RIDER");
        log.ask(left, "YES", Map.of("first", 1));
        String hard = log.ask(left, "BRACE", Map.of("first", 2));
        log.say("release", Map.of("exchange", hard, "release", "MISSED"));
        String again = log.ask(left, "YES", Map.of("first", 1));
        log.say("release", Map.of("exchange", again, "release", "LATE"));
        log.say("correction", Map.of("segment", left, "made", true));
        log.say("correction", Map.of("segment", left, "made", false));
        log.ask(left, "YES", Map.of());
        assertThat(sides().get(0)).satisfies(c -> {
            assertThat(c.firstAt()).containsExactly(2, 1, 0, 0);
            assertThat(c.missed()).isEqualTo(new Proportion(1, 2));
            assertThat(c.corrected()).isEqualTo(new Proportion(1, 2));
            // corrected, let pass ten seconds later, asked after ten more
            assertThat(c.soak()).contains(new Soak(Duration.ofSeconds(20), 1));
        });
        assertThat(sides().get(1)).satisfies(c -> {
            assertThat(c.firstAt()).containsOnly(0);
            assertThat(c.missed().total()).isZero();
            assertThat(c.soak()).isEmpty();
        });
    }

    @Test
    void whatTheCoachRodeCostsThePairNothing() {
        String coachs = log.segment("RIGHT", "COACH");
        String ask = log.ask(coachs, "YES", Map.of("first", 1));
        log.say("release", Map.of("exchange", ask, "release", "MISSED"));
        assertThat(sides().get(0).firstAt()).containsOnly(0);
        assertThat(sides().get(0).missed().total()).isZero();
    }
}
