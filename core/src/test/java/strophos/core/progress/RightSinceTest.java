package strophos.core.progress;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RightSinceTest {

    @ParameterizedTest
    @CsvSource({
        "MOVE_ON,   STAY,    MOVE_ON,   COACH",
        "MOVE_ON,   STAY,    REOPEN,    ADVICE",
        "MOVE_ON,   STAY,    STAY,      ADVICE",
        "STAY,      MOVE_ON, STAY,      COACH",
        "STAY,      MOVE_ON, MOVE_ON,   ADVICE",
        "STAY,      MOVE_ON, STEP_BACK, NEITHER",
        "STEP_BACK, STAY,    STEP_BACK, COACH",
        "STAY,      STAY_HARDER, ,      NOT_YET"
    })
    void byWhatIsAdvisedNext(Decision chosen, Decision advised, Decision after, RightSince who) {
        assertThat(RightSince.of(chosen, advised, Optional.ofNullable(after))).isEqualTo(who);
    }

    @Test
    void whoFollowedTheAdviceDidNotOverruleIt() {
        assertThatThrownBy(() -> RightSince.of(Decision.STAY, Decision.STAY, Optional.empty()))
                .hasMessageContaining("followed");
    }
}
