package strophos.core.aid;

import java.time.Duration;

/** Thresholds are numbers of seconds; rules compare durations. */
final class Seconds {

    private Seconds() {}

    static Duration of(double seconds) {
        return Duration.ofMillis(Math.round(seconds * 1000));
    }
}
