package strophos.core.homework;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ReportTimeTest {

    private static final long RECEIVED = 1_795_780_800_000L;

    /** Both sides of a day ahead and of 366 days behind, and what no clock says. */
    @ParameterizedTest
    @CsvSource({
        "0, true",
        "86400000, true",
        "86400001, false",
        "-31622400000, true",
        "-31622400001, false",
        "8834678400000000, false",
        "-9000000000000, false"
    })
    void countsFromItsOwnTimeWhereThatIsBelieved(long laterMs, boolean isBelieved) {
        assertThat(ReportTime.countedFromMs(RECEIVED + laterMs, RECEIVED))
                .isEqualTo(isBelieved ? RECEIVED + laterMs : RECEIVED);
    }
}
