package strophos.core.change;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import strophos.core.exchange.Response;
import strophos.core.judgement.Judgement;
import strophos.core.judgement.Rule;
import strophos.core.judgement.Thresholds;
import strophos.core.progress.Ask;
import strophos.core.stats.FisherExact;
import strophos.core.stats.Newcombe;
import strophos.core.stats.Proportion;

/**
 * It changed within the lesson: YES in the first third of an exercise's asks against the last third, by Fisher's exact test
 * at {@code p}. An exercise is ended when it goes well, so its end flatters the last third (by some 12 points at a coin's
 * chance): the run of YES that ended it is left out. The ask before that run is left out as well: it is no YES by
 * construction, and leaving out the run alone would spoil the last third by 6 points and more. Speaks from {@code fewest} asks a
 * third on.
 */
public record Thirds(int fewest, double p) implements Rule<List<Ask>> {

    /** @param t of {@link ChangeThresholds#SET} */
    public static Thirds of(Thresholds t) {
        return new Thirds(t.whole("thirds.fewest"), t.get("thirds.p"));
    }

    @Override
    public String id() {
        return "change.thirds";
    }

    @Override
    public Map<String, Double> thresholds() {
        return Map.of("fewest", (double) fewest, "p", p);
    }

    /** @param asks of one exercise in one lesson, in order */
    @Override
    public Judgement judge(List<Ask> asks) {
        int end = asks.size();
        while (end > 0 && asks.get(end - 1).response() == Response.YES) {
            end--;
        }
        int kept = end == asks.size() ? end : Math.max(0, end - 1);
        int third = kept / 3;
        if (third < fewest) {
            return new Judgement.NotEnoughData(third, fewest);
        }
        List<Ask> first = asks.subList(0, third);
        List<Ask> last = asks.subList(kept - third, kept);
        Proportion before = yes(first);
        Proportion after = yes(last);
        double value = FisherExact.twoSided(before, after);
        return Judgement.of(
                value <= p + 1e-9,
                new ChangeEvidence.OfThirds(
                        before,
                        after,
                        Newcombe.of(after, before),
                        value,
                        asks.size() - kept,
                        Stream.concat(first.stream(), last.stream())
                                .map(Ask::entry)
                                .toList()));
    }

    private static Proportion yes(List<Ask> asks) {
        return new Proportion(
                (int) asks.stream().filter(a -> a.response() == Response.YES).count(), asks.size());
    }
}
