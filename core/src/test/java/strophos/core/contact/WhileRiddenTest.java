package strophos.core.contact;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** What is told of the reins while they are ridden, from the same examples as the web (common practice, no source). */
class WhileRiddenTest {

    private static Stream<JsonNode> examples(String name) throws IOException {
        Path file = Path.of(System.getProperty("strophos.root"), "examples", name);
        return JsonMapper.shared().readTree(Files.readString(file)).valueStream();
    }

    static Stream<JsonNode> heavy() throws IOException {
        return examples("heavy-now.json");
    }

    static Stream<JsonNode> pulls() throws IOException {
        return examples("pulled-rein.json");
    }

    @ParameterizedTest
    @MethodSource("heavy")
    void aReinIsHeavyWhenItStaysOverTheBand(JsonNode e) {
        JsonNode since = e.path("sinceToldS");
        OptionalDouble sinceToldS = since.isNull() ? OptionalDouble.empty() : OptionalDouble.of(since.asDouble());
        assertThat(HeavyNow.of(e.path("overForS").asDouble(), sinceToldS))
                .as(e.path("says").asString())
                .isEqualTo(new HeavyNow(
                        e.path("isHeavy").asBoolean(), e.path("isTold").asBoolean()));
    }

    @ParameterizedTest
    @MethodSource("pulls")
    void aPullTellsWhichReinIsWhich(JsonNode e) {
        short[] left = hundredths(e.path("left"));
        assertThat(PulledRein.of(ReinSeries.of(10, left, hundredths(e.path("right")))))
                .as(e.path("says").asString())
                .hasToString(e.path("is").asString());
    }

    private static short[] hundredths(JsonNode readings) {
        short[] samples = new short[readings.size()];
        for (int i = 0; i < samples.length; i++) {
            JsonNode kg = readings.path(i);
            samples[i] = kg.isNull() ? ReinSeries.GAP : (short) Math.round(kg.asDouble() * ReinSeries.HUNDREDTHS);
        }
        return samples;
    }
}
