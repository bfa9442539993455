package strophos.core.clip;

import java.util.Optional;
import java.util.OptionalInt;
import strophos.core.exchange.Moment;
import strophos.core.exchange.Response;
import strophos.core.record.Ride;

/**
 * An ask whose moments were read from a clip, in milliseconds of it; each is known to a frame.
 *
 * @param id of the exchange
 * @param answerMs when the horse answered, or when that was waited for no longer
 * @param askedMs when the aid began, at or before the answer; {@code reinforcedMs} when it came again, stronger, not before it
 * @param letGoMs when the hand or leg let go; before the answer where it gave up
 */
public record TimedAsk(
        String id,
        String segment,
        Response response,
        int answerMs,
        OptionalInt askedMs,
        OptionalInt reinforcedMs,
        OptionalInt letGoMs) {

    /** @param clip tells which moments are on one clip */
    static TimedAsk of(Ride.Exchange ask, Optional<Moment> letGo, OneClip clip) {
        int answerMs = clip.ms(ask.said().when()).orElseThrow();
        OptionalInt askedMs = upTo(answerMs, clip.ms(ask.said().asked()));
        return new TimedAsk(
                ask.id(),
                ask.segment(),
                ask.response(),
                answerMs,
                askedMs,
                from(askedMs, upTo(answerMs, clip.ms(ask.said().reinforced()))),
                clip.ms(letGo));
    }

    private static OptionalInt upTo(int mostMs, OptionalInt ms) {
        return ms.isPresent() && ms.getAsInt() <= mostMs ? ms : OptionalInt.empty();
    }

    private static OptionalInt from(OptionalInt leastMs, OptionalInt ms) {
        return leastMs.isPresent() && ms.isPresent() && ms.getAsInt() >= leastMs.getAsInt() ? ms : OptionalInt.empty();
    }

    /** How long was waited before it was asked again, in milliseconds. */
    public OptionalInt waitMs() {
        return askedMs.isPresent() && reinforcedMs.isPresent()
                ? OptionalInt.of(reinforcedMs.getAsInt() - askedMs.getAsInt())
                : OptionalInt.empty();
    }

    /** From the aid to the horse's answer; empty where it gave none. */
    public OptionalInt toAnswerMs() {
        return isAnswered() && askedMs.isPresent()
                ? OptionalInt.of(answerMs - askedMs.getAsInt())
                : OptionalInt.empty();
    }

    /** From the horse's answer to the release; below 0 where it came first. Empty where the horse gave none. */
    public OptionalInt releaseMs() {
        return isAnswered() && letGoMs.isPresent()
                ? OptionalInt.of(letGoMs.getAsInt() - answerMs)
                : OptionalInt.empty();
    }

    /** It gave what was asked for, or some of it: that is what a release rewards. */
    private boolean isAnswered() {
        return response == Response.YES || response == Response.TRY;
    }
}
