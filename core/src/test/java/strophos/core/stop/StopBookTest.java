package strophos.core.stop;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import strophos.core.exchange.Rein;
import strophos.core.exchange.Response;
import strophos.core.school.School;

class StopBookTest {

    private static final StopBook BOOK = StopBook.with(StopThresholds.SET.standard());
    private static final List<Response> YES = List.of(Response.YES, Response.YES, Response.YES);

    private static RideSoFar good(List<String> tired, boolean isBreathUnsettled) {
        return new RideSoFar(
                Duration.ofMinutes(20),
                false,
                tired,
                isBreathUnsettled,
                OptionalDouble.empty(),
                Map.of(Rein.LEFT, YES, Rein.RIGHT, YES),
                List.of(),
                false,
                School.CLASSICAL);
    }

    @Test
    void oneSignOfTirednessGoesBeforeAGoodPlace() {
        assertThat(BOOK.advise(good(List.of(), false)).advice()).contains(StopBook.StopAdvice.GOOD_PLACE);
        assertThat(BOOK.advise(good(List.of("stumbles"), false)).advice()).contains(StopBook.StopAdvice.STOP);
        StopBook.Ruling breath = BOOK.advise(good(List.of(), true));
        assertThat(breath.advice()).contains(StopBook.StopAdvice.STOP);
        assertThat(breath.findings().get(0).judgement().evidence().get(0))
                .isEqualTo(new StopEvidence.OfSigns(List.of(Tired.BREATH)));
    }

    @Test
    void everyRuleIsRead() {
        assertThat(BOOK.advise(good(List.of(), false)).findings())
                .extracting(f -> f.ruleId())
                .containsExactly(
                        "stop.tired",
                        "stop.too-hot",
                        "stop.worked-long-enough",
                        "stop.stuck-after-step-back",
                        "stop.good-place",
                        "stop.does-not-become-good");
    }
}
