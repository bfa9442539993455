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
 * @param counts of what was touched in ask by ask: by strength (rows, 1 to 4), then response (columns, in the enum's order)
 * @param tallied how many of all asks were counted in tallies
 * @param yes YES at any strength, of all asks
 * @param interval 95 % Wilson interval of {@code yes}; [0, 1] when nothing was asked
 * @param meanStrength 1 to 4; empty when nothing was asked
 */
public record SideSummary(
        Side side,
        List<List<Integer>> counts,
        int tallied,
        Proportion yes,
        Interval interval,
        OptionalDouble meanStrength) {

    /** Sums up the asks on this side; asks on others are passed over. */
    public static SideSummary of(Side side, List<Ask> asks) {
        int[][] counts = new int[Strength.values().length][Response.values().length];
        int[][] tallied = new int[Strength.values().length][2];
        for (Ask a : asks) {
            if (a.side() != side) {
                continue;
            }
            if (a.isTallied()) {
                tallied[a.strength().ordinal()][a.response() == Response.YES ? 0 : 1]++;
            } else {
                counts[a.strength().ordinal()][a.response().ordinal()]++;
            }
        }
        return ofCounts(side, counts, tallied);
    }

    private static List<List<Integer>> rows(int[][] counts) {
        return Arrays.stream(counts)
                .map(row -> Arrays.stream(row).boxed().toList())
                .toList();
    }

    /**
     * Of asks that were counted.
     *
     * @param counts by strength (rows, 1 to 4), then response (columns, in the enum's order)
     * @param tallied of tallies: by strength, then good and others
     */
    public static SideSummary ofCounts(Side side, int[][] counts, int[][] tallied) {
        int yes = 0;
        int asks = 0;
        int inTallies = 0;
        int strengths = 0;
        for (Strength s : Strength.values()) {
            int[] row = counts[s.ordinal()];
            int[] also = tallied[s.ordinal()];
            int counted = sum(also);
            int here = sum(row) + counted;
            yes += row[Response.YES.ordinal()] + also[0];
            inTallies += counted;
            asks += here;
            strengths += here * s.level();
        }
        Proportion counted = new Proportion(yes, asks);
        return new SideSummary(
                side,
                rows(counts),
                inTallies,
                counted,
                Wilson.of(counted),
                asks == 0 ? OptionalDouble.empty() : OptionalDouble.of((double) strengths / asks));
    }

    private static int sum(int[] counts) {
        return Arrays.stream(counts).sum();
    }
}
