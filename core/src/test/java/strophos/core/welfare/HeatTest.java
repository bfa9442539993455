package strophos.core.welfare;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import strophos.core.stop.StopThresholds;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Both sides of each line, from the same examples as the web (common practice, no source). */
class HeatTest {

    private static final Heat HEAT = Heat.of(StopThresholds.SET.standard());

    static Stream<JsonNode> examples() throws IOException {
        Path file = Path.of(System.getProperty("strophos.root"), "examples", "heat.json");
        return JsonMapper.shared().readTree(Files.readString(file)).valueStream();
    }

    @ParameterizedTest
    @MethodSource("examples")
    void allowsWhatTheExampleSays(JsonNode e) {
        assertThat(HEAT.level(
                        e.path("temperatureC").asInt(), e.path("humidityPct").asInt()))
                .isEqualTo(Heat.Level.valueOf(e.path("level").asString()));
    }

    @Test
    void theSumIsDegreesFahrenheitAndPercent() {
        assertThat(Heat.sum(32, 65)).isCloseTo(154.6, within(1e-9));
        assertThat(Heat.sum(20, 50)).isCloseTo(118, within(1e-9));
        assertThatThrownBy(() -> HEAT.level(20, 101)).hasMessageContaining("must lie in [0, 100]");
    }
}
