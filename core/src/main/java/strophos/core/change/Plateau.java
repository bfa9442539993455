package strophos.core.change;

import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import strophos.core.judgement.Judgement;
import strophos.core.judgement.Rule;
import strophos.core.judgement.Thresholds;
import strophos.core.stats.Interval;
import strophos.core.stats.Trend;

/**
 * The rate stands still: the 95 % interval of its Theil–Sen slope lies inside ± {@code points} percentage points a lesson,
 * over the last {@code lessons} lessons with at least {@code asks} asks. {@code Broken} says that it moves (the interval lies
 * wholly above or below 0); {@code NotEnoughData} is "cannot tell yet", be it for few lessons (under {@code fewest}, where
 * the interval is not to be trusted) or for rates that jump too much.
 */
public record Plateau(int fewest, int asks, int lessons, double points) implements Rule<List<Rate>> {

    /** @param t of {@link ChangeThresholds#SET} */
    public static Plateau of(Thresholds t) {
        return new Plateau(
                t.whole("plateau.fewest"),
                t.whole("plateau.asks"),
                t.whole("plateau.lessons"),
                t.get("plateau.points"));
    }

    @Override
    public String id() {
        return "change.plateau";
    }

    @Override
    public Map<String, Double> thresholds() {
        return Map.of("fewest", (double) fewest, "asks", (double) asks, "lessons", (double) lessons, "points", points);
    }

    /** @param rates in order */
    @Override
    public Judgement judge(List<Rate> rates) {
        List<Rate> told =
                rates.stream().filter(r -> r.successes().total() >= asks).toList();
        List<Rate> last = told.subList(Math.max(0, told.size() - lessons), told.size());
        if (last.size() < fewest) {
            return new Judgement.NotEnoughData(last.size(), fewest);
        }
        Trend.Slope slope = Trend.theilSen(
                IntStream.range(0, last.size()).asDoubleStream().toArray(),
                last.stream().mapToDouble(r -> 100 * r.successes().share()).toArray());
        Interval interval = slope.interval();
        ChangeEvidence seen = new ChangeEvidence.OfSlope(slope.estimate(), interval, last.size());
        if (interval.low() >= -points - 1e-9 && interval.high() <= points + 1e-9) {
            return new Judgement.Met(seen);
        }
        return interval.low() > 0 || interval.high() < 0
                ? new Judgement.Broken(List.of(seen))
                : new Judgement.NotEnoughData(last.size(), fewest, List.of(seen));
    }
}
