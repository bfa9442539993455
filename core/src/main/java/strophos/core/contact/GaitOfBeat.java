package strophos.core.contact;

import java.util.DoubleSummaryStatistics;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import strophos.core.exchange.Gait;
import strophos.core.stride.Pace;

/**
 * Which gait a beat is. Steps at trot come half as quickly again as steps at walk, and strides at canter come about as often as steps
 * at walk do ({@link Pace}). So the beat tells trot from the other two, never those two from each other: it does not name a gait, it says
 * where it does not fit the one that was touched.
 */
public final class GaitOfBeat {

    /** Slower and quicker than the means by this share a horse still goes in that gait (common practice, no source). */
    private static final double WIDER = 0.15;

    private static final Map<Gait, Pace> PACES =
            Map.of(Gait.WALK, Pace.WALK, Gait.TROT, Pace.TROT, Gait.CANTER, Pace.CANTER);

    private GaitOfBeat() {}

    /**
     * The gaits that beat like this, where the one that was touched does not.
     *
     * @param heightM of the horse: small ones step more quickly, by the root of the height ({@link Pace#usual})
     * @return empty where the touched one fits, and where it cannot be told: no beat, no height, a gait with no known beat, a beat of no
     *     gait
     */
    public static List<Gait> insteadOf(Gait touched, Rhythm rhythm, OptionalDouble heightM) {
        if (heightM.isEmpty() || !PACES.containsKey(touched) || !(rhythm instanceof Rhythm.Regular regular)) {
            return List.of();
        }
        List<Gait> fitting = Gait.LISTED.stream()
                .filter(gait -> PACES.containsKey(gait)
                        && isBeatOf(PACES.get(gait), regular.peaksAMinute(), heightM.getAsDouble()))
                .toList();
        return fitting.contains(touched) ? List.of() : fitting;
    }

    private static boolean isBeatOf(Pace pace, double peaksAMinute, double heightM) {
        double quicker =
                pace.usual(heightM).tempo() / pace.usual(Pace.USUAL_HEIGHT_M).tempo();
        double asOfUsualHeight = peaksAMinute / quicker;
        DoubleSummaryStatistics means = pace.variants().stream()
                .flatMap(variant -> pace.mean(variant).stream())
                .mapToDouble(stride -> pace.steps(stride.tempo()))
                .summaryStatistics();
        return asOfUsualHeight >= means.getMin() * (1 - WIDER) && asOfUsualHeight <= means.getMax() * (1 + WIDER);
    }
}
