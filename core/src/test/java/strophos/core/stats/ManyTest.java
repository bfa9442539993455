package strophos.core.stats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.SplittableRandom;
import org.hipparchus.stat.correlation.KendallsCorrelation;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ManyTest {

    /** Benjamini and Hochberg 1995, the fifteen p-values of their example: at 0.05 the first four are found. */
    @Test
    void benjaminiHochbergsExample() {
        List<Double> p = List.of(
                0.0001, 0.0004, 0.0019, 0.0095, 0.0201, 0.0278, 0.0298, 0.0344, 0.0459, 0.3240, 0.4262, 0.5719, 0.6528,
                0.7590, 1.0);
        List<Double> adjusted = BenjaminiHochberg.adjusted(p);
        assertThat(adjusted.stream().filter(q -> q <= 0.05)).hasSize(4);
        assertThat(adjusted.get(3)).isCloseTo(0.0095 * 15 / 4, within(1e-12));
        assertThat(adjusted).isSorted();
    }

    @Test
    void adjustedValuesKeepTheOrderGiven() {
        assertThat(BenjaminiHochberg.adjusted(List.of(0.04, 0.01))).containsExactly(0.04, 0.02);
        assertThat(BenjaminiHochberg.adjusted(List.of())).isEmpty();
        assertThatThrownBy(() -> BenjaminiHochberg.adjusted(List.of(1.1))).hasMessageContaining("[0, 1]");
    }

    /** By hand: 1 2 3 4 has six rising pairs and the variance 4 · 3 · 13 / 18; one tie takes 2 · 1 · 9 / 18. */
    @Test
    void mannKendallByHand() {
        Trend.Kendall rising = Trend.mannKendall(new double[] {1, 2, 3, 4});
        assertThat(rising.s()).isEqualTo(6);
        assertThat(rising.variance()).isCloseTo(156.0 / 18, within(1e-12));
        Trend.Kendall tied = Trend.mannKendall(new double[] {1, 2, 2, 4});
        assertThat(tied.s()).isEqualTo(5);
        assertThat(tied.variance()).isCloseTo(138.0 / 18, within(1e-12));
        assertThat(Trend.mannKendall(new double[] {3, 3, 3}).p()).isEqualTo(1);
        assertThatThrownBy(() -> Trend.mannKendall(new double[] {1})).hasMessageContaining("at least 2");
    }

    /** The library's tau-b, without ties, is S over the number of pairs. */
    @Test
    void agreesWithTheLibrarysKendall() {
        SplittableRandom random = new SplittableRandom(11);
        for (int run = 0; run < 100; run++) {
            int n = 3 + random.nextInt(20);
            double[] x = new double[n];
            double[] y = new double[n];
            for (int i = 0; i < n; i++) {
                x[i] = i;
                y[i] = random.nextDouble();
            }
            double tau = new KendallsCorrelation().correlation(x, y);
            assertThat(Trend.mannKendall(y).s()).isEqualTo(Math.round(tau * n * (n - 1) / 2));
        }
    }

    /** By hand: the slopes between (0, 0), (1, 1), (2, 4) are 1, 2, 3; their median is 2. */
    @Test
    void theilSenByHand() {
        assertThat(Trend.theilSen(new double[] {0, 1, 2}, new double[] {0, 1, 4})
                        .estimate())
                .isEqualTo(2);
        assertThat(Trend.theilSen(new double[] {0, 1}, new double[] {1, 4}).estimate())
                .isEqualTo(3);
        assertThatThrownBy(() -> Trend.theilSen(new double[] {1, 1}, new double[] {1, 4}))
                .hasMessageContaining("same x");
        assertThatThrownBy(() -> Trend.theilSen(new double[] {1, 2, 3}, new double[] {1, 4}))
                .hasMessageContaining("as many");
    }

    /** The interval of a known line with noise holds the true slope in about 95 of 100 runs: within two standard errors. */
    @Test
    void theilSensIntervalHoldsTheTrueSlope() {
        SplittableRandom random = new SplittableRandom(3);
        int held = 0;
        int runs = 1000;
        for (int run = 0; run < runs; run++) {
            double[] x = new double[15];
            double[] y = new double[15];
            for (int i = 0; i < 15; i++) {
                x[i] = i;
                y[i] = 0.7 * i + random.nextGaussian() * 2;
            }
            Interval interval = Trend.theilSen(x, y).interval();
            held += interval.low() <= 0.7 && interval.high() >= 0.7 ? 1 : 0;
        }
        assertThat((double) held / runs).isBetween(0.95 - 2 * 0.0069, 0.95 + 3 * 0.0069);
    }

    /** Garwood 1936: 10 events 4.795 to 18.39; 0 events up to 3.689; 1 event 0.0253 to 5.572 (published table). */
    @ParameterizedTest
    @CsvSource({"10, 4.795, 18.390", "0, 0, 3.689", "1, 0.0253, 5.572", "5, 1.6235, 11.668"})
    void garwoodsInterval(int events, double low, double high) {
        assertThat(Garwood.of(events).low()).isCloseTo(low, within(0.001));
        assertThat(Garwood.of(events).high()).isCloseTo(high, within(0.001));
    }

    @Test
    void aRateIsACountOverItsExposure() {
        assertThat(Garwood.rate(10, 20).high()).isCloseTo(Garwood.of(10).high() / 20, within(1e-12));
        assertThatThrownBy(() -> Garwood.rate(1, 0)).hasMessageContaining("above 0");
        assertThatThrownBy(() -> Garwood.of(-1)).hasMessageContaining("at least 0");
    }

    /** By hand: 20 and 15 of 50 alike, chance 0.5, so (0.7 − 0.5) / 0.5 = 0.4, standard error 0.1296. */
    @Test
    void kappaByHand() {
        Kappa.Agreement agreement = Kappa.of(new int[][] {{20, 5}, {10, 15}});
        assertThat(agreement.kappa().orElseThrow()).isCloseTo(0.4, within(1e-12));
        assertThat(agreement.interval().low()).isCloseTo(0.4 - 1.96 * 0.1296, within(0.0005));
        assertThat(Kappa.of(new int[][] {{4, 0}, {0, 6}}).kappa()).hasValue(1);
    }

    @Test
    void kappaWhereThereIsNone() {
        assertThat(Kappa.of(new int[][] {{7, 0}, {0, 0}}).kappa()).isEmpty();
        assertThatThrownBy(() -> Kappa.of(new int[][] {{1, 2}})).hasMessageContaining("rows");
        assertThatThrownBy(() -> Kappa.of(new int[][] {{0, 0}, {0, 0}})).hasMessageContaining("at least one");
    }
}
