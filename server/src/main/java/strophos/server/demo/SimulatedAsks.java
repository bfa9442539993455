package strophos.server.demo;

import java.util.SplittableRandom;
import strophos.core.exchange.Rein;
import strophos.core.exchange.Response;
import strophos.core.exchange.Strength;

/**
 * How Imre and Tamarack answer. Planted truth: on the left rein about 80 % YES throughout; on the right 55 % at first,
 * closing to 80 % at the last lesson.
 */
final class SimulatedAsks {

    static final double LEFT_YES = 0.8;
    static final double RIGHT_YES_FIRST = 0.55;
    static final double RIGHT_YES_LAST = 0.8;

    private final SplittableRandom random;

    SimulatedAsks(SplittableRandom random) {
        this.random = random;
    }

    /** One answer. */
    record Simulated(Strength strength, Response response) {}

    /** @param closed how much of the gap has closed, in [0, 1] */
    Simulated next(Rein rein, double closed) {
        double yes = rein == Rein.RIGHT ? RIGHT_YES_FIRST + closed * (RIGHT_YES_LAST - RIGHT_YES_FIRST) : LEFT_YES;
        if (random.nextDouble() < yes) {
            return new Simulated(pick(0.38, 0.58, 0.04), Response.YES);
        }
        double other = random.nextDouble();
        Response response = other < 0.55
                ? Response.TRY
                : other < 0.75 ? Response.BRACE : other < 0.85 ? Response.NONE : Response.WRONG;
        return new Simulated(pick(0.05, 0.5, 0.38), response);
    }

    private Strength pick(double thought, double light, double clear) {
        double at = random.nextDouble();
        if (at < thought) {
            return Strength.THOUGHT;
        }
        return at < thought + light ? Strength.LIGHT : at < thought + light + clear ? Strength.CLEAR : Strength.STRONG;
    }
}
