package strophos.server.access;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ThrottleTest {

    private static final Instant LAST = Instant.parse("2026-11-24T12:00:00Z");

    private static Throttle.Failures of(int count) {
        return new Throttle.Failures(count, LAST);
    }

    private static long waitS(int here, int ofName, int ofAddress, boolean isKnown) {
        Instant next = Throttle.next(of(here), of(ofName), of(ofAddress), isKnown);
        return Duration.between(LAST, next).toSeconds();
    }

    /** Five are free, then 2, 4, 8 … to a minute: hand-worked. */
    @ParameterizedTest
    @CsvSource({"0, 0", "4, 0", "5, 2", "6, 4", "7, 8", "9, 32", "10, 60", "1000, 60"})
    void doublesTheWaitAndNeverLocks(int failures, long waitS) {
        assertThat(waitS(failures, failures, failures, false)).isEqualTo(Math.max(waitS, failures >= 50 ? 2 : 0));
    }

    @Test
    void leavesOneFreeTryToANewPlaceWhileTheNameIsGuessedElsewhere() {
        assertThat(waitS(0, 500, 0, false)).isZero();
        assertThat(waitS(1, 500, 1, false)).isEqualTo(2);
        assertThat(waitS(1, 19, 1, false)).isZero();
    }

    @Test
    void slowsAnAddressThatGuessesManyNames() {
        assertThat(waitS(0, 0, 49, false)).isZero();
        assertThat(waitS(0, 0, 50, false)).isEqualTo(2);
    }

    @Test
    void letsAKnownBrowserThroughWhateverOthersDo() {
        assertThat(waitS(0, 10_000, 10_000, true)).isZero();
        assertThat(waitS(4, 10_000, 10_000, true)).isZero();
        assertThat(waitS(5, 10_000, 10_000, true))
                .as("but it does not guess freely")
                .isEqualTo(2);
    }
}
