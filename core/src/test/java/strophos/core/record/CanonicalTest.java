package strophos.core.record;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import strophos.core.plain.Plain;

class CanonicalTest {

    private static String of(Map<String, Object> payload) {
        return Canonical.of(new Entry("e", "l", "d", "a", 1, 2, "note", 1, payload));
    }

    @Test
    void standsAsDocumented() {
        Map<String, Object> payload = new LinkedHashMap<>();
        payload.put("text", "a \"b\" \\ c");
        payload.put("at", List.of(1, 2.50, true));
        payload.put("none", null);
        assertThat(of(payload)).isEqualTo("""
                "e"
                "l"
                "d"
                "a"
                1
                2
                "note"
                1
                {"at":[1,2.5,true,],"none":null,"text":"a \\"b\\" \\\\ c",}
                """);
    }

    static List<List<Object>> sameNumbers() {
        return List.of(
                List.of(100, 100.0, 1e2, new BigDecimal("1E2"), 100L),
                List.of(0, -0.0, 0.0, new BigDecimal("0.000")),
                List.of(0.1, new BigDecimal("0.10")));
    }

    @ParameterizedTest
    @MethodSource("sameNumbers")
    void aNumberIsOneNumberHoweverItIsWritten(List<Object> numbers) {
        assertThat(numbers.stream().map(n -> of(Map.of("n", n)))).containsOnly(of(Map.of("n", numbers.get(0))));
    }

    /** Two values are the same exactly where their texts are: drawn at random, against the comparison by value. */
    @Test
    void saysTheSameAsTheComparisonByValue() {
        SplittableRandom random = new SplittableRandom(1);
        List<Map<String, Object>> drawn = java.util.stream.Stream.generate(() -> payload(random))
                .limit(150)
                .toList();
        for (Map<String, Object> a : drawn) {
            for (Map<String, Object> b : drawn) {
                assertThat(of(a).equals(of(b))).as("%s, %s", a, b).isEqualTo(Plain.isSame(a, b));
            }
        }
    }

    private static Map<String, Object> payload(SplittableRandom random) {
        Object[] values = {
            0, -0.0, 1, 1.0, "1", "", "\"", "\\", true, false, List.of(), List.of(1), List.of(1.0), Map.of()
        };
        Map<String, Object> payload = new LinkedHashMap<>();
        for (int i = 0; i < random.nextInt(3); i++) {
            payload.put("ab".substring(random.nextInt(2)), values[random.nextInt(values.length)]);
        }
        return payload;
    }
}
