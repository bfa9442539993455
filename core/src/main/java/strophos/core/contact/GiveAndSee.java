package strophos.core.contact;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import strophos.core.exchange.Side;

/**
 * Both reins given for a while, and whether the horse went on by itself: the test of self-carriage. A slack rein does not swing, so the
 * beat is taken from before and from after; frame and line are seen, not measured.
 *
 * @param fromS when both reins hung, in seconds from the first sample
 * @param slackS how long, at least {@link #LEAST_S}
 * @param tempoChange beat after / beat before − 1; empty where one of them cannot be told
 */
public record GiveAndSee(double fromS, double slackS, OptionalDouble tempoChange) {

    /** Shorter is a stumble of the hand: four strides are meant, a quick trot takes 0.7 s each (common practice, no source). */
    public static final double LEAST_S = 2;

    /** The beat changed by no more than this: it was kept (calculations: even beat within 5 in 100). */
    public static final double KEPT = 0.05;

    /** The beat is told from so much before and after, in seconds. */
    private static final double BESIDE_S = Rhythm.LEAST_S + 2;

    /** Every time both reins hung, in order. */
    public static List<GiveAndSee> of(ReinSeries series) {
        List<GiveAndSee> found = new ArrayList<>();
        int since = -1;
        for (int i = 0; i <= series.length(); i++) {
            boolean isSlack = i < series.length() && isSlack(series, Side.LEFT, i) && isSlack(series, Side.RIGHT, i);
            if (isSlack && since < 0) {
                since = i;
            } else if (!isSlack && since >= 0) {
                if ((i - since) / series.rateHz() >= LEAST_S) {
                    found.add(between(series, since, i));
                }
                since = -1;
            }
        }
        return List.copyOf(found);
    }

    /** Whether the beat stayed; empty where it is not known on both sides of it. */
    public Optional<Boolean> isKept() {
        return tempoChange.isPresent() ? Optional.of(Math.abs(tempoChange.getAsDouble()) <= KEPT) : Optional.empty();
    }

    private static boolean isSlack(ReinSeries series, Side side, int i) {
        return !series.isGap(side, i) && series.at(side, i) < ReinLevel.SLACK_KG * ReinSeries.HUNDREDTHS;
    }

    private static GiveAndSee between(ReinSeries series, int from, int to) {
        double fromS = from / series.rateHz();
        double toS = to / series.rateHz();
        Rhythm before = Rhythm.of(series.part(Math.max(0, fromS - BESIDE_S), fromS));
        Rhythm after = Rhythm.of(series.part(toS, toS + BESIDE_S));
        OptionalDouble change = before instanceof Rhythm.Regular b && after instanceof Rhythm.Regular a
                ? OptionalDouble.of(a.peaksAMinute() / b.peaksAMinute() - 1)
                : OptionalDouble.empty();
        return new GiveAndSee(fromS, toS - fromS, change);
    }
}
