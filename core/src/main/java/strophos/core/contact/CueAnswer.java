package strophos.core.contact;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalLong;
import strophos.core.exchange.Mounted;
import strophos.core.record.Ride;
import strophos.core.stats.Interval;
import strophos.core.stats.Mean;
import strophos.core.stats.MeanDifference;

/**
 * What the beat did after a cue of the book: a cue for quicker should be answered by a quicker beat, one for bigger by the same beat.
 * How long the steps are no rein tells.
 *
 * @param cue its id in the book
 * @param changes of the beat, one an ask, as a share: 0.05 is five in a hundred quicker; asks beside which it cannot be told are left out
 */
public record CueAnswer(String cue, List<Double> changes) {

    /** Fewer asks by a cue say nothing (common practice, no source). */
    public static final int LEAST_ASKS = 4;

    /** Two cues after which the beat surely differs by less get the same answer (common practice, no source). */
    public static final double SAME = 0.03;

    /** The beat is told from so much before the aid can lie, and after the touch, in seconds. */
    private static final double BESIDE_S = Rhythm.LEAST_S + 0.5;

    private static final double MS = 1000;

    public CueAnswer {
        changes = List.copyOf(changes);
    }

    /** What two cues are to the horse. */
    public enum Verdict {
        /** Each gets its own answer. */
        APART,
        /** Both get the same. */
        ALIKE,
        /** Cannot be told yet. */
        OPEN
    }

    /**
     * Two cues beside each other.
     *
     * @param by by how much more quickly it went after the first, as a share
     */
    public record Beside(String first, String second, double by, Interval interval, Verdict verdict) {}

    /** All cues by which the pair's own rider asked, in the order in which each was first asked by. */
    public static List<CueAnswer> all(Ride ride, ReinSeries series, long startedMs) {
        List<CueAnswer> all = new ArrayList<>();
        for (Ride.Segment segment : ride.segments()) {
            if (segment.mounted() == Mounted.RIDER && segment.said().cue().isPresent()) {
                all.add(new CueAnswer(
                        segment.said().cue().get(),
                        ride.exchanges().stream()
                                .filter(x -> x.segment().equals(segment.id()))
                                .flatMap(x -> change(segment, x, series, startedMs).stream()
                                        .boxed())
                                .toList()));
            }
        }
        return together(all);
    }

    /** Several recordings' answers to the same cues, put together. */
    public static List<CueAnswer> together(List<CueAnswer> some) {
        return some.stream()
                .map(CueAnswer::cue)
                .distinct()
                .map(cue -> new CueAnswer(
                        cue,
                        some.stream()
                                .filter(a -> a.cue().equals(cue))
                                .flatMap(a -> a.changes().stream())
                                .toList()))
                .toList();
    }

    private static OptionalDouble change(Ride.Segment segment, Ride.Exchange ask, ReinSeries series, long startedMs) {
        double touchS = (ask.atMs() - startedMs) / MS;
        double fromS = touchS - AidSize.BEFORE_TOUCH_S - BESIDE_S;
        double toS = touchS + BESIDE_S;
        OptionalLong endMs = segment.endMs();
        boolean isWithin = fromS >= Math.max(0, (segment.atMs() - startedMs) / MS)
                && toS <= series.seconds()
                && (endMs.isEmpty() || toS <= (endMs.getAsLong() - startedMs) / MS);
        if (!isWithin) {
            return OptionalDouble.empty();
        }
        Rhythm before = Rhythm.of(series.part(fromS, fromS + BESIDE_S));
        Rhythm after = Rhythm.of(series.part(touchS, toS));
        return before instanceof Rhythm.Regular b && after instanceof Rhythm.Regular a
                ? OptionalDouble.of(a.peaksAMinute() / b.peaksAMinute() - 1)
                : OptionalDouble.empty();
    }

    /** The mean change; empty with fewer than {@link #LEAST_ASKS}. */
    public Optional<Mean> mean() {
        return changes.size() < LEAST_ASKS ? Optional.empty() : Mean.of(array());
    }

    /** Beside another; empty while either has fewer than {@link #LEAST_ASKS}. */
    public Optional<Beside> beside(CueAnswer other) {
        if (changes.size() < LEAST_ASKS || other.changes.size() < LEAST_ASKS) {
            return Optional.empty();
        }
        return MeanDifference.between(other.array(), array())
                .map(d -> new Beside(cue, other.cue, d.value(), d.interval(), verdict(d.interval())));
    }

    private static Verdict verdict(Interval of) {
        if (Math.max(Math.abs(of.low()), Math.abs(of.high())) <= SAME) {
            return Verdict.ALIKE;
        }
        return of.low() > 0 || of.high() < 0 ? Verdict.APART : Verdict.OPEN;
    }

    private double[] array() {
        return changes.stream().mapToDouble(c -> c).toArray();
    }
}
