package strophos.core.stats;

import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/** Controls the share of false findings among all that are tested together ([8]). */
public final class BenjaminiHochberg {

    private BenjaminiHochberg() {}

    /**
     * Adjusted p-values in the order given: the smallest q at which each would be found; in [0, 1].
     *
     * @param p each in [0, 1]
     */
    public static List<Double> adjusted(List<Double> p) {
        p.forEach(BenjaminiHochberg::requireP);
        int n = p.size();
        List<Integer> falling = IntStream.range(0, n)
                .boxed()
                .sorted(Comparator.comparing((Integer i) -> p.get(i)).reversed())
                .toList();
        double[] adjusted = new double[n];
        double least = 1;
        for (int at = 0; at < n; at++) {
            int rank = n - at;
            least = Math.min(least, p.get(falling.get(at)) * n / rank);
            adjusted[falling.get(at)] = least;
        }
        return IntStream.range(0, n).mapToObj(i -> adjusted[i]).toList();
    }

    private static void requireP(double p) {
        if (!(p >= 0 && p <= 1)) {
            throw new IllegalArgumentException("A p-value (%s) must lie in [0, 1].".formatted(p));
        }
    }
}
