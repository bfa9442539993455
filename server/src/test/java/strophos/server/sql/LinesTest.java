package strophos.server.sql;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class LinesTest {

    @Test
    void rowsAndFieldsComeApartAsTheDatabasePutThemTogether() {
        assertThat(Lines.of(null)).isEmpty();
        assertThat(fields("a")).containsExactly(List.of("a"));
        assertThat(fields("a|b;c|;|d")).containsExactly(List.of("a", "b"), List.of("c", ""), List.of("", "d"));
        assertThat(fields("17;18|2|YES")).containsExactly(List.of("17"), List.of("18", "2", "YES"));
    }

    private static Stream<List<String>> fields(String together) {
        return Lines.of(together).map(List::of);
    }
}
