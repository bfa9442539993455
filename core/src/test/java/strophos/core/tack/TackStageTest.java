package strophos.core.tack;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class TackStageTest {

    @ParameterizedTest(name = "since {0} until {1}: {2}")
    @CsvSource({
        ", , LATER",
        "2026-05-12, , LATER",
        "2026-05-11, , IN_USE",
        "2026-05-01, 2026-05-12, IN_USE",
        "2026-05-01, 2026-05-11, PUT_AWAY",
        ", 2026-05-11, PUT_AWAY",
        "2026-05-11, 2026-05-11, PUT_AWAY",
    })
    void onTheEleventhOfMay(LocalDate since, LocalDate until, TackStage stage) {
        assertThat(TackStage.on(LocalDate.of(2026, 5, 11), Optional.ofNullable(since), Optional.ofNullable(until)))
                .isEqualTo(stage);
    }
}
