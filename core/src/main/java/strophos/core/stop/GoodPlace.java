package strophos.core.stop;

import java.time.Duration;
import java.util.List;
import java.util.Map;
import strophos.core.exchange.Rein;
import strophos.core.exchange.Response;
import strophos.core.judgement.Judgement;
import strophos.core.judgement.Rule;
import strophos.core.judgement.Thresholds;

/**
 * A good place to stop: on each rein the last {@code running} answers were YES, or they were clearly better than its first
 * ones (by {@code betterBy} of YES 1, TRY ½, else 0, on the mean), after at least {@code least} of work. Said once.
 */
public record GoodPlace(Duration least, int running, double betterBy) implements Rule<RideSoFar> {

    /** Thirds of halves are not exact in binary. */
    private static final double ROUNDING = 1e-9;

    /** @param t of {@link StopThresholds#SET} */
    public static GoodPlace of(Thresholds t) {
        return new GoodPlace(
                Duration.ofMinutes(t.whole("good-place.minutes")),
                t.whole("good-place.yesRunning"),
                t.get("good-place.betterBy"));
    }

    @Override
    public String id() {
        return "stop.good-place";
    }

    @Override
    public Map<String, Double> thresholds() {
        return Map.of("minutes", least.toSeconds() / 60.0, "yesRunning", (double) running, "betterBy", betterBy);
    }

    @Override
    public Judgement judge(RideSoFar ride) {
        int fewest = Rein.BOTH.stream().mapToInt(r -> ride.on(r).size()).min().orElseThrow();
        if (fewest < running) {
            return new Judgement.NotEnoughData(fewest, running);
        }
        return Judgement.of(
                ride.worked().compareTo(least) >= 0
                        && Rein.BOTH.stream().allMatch(r -> isReached(ride.on(r), running, betterBy)),
                new StopEvidence.OfTime(ride.worked(), least));
    }

    /** The last answers on a rein were all YES, or clearly better than its first ones. */
    public static boolean isReached(List<Response> here, int n, double betterBy) {
        if (here.size() < n) {
            return false;
        }
        List<Response> last = here.subList(here.size() - n, here.size());
        boolean isBetter = here.size() >= 2 * n && score(last) - score(here.subList(0, n)) >= betterBy - ROUNDING;
        return isBetter || last.stream().allMatch(r -> r == Response.YES);
    }

    /** Mean of YES 1, TRY ½, else 0. */
    private static double score(List<Response> answers) {
        return answers.stream()
                .mapToDouble(r -> r == Response.YES ? 1 : r == Response.TRY ? 0.5 : 0)
                .average()
                .orElseThrow();
    }
}
