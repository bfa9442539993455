package strophos.core.progress;

import java.util.ArrayList;
import java.util.List;
import strophos.core.exchange.Side;
import strophos.core.exchange.Strength;
import strophos.core.judgement.ThresholdSet;
import strophos.core.judgement.Thresholds;
import strophos.core.stats.FisherExact;
import strophos.core.stats.Proportion;

/**
 * Which side is behind on a rung: successes (YES at {@code atMost} or lighter) among the last {@code window} asks of each
 * side differ by Fisher's exact test at {@code p}; or the same side had the lower share in {@code run} of the last {@code
 * lessons} lessons with at least {@code fewest} asks on each side. Common practice, no source; five of six on one side comes
 * by chance with 22 % of level horses, so it moves minutes and is no verdict.
 */
public record StifferSide(int window, int fewest, Strength atMost, double p, int run, int lessons) {

    public static final ThresholdSet SET = ThresholdSet.of("stiffer-side", 2)
            .whole("difference.window", 20, 5, 60)
            .whole("difference.fewest", 3, 2, 20)
            .share("difference.p", 0.1, 0.01, 0.3)
            .whole("run.lessons", 6, 3, 12)
            .whole("run.worse", 5, 3, 12)
            .done();

    /** @param t of {@link #SET}, the yard's changes included */
    public static StifferSide of(Thresholds t) {
        return new StifferSide(
                t.whole("difference.window"),
                t.whole("difference.fewest"),
                Strength.LIGHT,
                t.get("difference.p"),
                t.whole("run.worse"),
                t.whole("run.lessons"));
    }

    public static StifferSide standard() {
        return of(SET.standard());
    }

    public Sidedness judge(RungFacts facts) {
        Proportion left = LastAsks.successes(facts.last(window, Side.LEFT), atMost);
        Proportion right = LastAsks.successes(facts.last(window, Side.RIGHT), atMost);
        List<Side> behind = behindByLesson(facts);
        if (left.total() < fewest || right.total() < fewest) {
            return new Sidedness(Side.NONE, Sidedness.Basis.TOO_FEW, left, right, 1, 0, behind.size());
        }
        double value = FisherExact.twoSided(left, right);
        Side lower = lower(left, right);
        if (value <= p + 1e-9 && lower != Side.NONE) {
            return answer(lower, Sidedness.Basis.DIFFERENCE, left, right, value, behind);
        }
        for (Side side : facts.sides()) {
            if (behind.size() >= lessons && times(behind, side) >= run) {
                return answer(side, Sidedness.Basis.RUN, left, right, value, behind);
            }
        }
        return new Sidedness(
                Side.NONE, Sidedness.Basis.ALIKE, left, right, value, times(behind, Side.RIGHT), behind.size());
    }

    private static Sidedness answer(
            Side stiffer, Sidedness.Basis basis, Proportion left, Proportion right, double value, List<Side> behind) {
        return new Sidedness(stiffer, basis, left, right, value, times(behind, stiffer), behind.size());
    }

    /** The last lessons with enough asks on both sides, the latest first. */
    private List<Side> behindByLesson(RungFacts facts) {
        List<Side> behind = new ArrayList<>();
        for (int n = facts.lessons().size(); n > 0 && behind.size() < lessons; n--) {
            List<Ask> left = facts.upTo(n).lastLesson(Side.LEFT);
            List<Ask> right = facts.upTo(n).lastLesson(Side.RIGHT);
            if (left.size() >= fewest && right.size() >= fewest) {
                behind.add(lower(LastAsks.successes(left, atMost), LastAsks.successes(right, atMost)));
            }
        }
        return behind;
    }

    private static int times(List<Side> behind, Side side) {
        return (int) behind.stream().filter(r -> r == side).count();
    }

    private static Side lower(Proportion left, Proportion right) {
        int order = Double.compare(left.share(), right.share());
        return order == 0 ? Side.NONE : order < 0 ? Side.LEFT : Side.RIGHT;
    }
}
