package strophos.core.contact;

import java.util.Arrays;
import java.util.EnumSet;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import strophos.core.exchange.Side;

/**
 * How the reins were just before something was asked: what may go with the answer, never its cause. The aid lies in the last seconds
 * before its touch ({@link AidSize#BEFORE_TOUCH_S}), so that the {@link #LOOK_S} before those are looked at.
 */
public enum ReinsBeforeAsk {
    /** The level of the left rein was over the pair's band. */
    LEFT_HEAVY,
    RIGHT_HEAVY,
    /** Both were under it. */
    BOTH_LIGHT,
    /** The left one carried half as much again as the right, or more. */
    LEFT_MORE,
    RIGHT_MORE;

    /** So long is looked at, in seconds. */
    static final double LOOK_S = 5;

    /** By so much more, as a share of the other (common practice, no source). */
    static final double MORE = 0.5;

    /**
     * All that holds.
     *
     * @param touchS of the answer, in seconds from the first sample
     * @param band the pair's own; without it nothing is heavy or light
     * @return empty where a rein was not measured all that time; a set without any where both were as they should be
     */
    public static Optional<Set<ReinsBeforeAsk>> at(ReinSeries series, double touchS, Optional<Band> band) {
        double toS = touchS - AidSize.BEFORE_TOUCH_S;
        OptionalDouble left = level(series, Side.LEFT, toS);
        OptionalDouble right = level(series, Side.RIGHT, toS);
        if (left.isEmpty() || right.isEmpty()) {
            return Optional.empty();
        }
        double l = left.getAsDouble();
        double r = right.getAsDouble();
        Set<ReinsBeforeAsk> all = EnumSet.noneOf(ReinsBeforeAsk.class);
        band.ifPresent(b -> {
            add(all, LEFT_HEAVY, l > b.highKg());
            add(all, RIGHT_HEAVY, r > b.highKg());
            add(all, BOTH_LIGHT, l < b.lowKg() && r < b.lowKg());
        });
        boolean isHeld = Math.max(l, r) >= ReinLevel.SLACK_KG;
        add(all, LEFT_MORE, isHeld && l >= (1 + MORE) * r);
        add(all, RIGHT_MORE, isHeld && r >= (1 + MORE) * l);
        return Optional.of(all);
    }

    private static void add(Set<ReinsBeforeAsk> to, ReinsBeforeAsk which, boolean holds) {
        if (holds) {
            to.add(which);
        }
    }

    /** The median of each second's highest: no single pull makes it. */
    private static OptionalDouble level(ReinSeries series, Side side, double toS) {
        if (toS < LOOK_S) {
            return OptionalDouble.empty();
        }
        double[] seconds = new double[(int) LOOK_S];
        for (int i = 0; i < seconds.length; i++) {
            double fromS = toS - LOOK_S + i;
            OptionalDouble highest = AidSize.highest(series.part(fromS, fromS + 1), side);
            if (highest.isEmpty()) {
                return OptionalDouble.empty();
            }
            seconds[i] = highest.getAsDouble();
        }
        Arrays.sort(seconds);
        return OptionalDouble.of(seconds[seconds.length / 2]);
    }
}
