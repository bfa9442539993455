package strophos.core.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import tools.jackson.databind.json.JsonMapper;

/** Which side each exercise works on each rein (common practice, no source), from the same examples as the web. */
class WorkedSideTest {

    record Example(WorkedSide works, Rein rein, Side said, Side side, String why) {}

    static List<Example> examples() throws IOException {
        Path file = Path.of(System.getProperty("strophos.root"), "examples", "worked-sides.json");
        return List.of(JsonMapper.shared().readValue(Files.readString(file), Example[].class));
    }

    @ParameterizedTest
    @MethodSource("examples")
    void followsFromExerciseAndRein(Example e) {
        assertThat(e.works().on(e.rein(), e.said())).as(e.why()).isEqualTo(e.side());
    }

    @Test
    void theReinIsTheOneOnWhichTheSideIsWorked() {
        for (WorkedSide works : WorkedSide.values()) {
            for (Side side : works.sides()) {
                Rein rein = works.reinFor(side);
                assertThat(rein == Rein.NONE ? side : works.on(rein, Side.NONE)).isEqualTo(side);
            }
        }
        assertThat(WorkedSide.CHOSEN.reinFor(Side.LEFT)).isEqualTo(Rein.NONE);
    }
}
