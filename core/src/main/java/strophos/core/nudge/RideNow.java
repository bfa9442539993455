package strophos.core.nudge;

import java.util.List;
import java.util.Optional;
import strophos.core.exchange.Rein;
import strophos.core.exchange.Response;
import strophos.core.welfare.Heat;

/**
 * A ride at one moment.
 *
 * @param turnMs time on this rein since the last change or rest
 * @param spellMs time ridden since the last rest
 * @param workMs time ridden in the lesson, without rests
 * @param asks those of the focus rung under the pair's own rider, in order
 * @param isTired a tired sign was seen, or the breath did not settle
 * @param heat by temperature and humidity; {@code RIDE} while nobody measured
 * @param sinceStepBack answers since the lesson went back a step; empty while it did not
 * @param isFrightened a fright was seen since
 * @param shown the nudge on the screen; empty when there is none
 * @param sinceNudgeMs since one came up last; empty when none did yet
 * @param wasGoodStopSaid it is said once
 */
public record RideNow(
        long turnMs,
        long spellMs,
        long workMs,
        List<Answer> asks,
        boolean isTired,
        Heat.Level heat,
        List<Response> sinceStepBack,
        boolean isFrightened,
        Optional<Nudge> shown,
        Optional<Long> sinceNudgeMs,
        boolean wasGoodStopSaid) {

    /** One answer on a rein. */
    public record Answer(Rein rein, Response response) {}

    public RideNow {
        asks = List.copyOf(asks);
        sinceStepBack = List.copyOf(sinceStepBack);
    }
}
