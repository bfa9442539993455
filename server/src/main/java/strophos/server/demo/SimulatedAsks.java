package strophos.server.demo;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import strophos.core.exchange.Response;
import strophos.core.exchange.Strength;

/** Draws answers: how often a YES, and how strongly it had to be asked. */
final class SimulatedAsks {

    private final SplittableRandom random;

    SimulatedAsks(SplittableRandom random) {
        this.random = random;
    }

    /** One answer. */
    record Result(Strength strength, Response response) {}

    /**
     * @param yes chance of a YES, in [0, 1]
     * @param meanStrength of the asks, in [1.2, 3.8]; a YES comes a little lighter than the others
     */
    Result next(double yes, double meanStrength) {
        boolean isYes = random.nextDouble() < yes;
        // yes and others together keep the mean
        double mean = meanStrength + (isYes ? -0.2 * (1 - yes) : 0.2 * yes);
        return new Result(strength(mean), isYes ? Response.YES : other());
    }

    /** Five asks of which about half are good, in any order. */
    List<Result> half() {
        return shuffled(Response.NONE, Response.TRY, Response.BRACE, Response.YES, Response.YES);
    }

    /** Five asks that are nearly all good. */
    List<Result> good() {
        return shuffled(Response.YES, Response.YES, Response.TRY, Response.YES, Response.YES);
    }

    /** Five asks of which hardly one is. */
    List<Result> poor() {
        return shuffled(Response.NONE, Response.TRY, Response.BRACE, Response.TRY, Response.NONE);
    }

    private List<Result> shuffled(Response... responses) {
        List<Response> left = new ArrayList<>(List.of(responses));
        List<Result> all = new ArrayList<>();
        while (!left.isEmpty()) {
            all.add(new Result(Strength.LIGHT, left.remove(random.nextInt(left.size()))));
        }
        return all;
    }

    private Response other() {
        double at = random.nextDouble();
        return at < 0.55 ? Response.TRY : at < 0.75 ? Response.BRACE : at < 0.85 ? Response.NONE : Response.WRONG;
    }

    /** The level below or above the mean, so that the mean is kept. */
    private Strength strength(double mean) {
        int below = (int) Math.floor(mean);
        int level = below + (random.nextDouble() < mean - below ? 1 : 0);
        return Strength.ofLevel(Math.max(1, Math.min(4, level))).orElseThrow();
    }
}
