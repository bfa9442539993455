package strophos.core.progress;

import java.util.List;
import strophos.core.exchange.Rein;
import strophos.core.exchange.Strength;
import strophos.core.stats.FisherExact;
import strophos.core.stats.Proportion;

/**
 * Which rein is behind on a rung: successes (YES at {@code atMost} or lighter) among the last {@code window} asks of each
 * rein differ by Fisher's exact test at {@code p}; or the same rein had the lower share in {@code run} of the last {@code
 * lessons} lessons with at least {@code fewest} asks on each rein. Common practice, no source; five of six on one side comes
 * by chance with 22 % of level horses, so it moves minutes and is no verdict.
 */
public record StifferSide(int window, int fewest, Strength atMost, double p, int run, int lessons) {

    public static final StifferSide DEFAULT = new StifferSide(20, 3, Strength.LIGHT, 0.1, 5, 6);

    public Sidedness judge(RungFacts facts) {
        Proportion left = counted(facts.last(window, Rein.LEFT));
        Proportion right = counted(facts.last(window, Rein.RIGHT));
        List<Rein> behind = behindByLesson(facts);
        if (left.of() < fewest || right.of() < fewest) {
            return new Sidedness(Rein.NONE, Sidedness.Basis.TOO_FEW, left, right, 1, 0, behind.size());
        }
        double value = FisherExact.twoSided(left, right);
        Rein lower = lower(left, right);
        if (value <= p && lower != Rein.NONE) {
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

    private List<Rein> behindByLesson(RungFacts facts) {
        List<Rein> all = facts.lessons().stream()
                .filter(l ->
                        l.on(Rein.LEFT).size() >= fewest && l.on(Rein.RIGHT).size() >= fewest)
                .map(l -> lower(counted(l.on(Rein.LEFT)), counted(l.on(Rein.RIGHT))))
                .toList();
        return all.subList(Math.max(0, all.size() - lessons), all.size());
    }

    private static int times(List<Rein> behind, Rein rein) {
        return (int) behind.stream().filter(r -> r == rein).count();
    }

    private static Rein lower(Proportion left, Proportion right) {
        int order = Double.compare(left.share(), right.share());
        return order == 0 ? Rein.NONE : order < 0 ? Rein.LEFT : Rein.RIGHT;
    }

    private Proportion counted(List<Ask> asks) {
        return new Proportion(
                (int) asks.stream().filter(a -> a.succeedsAt(atMost)).count(), asks.size());
    }
}
