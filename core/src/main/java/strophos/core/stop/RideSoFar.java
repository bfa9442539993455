package strophos.core.stop;

import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import strophos.core.exchange.Rein;
import strophos.core.exchange.Response;
import strophos.core.school.School;

/**
 * What the rules of stopping look at.
 *
 * @param worked ridden in the lesson, without rests
 * @param isSpared a horse under five, or in its first month back
 * @param tiredSigns seen, by name
 * @param isBreathUnsettled the breath did not settle in the rest
 * @param heat °F + % humidity; empty when nobody measured
 * @param answers of the focus rung under the pair's own rider on each rein, in order
 * @param sinceStepBack answers since the lesson went back a step; empty while it did not
 * @param isFrightened a fright was seen since
 */
public record RideSoFar(
        Duration worked,
        boolean isSpared,
        List<String> tiredSigns,
        boolean isBreathUnsettled,
        OptionalDouble heat,
        Map<Rein, List<Response>> answers,
        List<Response> sinceStepBack,
        boolean isFrightened,
        School school) {

    public RideSoFar {
        tiredSigns = List.copyOf(tiredSigns);
        answers = Map.copyOf(answers);
        sinceStepBack = List.copyOf(sinceStepBack);
    }

    List<Response> on(Rein rein) {
        return answers.getOrDefault(rein, List.of());
    }
}
