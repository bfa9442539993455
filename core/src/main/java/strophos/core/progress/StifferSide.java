package strophos.core.progress;

import java.util.ArrayList;
import java.util.List;
import strophos.core.exchange.Rein;
import strophos.core.exchange.Strength;
import strophos.core.judgement.ThresholdSet;
import strophos.core.judgement.Thresholds;
import strophos.core.stats.FisherExact;
import strophos.core.stats.Proportion;

/**
 * Which rein is behind on a rung: successes (YES at {@code atMost} or lighter) among the last {@code window} asks of each
 * rein differ by Fisher's exact test at {@code p}; or the same rein had the lower share in {@code run} of the last {@code
 * lessons} lessons with at least {@code fewest} asks on each rein. Common practice, no source; five of six on one side comes
 * by chance with 22 % of level horses, so it moves minutes and is no verdict.
 */
public record StifferSide(int window, int fewest, Strength atMost, double p, int run, int lessons) {

    public static final ThresholdSet SET = ThresholdSet.of("stiffer-side", 1)
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
        Proportion left = LastAsks.successes(facts.last(window, Rein.LEFT), atMost);
        Proportion right = LastAsks.successes(facts.last(window, Rein.RIGHT), atMost);
        List<Rein> behind = behindByLesson(facts);
        if (left.total() < fewest || right.total() < fewest) {
            return new Sidedness(Rein.NONE, Sidedness.Basis.TOO_FEW, left, right, 1, 0, behind.size());
        }
        double value = FisherExact.twoSided(left, right);
        Rein lower = lower(left, right);
        if (value <= p + 1e-9 && lower != Rein.NONE) {
            return answer(lower, Sidedness.Basis.DIFFERENCE, left, right, value, behind);
        }
        for (Rein rein : Rein.BOTH) {
            if (behind.size() >= lessons && times(behind, rein) >= run) {
                return answer(rein, Sidedness.Basis.RUN, left, right, value, behind);
            }
        }
        return new Sidedness(
                Rein.NONE, Sidedness.Basis.ALIKE, left, right, value, times(behind, Rein.RIGHT), behind.size());
    }

    private static Sidedness answer(
            Rein stiffer, Sidedness.Basis basis, Proportion left, Proportion right, double value, List<Rein> behind) {
        return new Sidedness(stiffer, basis, left, right, value, times(behind, stiffer), behind.size());
    }

    /** The last lessons with enough asks on both reins, the latest first. */
    private List<Rein> behindByLesson(RungFacts facts) {
        List<Rein> behind = new ArrayList<>();
        for (int n = facts.lessons().size(); n > 0 && behind.size() < lessons; n--) {
            List<Ask> left = facts.upTo(n).lastLesson(Rein.LEFT);
            List<Ask> right = facts.upTo(n).lastLesson(Rein.RIGHT);
            if (left.size() >= fewest && right.size() >= fewest) {
                behind.add(lower(LastAsks.successes(left, atMost), LastAsks.successes(right, atMost)));
            }
        }
        return behind;
    }

    private static int times(List<Rein> behind, Rein rein) {
        return (int) behind.stream().filter(r -> r == rein).count();
    }

    private static Rein lower(Proportion left, Proportion right) {
        int order = Double.compare(left.share(), right.share());
        return order == 0 ? Rein.NONE : order < 0 ? Rein.LEFT : Rein.RIGHT;
    }
}
