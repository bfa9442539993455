package strophos.core.stats;

import java.util.OptionalDouble;

/** Cohen's kappa: how far two observers of one lesson agree beyond chance ([13]). */
public final class Kappa {

    private Kappa() {}

    /**
     * The agreement.
     *
     * @param observed share on which they agree, in [0, 1]
     * @param kappa in [−1, 1]; empty when both only ever said one and the same thing, where chance alone explains all
     * @param interval 95 % by Cohen's large-sample standard error, within [−1, 1]; [−1, 1] where there is no kappa
     */
    public record Agreement(double observed, OptionalDouble kappa, Interval interval) {}

    /**
     * @param counts square: rows by what the one said, columns by what the other said
     * @throws IllegalArgumentException when it is not square or nothing was counted
     */
    public static Agreement of(int[][] counts) {
        int k = counts.length;
        double n = 0;
        double same = 0;
        double[] rows = new double[k];
        double[] columns = new double[k];
        for (int i = 0; i < k; i++) {
            if (counts[i].length != k) {
                throw new IllegalArgumentException("The table has %d rows and %d columns, maybe one answer is missing."
                        .formatted(k, counts[i].length));
            }
            for (int j = 0; j < k; j++) {
                n += counts[i][j];
                rows[i] += counts[i][j];
                columns[j] += counts[i][j];
                same += i == j ? counts[i][j] : 0;
            }
        }
        if (n == 0) {
            throw new IllegalArgumentException("Two observers need at least one thing seen by both.");
        }
        double byChance = 0;
        for (int i = 0; i < k; i++) {
            byChance += rows[i] * columns[i] / (n * n);
        }
        double observed = same / n;
        if (byChance == 1) {
            return new Agreement(observed, OptionalDouble.empty(), new Interval(-1, 1));
        }
        double kappa = (observed - byChance) / (1 - byChance);
        double se = Math.sqrt(observed * (1 - observed) / n) / (1 - byChance);
        double half = Wilson.Z_95 * se;
        return new Agreement(
                observed,
                OptionalDouble.of(kappa),
                new Interval(Math.max(-1, kappa - half), Math.min(1, kappa + half)));
    }
}
