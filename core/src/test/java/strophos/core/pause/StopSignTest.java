package strophos.core.pause;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;

/** What each sign does (common practice, no source), from the same examples as the web. */
class StopSignTest {

    private record Does(String sign, String kind, boolean endsWork, boolean pausesHomework) {}

    @Test
    void doesWhatTheExamplesSay() throws IOException {
        Path file = Path.of(System.getProperty("strophos.root"), "examples", "stop-signs.json");
        Does[] examples = JsonMapper.shared().readValue(Files.readString(file), Does[].class);
        assertThat(Arrays.stream(StopSign.values())
                        .map(s -> new Does(
                                s.name(),
                                s.kind().name(),
                                SignKind.ENDS_WORK.contains(s.kind()),
                                StopSign.STOPS_HOMEWORK.contains(s))))
                .containsExactly(examples);
    }
}
