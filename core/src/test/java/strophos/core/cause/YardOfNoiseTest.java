package strophos.core.cause;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.TreeSet;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class YardOfNoiseTest {

    private static final int PAIRS = 200;
    private static final int LESSONS = 12;
    private static final int ASKS = 24;
    private static final List<String> FACTORS =
            List.of("leg-back.LEFT", "leg-back.RIGHT", "looks-down.NONE", "hands-high.NONE", "contact-strong.LEFT");

    /**
     * Two hundred pairs in which nothing has to do with anything. A bad day has more faults and fewer YES, a hard exercise too. In at
     * most ten of a hundred pairs anything is worth checking (Benjamini and Hochberg 1995 at 0.1).
     */
    @Test
    void isSeldomWorthChecking() {
        SideBySide rule = SideBySide.of(SideBySide.SET.standard());
        SplittableRandom random = new SplittableRandom(200);
        long found = IntStream.range(0, PAIRS)
                .filter(pair -> !rule.compare(lessons(random)).worthChecking().isEmpty())
                .count();
        assertThat(found).isLessThanOrEqualTo(PAIRS / 10);
    }

    private static List<MarkedAsk> lessons(SplittableRandom random) {
        List<MarkedAsk> asks = new ArrayList<>();
        for (int lesson = 0; lesson < LESSONS; lesson++) {
            boolean isBadDay = random.nextInt(3) == 0;
            for (int i = 0; i < ASKS; i++) {
                boolean isHard = i % 2 == 0;
                double yes = 0.85 - (isBadDay ? 0.25 : 0) - (isHard ? 0.25 : 0);
                double fault = 0.05 + (isBadDay ? 0.1 : 0) + (isHard ? 0.1 : 0);
                Set<String> factors = new TreeSet<>();
                FACTORS.stream().filter(f -> random.nextDouble() < fault).forEach(factors::add);
                asks.add(new MarkedAsk(
                        lesson + "-" + i,
                        "lesson" + lesson,
                        isHard ? "hard LEFT" : "easy LEFT",
                        random.nextDouble() < yes,
                        factors));
            }
        }
        return asks;
    }
}
