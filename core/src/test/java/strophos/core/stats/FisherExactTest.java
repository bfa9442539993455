package strophos.core.stats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.MathContext;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

class FisherExactTest {

    /** The lady tasting tea: 3 of 4 against 1 of 4. R. A. Fisher, The Design of Experiments (1935): p = 34/70. */
    @Test
    void tastesTea() {
        assertThat(FisherExact.twoSided(new Proportion(3, 4), new Proportion(1, 4)))
                .isCloseTo(34.0 / 70, within(1e-12));
    }

    @Test
    void agreesWithExactArithmetic() {
        SplittableRandom random = new SplittableRandom(5);
        for (int i = 0; i < 200; i++) {
            Proportion a = any(random);
            Proportion b = any(random);
            assertThat(FisherExact.twoSided(a, b)).as("%s, %s", a, b).isCloseTo(exact(a, b), within(1e-9));
        }
    }

    @Test
    void doesNotCareWhichComesFirst() {
        Proportion left = new Proportion(9, 10);
        Proportion right = new Proportion(3, 10);
        assertThat(FisherExact.twoSided(left, right)).isEqualTo(FisherExact.twoSided(right, left));
    }

    @Test
    void findsNoDifferenceWhereNoneCanBe() {
        assertThat(FisherExact.twoSided(new Proportion(0, 0), new Proportion(3, 4)))
                .isEqualTo(1);
        assertThat(FisherExact.twoSided(new Proportion(4, 4), new Proportion(9, 9)))
                .isEqualTo(1);
        assertThat(FisherExact.twoSided(new Proportion(0, 4), new Proportion(0, 9)))
                .isEqualTo(1);
    }

    private static Proportion any(SplittableRandom random) {
        int of = 1 + random.nextInt(25);
        return new Proportion(random.nextInt(of + 1), of);
    }

    /** The definition, in whole numbers: all tables with these margins, none likelier than the one seen. */
    private static double exact(Proportion a, Proportion b) {
        int successes = a.successes() + b.successes();
        BigInteger seen = ways(a.total(), a.successes()).multiply(ways(b.total(), b.successes()));
        BigInteger rare = BigInteger.ZERO;
        BigInteger all = BigInteger.ZERO;
        for (int k = Math.max(0, successes - b.total()); k <= Math.min(a.total(), successes); k++) {
            BigInteger one = ways(a.total(), k).multiply(ways(b.total(), successes - k));
            all = all.add(one);
            rare = one.compareTo(seen) <= 0 ? rare.add(one) : rare;
        }
        return new BigDecimal(rare)
                .divide(new BigDecimal(all), MathContext.DECIMAL64)
                .doubleValue();
    }

    private static BigInteger ways(int n, int k) {
        BigInteger ways = BigInteger.ONE;
        for (int i = 1; i <= k; i++) {
            ways = ways.multiply(BigInteger.valueOf(n - k + i)).divide(BigInteger.valueOf(i));
        }
        return ways;
    }
}
