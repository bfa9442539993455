package strophos.core.nudge;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import strophos.core.exchange.Rein;
import strophos.core.exchange.Response;
import strophos.core.school.WhenStuck;
import strophos.core.welfare.Heat;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** The hand-made examples, both sides of every threshold, read by the web's twin as well. */
class NudgeExamplesTest {

    static Stream<JsonNode> examples() throws IOException {
        Path file = Path.of(System.getProperty("strophos.root"), "examples", "nudge", "nudges.json");
        List<JsonNode> all = JsonMapper.shared()
                .readTree(Files.readString(file))
                .valueStream()
                .toList();
        assertThat(all).hasSizeGreaterThan(20);
        return all.stream();
    }

    @ParameterizedTest
    @MethodSource("examples")
    void saysWhatTheExampleSays(JsonNode example) {
        assertThat(NudgeBook.at(now(example.path("now")), rules(example.path("rules"))))
                .as(example.path("says").asString())
                .isEqualTo(nudge(example.path("nudge")));
    }

    private static RideNow now(JsonNode now) {
        return new RideNow(
                now.path("turnMs").asLong(),
                now.path("spellMs").asLong(),
                now.path("workMs").asLong(),
                now.path("asks")
                        .valueStream()
                        .map(a -> new RideNow.Answer(
                                Rein.valueOf(a.path("rein").asString()),
                                Response.valueOf(a.path("response").asString())))
                        .toList(),
                now.path("isTired").asBoolean(),
                Heat.Level.valueOf(now.path("heat").asString()),
                now.path("sinceStepBack")
                        .valueStream()
                        .map(r -> Response.valueOf(r.asString()))
                        .toList(),
                now.path("isFrightened").asBoolean(),
                nudge(now.path("shown")),
                now.path("sinceNudgeMs").isNull()
                        ? Optional.empty()
                        : Optional.of(now.path("sinceNudgeMs").asLong()),
                now.path("wasGoodStopSaid").asBoolean());
    }

    private static NudgeRules rules(JsonNode r) {
        return new NudgeRules(
                r.path("turnS").asInt(),
                r.path("breathS").asInt(),
                r.path("workS").asInt(),
                r.path("goodStopS").asInt(),
                r.path("yesRunning").asInt(),
                r.path("betterBy").asDouble(),
                r.path("stuckWrong").asInt(),
                WhenStuck.valueOf(r.path("whenStuck").asString()),
                r.path("quietS").asInt());
    }

    private static Optional<Nudge> nudge(JsonNode name) {
        return name.isNull() ? Optional.empty() : Optional.of(Nudge.valueOf(name.asString()));
    }
}
