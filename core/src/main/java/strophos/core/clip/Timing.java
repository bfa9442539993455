package strophos.core.clip;

import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import strophos.core.exchange.Moment;
import strophos.core.record.Payload;
import strophos.core.record.Ride;

/**
 * What was timed on one clip. A touch while riding comes about a second late and tells counts and order alone; a frame tells when.
 *
 * @param asks in the order of the clip; {@code corrections} too
 */
public record Timing(List<TimedAsk> asks, List<TimedCorrection> corrections) {

    /** Sooner than this after the aid, the horse had no time to answer before it was asked again (common practice, no source). */
    public static final int HURRIED_BELOW_MS = 500;

    /** Later than this the wait says nothing to the horse: asked lightly, waited about a second, reinforced (common practice, no source). */
    public static final int LONG_ABOVE_MS = 2000;

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

    /** How many releases came within {@link TimedAsk#PROMPT_MS} of the answer, and not before it. */
    public int promptReleases() {
        return (int) asks.stream()
                .flatMapToInt(a -> a.releaseMs().stream())
                .filter(ms -> ms >= 0 && ms <= TimedAsk.PROMPT_MS)
                .count();
    }

    /** How many were asked again before the horse had time to answer. */
    public int hurriedWaits() {
        return (int) asks.stream()
                .flatMapToInt(a -> a.waitMs().stream())
                .filter(ms -> ms < HURRIED_BELOW_MS)
                .count();
    }

    /** How many were asked again when the horse no longer knows what of. */
    public int longWaits() {
        return (int) asks.stream()
                .flatMapToInt(a -> a.waitMs().stream())
                .filter(ms -> ms > LONG_ABOVE_MS)
                .count();
    }

    /** How long it took to correct an error. */
    public Optional<Spread> toCorrect() {
        return Spread.of(corrections.stream().map(c -> OptionalInt.of(c.afterMs())));
    }
}
