package strophos.bench.judgement;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import strophos.core.change.ChangeEvidence;
import strophos.core.change.ChangeThresholds;
import strophos.core.change.Plateau;
import strophos.core.change.Rate;
import strophos.core.change.Thirds;
import strophos.core.exchange.Response;
import strophos.core.exchange.Side;
import strophos.core.judgement.Judgement;
import strophos.core.progress.Ask;
import strophos.core.stats.Proportion;

/** What is said of changes on simulated pairs. */
final class Changes {

    private Changes() {}

    /** A rate that rises by so many points a lesson from 45 %, in lessons of so many asks. */
    private static List<Rate> rates(long seed, int lessons, int asks, double points) {
        SimulatedPair pair = new SimulatedPair(seed);
        List<Rate> rates = new ArrayList<>();
        for (int i = 0; i < lessons; i++) {
            double chance = SimulatedPair.shaken(Math.min(0.95, 0.45 + points * i / 100), pair.dayEffect());
            int yes = 0;
            for (int a = 0; a < asks; a++) {
                yes += pair.random().nextDouble() < chance ? 1 : 0;
            }
            rates.add(new Rate("lesson " + i, new Proportion(yes, asks)));
        }
        return rates;
    }

    static Counted plateau(double points, int lessons, int asks, int pairs) {
        return judged("“plateau”", Judgement::isMet, points, lessons, asks, pairs);
    }

    static Counted moves(double points, int lessons, int asks, int pairs) {
        return judged("“it moves”", Judgement.Broken.class::isInstance, points, lessons, asks, pairs);
    }

    private static Counted judged(
            String question, Predicate<Judgement> says, double points, int lessons, int asks, int pairs) {
        Plateau rule = Plateau.of(ChangeThresholds.SET.standard());
        String rate = points == 0 ? "stands still" : "rises %.0f points a lesson".formatted(points);
        return Counted.over(
                question,
                "the rate %s, %d lessons of %d asks".formatted(rate, lessons, asks),
                pairs,
                seed -> says.test(rule.judge(rates(seed, lessons, asks, points))));
    }

    /** An exercise at one and the same chance throughout, ended at three YES running after at least so many asks. */
    private static List<Ask> endedAtSuccess(long seed, double chance, int least) {
        SimulatedPair pair = new SimulatedPair(seed);
        List<Ask> asks = new ArrayList<>();
        int running = 0;
        while (asks.size() < least || running < 3) {
            Ask ask = pair.ask(Side.LEFT, chance, asks.size());
            asks.add(ask);
            running = ask.response() == Response.YES ? running + 1 : 0;
        }
        return asks;
    }

    static Counted falseThirds(double chance, int pairs) {
        Thirds rule = Thirds.of(ChangeThresholds.SET.standard());
        return Counted.over(
                "a change within the exercise",
                "none: %.0f %% throughout, ended at three YES running, 18 asks at least".formatted(100 * chance),
                pairs,
                seed -> rule.judge(endedAtSuccess(seed, chance, 18)).isMet());
    }

    /** Mean gain of the last third over the first where there is none, in points: naive, and as the rule counts. */
    static double[] thirdsBias(double chance, int least, int pairs) {
        Thirds rule = Thirds.of(ChangeThresholds.SET.standard());
        double naive = 0;
        double counted = 0;
        int told = 0;
        for (long seed = 1; seed <= pairs; seed++) {
            List<Ask> asks = endedAtSuccess(seed, chance, least);
            int third = asks.size() / 3;
            naive += share(asks.subList(asks.size() - third, asks.size())) - share(asks.subList(0, third));
            Judgement judged = rule.judge(asks);
            if (!judged.evidence().isEmpty()) {
                counted += ((ChangeEvidence.OfThirds) judged.evidence().get(0))
                        .gain()
                        .estimate();
                told++;
            }
        }
        return new double[] {100 * naive / pairs, 100 * counted / told};
    }

    private static double share(List<Ask> asks) {
        return asks.stream().filter(a -> a.response() == Response.YES).count() / (double) asks.size();
    }
}
