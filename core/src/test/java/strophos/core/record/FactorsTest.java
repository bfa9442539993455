package strophos.core.record;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

class FactorsTest {

    /** Of the example's marks only the fault and the strong rein are the rider's doing. */
    @Test
    void areWhatTheRiderDid() throws IOException {
        Path file = Path.of(System.getProperty("strophos.root"), "examples", "fold", "marks.json");
        JsonNode example = FoldJson.JSON.readTree(Files.readString(file));
        assertThat(Factors.of(Fold.of(FoldJson.entries(example.path("entries")))))
                .containsExactly(
                        new Factors.FactorMark(4000, "leg-back.LEFT"),
                        new Factors.FactorMark(6000, "contact-strong.RIGHT"));
    }
}
