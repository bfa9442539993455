package strophos.core.record;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.Test;
import strophos.core.exchange.Side;

class AfterRidingTest {

    private final SmallLog log = new SmallLog();

    private AfterRiding after() {
        return AfterRiding.of(log.ride());
    }

    @Test
    void ofEachTheLastWordStands() {
        log.say("rider_felt", Map.of("better", "LEFT"));
        log.say("rider_felt", Map.of("text", "lighter", "better", "NONE"));
        log.say("next_time", Map.of("text", "begin on the right rein"));
        assertThat(after().felt())
                .hasValueSatisfying(f -> assertThat(f.text()).contains("lighter"))
                .hasValueSatisfying(f -> assertThat(f.better()).contains(Side.NONE));
        assertThat(after().nextTime()).contains(new Payload.NextTime("begin on the right rein"));
        assertThat(after().forRider()).isEmpty();
    }

    @Test
    void whatIsTakenBackLeavesTheWordBefore() {
        log.say("for_rider", Map.of("homework", true, "think", "look up"));
        String second = log.say("for_rider", Map.of("homework", false));
        log.say("void", Map.of("target", second));
        assertThat(after().forRider())
                .hasValueSatisfying(f -> assertThat(f.think()).contains("look up"));
    }

    @Test
    void nothingSaidIsNothing() {
        log.say("rider_felt", Map.of());
        log.say("next_time", Map.of("text", "  "));
        AfterRiding after = after();
        assertThat(after.felt()).isEmpty();
        assertThat(after.nextTime()).isEmpty();
    }
}
