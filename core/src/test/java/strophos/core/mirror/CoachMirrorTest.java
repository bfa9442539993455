package strophos.core.mirror;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import strophos.core.record.SmallLog;

class CoachMirrorTest {

    /** Ten marks in an hour: the interval is Garwood's for ten events, 4.795 to 18.39 (calculations 7). */
    @Test
    void praiseAndCorrectionsAnHourWithTheirIntervals() {
        SmallLog log = new SmallLog();
        log.say("lesson_started", Map.of());
        String left = log.segment("LEFT", "RIDER");
        for (int i = 0; i < 179; i++) {
            log.say(
                    i < 10 ? "praise" : i < 14 ? "correction" : "note",
                    i < 10
                            ? Map.of("segment", left)
                            : i < 14 ? Map.of("segment", left, "made", i % 2 == 0) : Map.of("text", "on"));
        }
        log.segment("RIGHT", "RIDER");
        for (int i = 0; i < 179; i++) {
            log.say("note", Map.of("text", "on"));
        }
        log.say("lesson_ended", Map.of());
        CoachMirror mirror = CoachMirror.of(List.of(log.ride()), "a").orElseThrow();
        assertThat(mirror.ridden()).isEqualTo(Duration.ofHours(1));
        assertThat(mirror.left()).isEqualTo(mirror.right());
        assertThat(mirror.praise().times()).isEqualTo(10);
        assertThat(mirror.praise().anHour()).isCloseTo(10, within(1e-9));
        assertThat(mirror.praise().interval().low()).isCloseTo(4.795, within(0.001));
        assertThat(mirror.praise().interval().high()).isCloseTo(18.39, within(0.005));
        assertThat(mirror.corrections().times()).as("what was let pass is none").isEqualTo(2);
        assertThat(CoachMirror.of(List.of(log.ride()), "another")
                        .orElseThrow()
                        .praise()
                        .times())
                .isZero();
    }

    @Test
    void aFewMinutesSayNothing() {
        SmallLog log = new SmallLog();
        log.asks(log.segment("LEFT", "RIDER"), "yyyy");
        log.say("lesson_ended", Map.of());
        assertThat(CoachMirror.of(List.of(log.ride()), "a")).isEmpty();
    }
}
