package strophos.core.plain;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import strophos.format.Draws;
import tools.jackson.databind.json.JsonMapper;

/** What every reader can read. The texts are those a parser of JSON lets through; RFC 8259, sections 6 to 9, says so. */
class PlainTest {

    @Test
    void whatADatabaseOrABrowserCannotKeepIsNotPlain() {
        for (Draws.Snippet odd : Draws.ODD) {
            Object value = JsonMapper.shared().readValue("{\"x\":" + odd.json() + "}", Map.class);
            assertThat(Plain.isPlain(value)).as(odd.json()).isEqualTo(odd.isPlain());
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"\u0000", "a\ud800", "\udc00", "\udc00\ud800", "\ud800\ud800"})
    void aTextIsOfWholeCharacters(String text) {
        assertThat(Plain.isText(text)).isFalse();
        assertThat(Plain.isPlain(Map.of(text, 1))).isFalse();
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "e\u0301", "\ud83d\udc34", "\uffff", "\u00a0"})
    void andAnyWholeCharacterIsOne(String text) {
        assertThat(Plain.isText(text)).isTrue();
    }

    @Test
    void isNestedSixteenDeepAtMost() {
        Object value = 1;
        for (int depth = 1; depth <= Plain.DEEPEST; depth++) {
            value = depth % 2 == 0 ? List.of(value) : Map.of("in", value);
            assertThat(Plain.isPlain(value)).as("depth %d", depth).isTrue();
        }
        assertThat(Plain.isPlain(List.of(value))).isFalse();
    }

    @Test
    void aWholeNumberIsOneThatABrowserTellsFromItsNeighbours() {
        assertThat(List.of(2, 2.0, -0.0, 9007199254740991L, new BigDecimal("2.00"), BigInteger.TEN))
                .allMatch(Plain::isWhole);
        assertThat(List.of(2.5, 9007199254740992L, 1e300, BigInteger.ONE.shiftLeft(64), "2", true, Long.MIN_VALUE))
                .noneMatch(Plain::isWhole);
    }

    @ParameterizedTest
    @CsvSource({"1, 1.0, true", "100, 1e2, true", "0, -0.0, true", "1, 2, false", "1, '\"1\"', false", "null, 0, false"
    })
    void numbersAreTheSameHoweverTheyAreWritten(String a, String b, boolean isSame) {
        Object one = JsonMapper.shared().readValue("{\"x\":[" + a + "]}", Map.class);
        Object other = JsonMapper.shared().readValue("{\"x\":[" + b + "]}", Map.class);
        assertThat(Plain.isSame(one, other)).isEqualTo(isSame);
        assertThat(Plain.isSame(other, one)).isEqualTo(isSame);
    }

    @Test
    void theOrderOfFieldsDoesNotMatterAndThatOfAListDoes() {
        Map<String, Object> one = new HashMap<>(Map.of("a", 1, "b", List.of(1, 2)));
        assertThat(Plain.isSame(one, Map.of("b", List.of(1, 2), "a", 1))).isTrue();
        assertThat(Plain.isSame(one, Map.of("b", List.of(2, 1), "a", 1))).isFalse();
        assertThat(Plain.isSame(one, Map.of("a", 1))).isFalse();
        assertThat(Plain.isSame(List.of(1), new ArrayList<>(List.of(1, 1)))).isFalse();
    }
}
