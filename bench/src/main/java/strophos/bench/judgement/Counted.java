package strophos.bench.judgement;

import java.util.function.LongPredicate;

/** In how many of so many simulated pairs a thing happened. */
record Counted(String question, String situation, int times, int of) {

    /** @param happens for the pair of this seed */
    static Counted over(String question, String situation, int pairs, LongPredicate happens) {
        int times = 0;
        for (long seed = 1; seed <= pairs; seed++) {
            // plain seeds: multiples of the generator's own step would give one stream, shifted
            times += happens.test(seed) ? 1 : 0;
        }
        return new Counted(question, situation, times, pairs);
    }

    double share() {
        return (double) times / of;
    }

    /** Standard error of the share; that of one in a hundred when nothing or everything happened. */
    double error() {
        double p = Math.min(0.99, Math.max(0.01, share()));
        return Math.sqrt(p * (1 - p) / of);
    }

    String line() {
        return "| %s | %s | %.1f %% | ± %.1f |".formatted(question, situation, 100 * share(), 100 * error());
    }
}
