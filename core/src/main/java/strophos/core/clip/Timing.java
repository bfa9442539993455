package strophos.core.clip;

import java.time.Duration;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Predicate;
import strophos.core.aid.CorrectedWhenClear;
import strophos.core.aid.ReleasedPromptly;
import strophos.core.aid.TimeSource;
import strophos.core.aid.TimedResponse;
import strophos.core.aid.WaitedThenReinforced;
import strophos.core.exchange.Moment;
import strophos.core.record.Payload;
import strophos.core.record.Ride;
import strophos.core.stats.Proportion;

/**
 * What was timed on one clip. A touch while riding comes about a second late and tells counts and order alone; a frame tells when.
 *
 * @param asks in the order of the clip; {@code corrections} too
 */
public record Timing(List<TimedAsk> asks, List<TimedCorrection> corrections) {

    private static final double MS = 1000;

    public Timing {
        asks = List.copyOf(asks);
        corrections = List.copyOf(corrections);
    }

    static Timing of(Ride ride, OneClip clip) {
        Map<String, Moment> letGo = new HashMap<>();
        for (Ride.Mark mark : ride.marks()) {
            if (mark.said() instanceof Payload.Released released) {
                released.when().ifPresent(when -> letGo.put(released.exchange(), when));
            }
        }
        return new Timing(
                ride.exchanges().stream()
                        .filter(x -> x.said().when().filter(clip::has).isPresent())
                        .map(x -> TimedAsk.of(x, Optional.ofNullable(letGo.get(x.id())), clip))
                        .sorted(Comparator.comparingInt(TimedAsk::answerMs))
                        .toList(),
                corrections(ride.marks(), clip));
    }

    private static List<TimedCorrection> corrections(Collection<Ride.Mark> marks, OneClip clip) {
        return marks.stream()
                .flatMap(mark -> mark.said() instanceof Payload.Correction said && said.made()
                        ? correction(mark.id(), said, clip).stream()
                        : Optional.<TimedCorrection>empty().stream())
                .sorted(Comparator.comparingInt(TimedCorrection::errorMs))
                .toList();
    }

    private static Optional<TimedCorrection> correction(String id, Payload.Correction said, OneClip clip) {
        var error = clip.ms(said.error());
        var corrected = clip.ms(said.when());
        boolean isTimed = error.isPresent() && corrected.isPresent() && error.getAsInt() <= corrected.getAsInt();
        return isTimed
                ? Optional.of(new TimedCorrection(id, said.segment(), error.getAsInt(), corrected.getAsInt()))
                : Optional.empty();
    }

    public boolean isEmpty() {
        return asks.isEmpty() && corrections.isEmpty();
    }

    /** How long was waited before the horse was asked again. */
    public Optional<Spread> waits() {
        return Spread.of(asks.stream().map(TimedAsk::waitMs));
    }

    /** How long the horse took to answer. */
    public Optional<Spread> answers() {
        return Spread.of(asks.stream().map(TimedAsk::toAnswerMs));
    }

    /** How long after the answer was let go. */
    public Optional<Spread> releases() {
        return Spread.of(asks.stream().map(TimedAsk::releaseMs));
    }

    /** How many releases came soon enough after the answer, and not before it. */
    public int promptReleases(ReleasedPromptly rule) {
        return (int) asks.stream()
                .flatMap(a -> response(a.id(), a.releaseMs()).stream())
                .filter(r -> !r.delay().isNegative() && rule.judge(r).isMet())
                .count();
    }

    /** How many were asked again before the horse had time to answer. */
    public int hurriedWaits(WaitedThenReinforced rule) {
        return wrongWaits(rule, wait -> wait.compareTo(rule.least()) < 0);
    }

    /** How many were asked again when the horse no longer connected the two. */
    public int longWaits(WaitedThenReinforced rule) {
        return wrongWaits(rule, wait -> wait.compareTo(rule.most()) > 0);
    }

    private int wrongWaits(WaitedThenReinforced rule, Predicate<Duration> is) {
        return (int) asks.stream()
                .flatMap(a -> response(a.id(), a.waitMs()).stream())
                .filter(w -> !rule.judge(w).isMet() && is.test(w.delay()))
                .count();
    }

    private static Optional<TimedResponse> response(String entry, OptionalInt ms) {
        return ms.isPresent()
                ? Optional.of(new TimedResponse(entry, TimeSource.CLIP, Duration.ofMillis(ms.getAsInt())))
                : Optional.empty();
    }

    /**
     * Corrections that came once it was clear, and not too late; of those in segments where an error is corrected when it is clear.
     *
     * @param strideS how long a stride takes, above 0
     */
    public Proportion correctedWhenClear(CorrectedWhenClear rule, double strideS, Predicate<String> isWhenClear) {
        List<TimedCorrection> when =
                corrections.stream().filter(c -> isWhenClear.test(c.segment())).toList();
        long timely = when.stream()
                .filter(c -> rule.judge(new CorrectedWhenClear.Correction(
                                c.id(), TimeSource.CLIP, (int) Math.round(c.afterMs() / MS / strideS)))
                        .isMet())
                .count();
        return new Proportion((int) timely, when.size());
    }

    /** How long it took to correct an error. */
    public Optional<Spread> toCorrect() {
        return Spread.of(corrections.stream().map(c -> OptionalInt.of(c.afterMs())));
    }
}
