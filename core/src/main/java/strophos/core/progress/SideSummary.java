package strophos.core.progress;

import java.util.Arrays;
import java.util.List;
import java.util.OptionalDouble;
import strophos.core.exchange.Response;
import strophos.core.exchange.Side;
import strophos.core.exchange.Strength;
import strophos.core.stats.Interval;
import strophos.core.stats.Proportion;
import strophos.core.stats.Wilson;

/**
 * What one side gave in one exercise of one lesson.
 *
 * @param counts by strength (rows, 1 to 4), then response (columns, in the enum's order)
 * @param yes YES at any strength, of all asks
 * @param interval 95 % Wilson interval of {@code yes}; [0, 1] when nothing was asked
 * @param meanStrength 1 to 4; empty when nothing was asked
 */
public record SideSummary(
        Side side, List<List<Integer>> counts, Proportion yes, Interval interval, OptionalDouble meanStrength) {

    /** Sums up the asks on this side; asks on others are passed over. */
    public static SideSummary of(Side side, List<Ask> asks) {
        int[][] counts = new int[Strength.values().length][Response.values().length];
        List<Ask> here = asks.stream().filter(a -> a.side() == side).toList();
        here.forEach(a -> counts[a.strength().ordinal()][a.response().ordinal()]++);
        return ofCounts(
                side,
                Arrays.stream(counts)
                        .map(row -> Arrays.stream(row).boxed().toList())
                        .toList());
    }

    /** Of asks that were counted: by strength (rows, 1 to 4), then response (columns, in the enum's order). */
    public static SideSummary ofCounts(Side side, List<List<Integer>> counts) {
        int yes = 0;
        int asks = 0;
        int strengths = 0;
        for (Strength s : Strength.values()) {
            List<Integer> row = counts.get(s.ordinal());
            int here = row.stream().mapToInt(n -> n).sum();
            yes += row.get(Response.YES.ordinal());
            asks += here;
            strengths += here * s.level();
        }
        Proportion counted = new Proportion(yes, asks);
        return new SideSummary(
                side,
                counts,
                counted,
                Wilson.of(counted),
                asks == 0 ? OptionalDouble.empty() : OptionalDouble.of((double) strengths / asks));
    }
}
