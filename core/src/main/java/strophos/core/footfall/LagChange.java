package strophos.core.footfall;

import java.util.List;
import java.util.Optional;

/**
 * How the lag of one side moved, from the first time its landings were marked to the last, at one gait.
 *
 * @param way told only where the 95 % intervals of the two lie apart: a careful test, since two that touch may differ as well
 */
public record LagChange(SideLag first, SideLag last, Way way) {

    /** Towards even beats, or away from them. */
    public enum Way {
        TOWARDS_EVEN,
        AWAY_FROM_EVEN,
        NOT_TOLD_APART
    }

    /** Four even beats: a quarter of the stride [1]. */
    private static final double EVEN = 0.25;

    /** @param lags in the order of their days; empty with fewer than two */
    public static Optional<LagChange> of(List<SideLag> lags) {
        if (lags.size() < 2) {
            return Optional.empty();
        }
        SideLag first = lags.get(0);
        SideLag last = lags.get(lags.size() - 1);
        return Optional.of(new LagChange(first, last, way(first, last)));
    }

    private static Way way(SideLag first, SideLag last) {
        double on = fromEven(last.share()) - fromEven(first.share());
        // a lag just under a whole stride is one just before the hind foot
        double shift = first.share() - last.share() > 0.5 ? 1 : last.share() - first.share() > 0.5 ? -1 : 0;
        boolean isApart = last.low() + shift > first.high() || last.high() + shift < first.low();
        if (!isApart || on == 0) {
            return Way.NOT_TOLD_APART;
        }
        return on < 0 ? Way.TOWARDS_EVEN : Way.AWAY_FROM_EVEN;
    }

    private static double fromEven(double share) {
        double off = Math.abs(share - EVEN);
        return Math.min(off, 1 - off);
    }
}
