package strophos.core.cause;

import java.util.List;
import strophos.core.progress.Ask;

/** How well an ask went, in [0, 1]: YES 1, TRY 0.5, else 0; 0.15 less for each strength above 2 (common practice, no source). */
final class ProbeScore {

    private static final double LESS_A_STEP = 0.15;
    private static final int FREE_LEVEL = 2;

    private ProbeScore() {}

    static double of(Ask ask) {
        double answer = switch (ask.response()) {
            case YES -> 1;
            case TRY -> 0.5;
            case BRACE, NONE, WRONG -> 0;
        };
        return Math.max(0, answer - LESS_A_STEP * Math.max(0, ask.strength().level() - FREE_LEVEL));
    }

    static double[] of(List<Ask> asks) {
        return asks.stream().mapToDouble(ProbeScore::of).toArray();
    }

    static double mean(List<Ask> asks) {
        return asks.stream().mapToDouble(ProbeScore::of).average().orElseThrow();
    }
}
