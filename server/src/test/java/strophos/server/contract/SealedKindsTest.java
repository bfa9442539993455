package strophos.server.contract;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import strophos.core.exchange.HoldUnit;
import strophos.core.exchange.Side;
import strophos.core.judgement.Evidence;
import strophos.core.judgement.Judgement;
import strophos.core.progress.Missing;
import strophos.core.progress.RungEvidence;
import strophos.core.stats.Interval;
import strophos.core.stats.Proportion;
import strophos.server.harness.App;
import strophos.server.harness.Client;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Each member of core's closed families is sent with its kind and just the fields that the contract says of it. */
class SealedKindsTest {

    private static final Proportion SOME = new Proportion(7, 10);

    private static final List<Missing> MISSING = List.of(
            new Missing.Asks(Side.LEFT, 3, 10),
            new Missing.Successes(Side.LEFT, 2, 10),
            new Missing.Running(Side.LEFT, 1, 5),
            new Missing.Certainty(Side.LEFT, 0.4, 0.45),
            new Missing.Lessons(Side.RIGHT, 1),
            new Missing.Days(Side.RIGHT, 2),
            new Missing.FourBeats(Side.LEFT, Side.RIGHT, 0.06, 0.04, 0.08),
            new Missing.Stretches(Side.RIGHT, 1, 20, HoldUnit.STRIDES),
            new Missing.LessonsWithout(Side.RIGHT, 1, "pulls down"),
            new Missing.InBand(Side.RIGHT, 0.5, 0.8),
            new Missing.Seconds(Side.RIGHT, 30),
            new Missing.Recoveries(Side.RIGHT, 1, 5));

    private static final List<Evidence> EVIDENCE = List.of(
            new RungEvidence.OfSide(Side.LEFT, SOME, 0, 10, 8, new Interval(0.4, 0.9), 1, 2, MISSING, List.of("e")),
            new RungEvidence.OfForce(SOME, 2.5, List.of()),
            new RungEvidence.OfTries(SOME, List.of()),
            new RungEvidence.OfDifference(SOME, SOME, 0.2, Optional.empty(), List.of()),
            new RungEvidence.OfTimes(RungEvidence.Subject.FRIGHTS, 2, 2, List.of()),
            new RungEvidence.OfDay(LocalDate.of(2026, 11, 20), Side.LEFT, SOME, List.of()),
            new RungEvidence.OfSigns(List.of("UNLEVEL")));

    private static final List<Judgement> JUDGEMENTS = List.of(
            new Judgement.Met(EVIDENCE), new Judgement.Broken(EVIDENCE), new Judgement.NotEnoughData(1, 10, EVIDENCE));

    private final JsonMapper json = App.demo().bean(JsonMapper.class);

    private record Sent(List<Judgement> judgements, List<Missing> missing) {}

    @Test
    void isSentAsTheContractSays() throws IOException {
        assertThat(Stream.of(MISSING, EVIDENCE, JUDGEMENTS)
                        .flatMap(List::stream)
                        .map(Object::getClass)
                        .collect(Collectors.toSet()))
                .as("a new member joins here")
                .isEqualTo(Stream.of(Missing.class, RungEvidence.class, Judgement.class)
                        .flatMap(SealedKinds::members)
                        .collect(Collectors.toSet()));
        JsonNode contract = Client.JSON
                .readTree(Files.readString(Path.of(System.getProperty("strophos.root"), "openapi.json")))
                .path("components")
                .path("schemas");
        JsonNode sent = json.valueToTree(new Sent(JUDGEMENTS, MISSING));
        assertAreOf("core.progress.Missing", sent.path("missing"), contract);
        assertAreOf("core.judgement.Judgement", sent.path("judgements"), contract);
        assertAreOf("core.judgement.Evidence", sent.path("judgements").path(0).path("evidence"), contract);
        JsonNode ofSide = sent.path("judgements").path(0).path("evidence").path(0);
        assertThat(names(ofSide.path("counted"))).containsExactly("successes", "total");
        assertAreOf("core.progress.Missing", ofSide.path("missing"), contract);
    }

    private static void assertAreOf(String family, JsonNode sent, JsonNode contract) {
        assertThat(sent.size()).isEqualTo(contract.path(family).path("oneOf").size());
        for (JsonNode member : sent) {
            String kind = member.path("kind").asString();
            JsonNode schema = contract.path(family)
                    .path("oneOf")
                    .valueStream()
                    .map(ref -> contract.path(ref.path("$ref").asString().replaceFirst(".*/", "")))
                    .filter(s -> s.path("properties")
                            .path("kind")
                            .path("enum")
                            .path(0)
                            .asString()
                            .equals(kind))
                    .findFirst()
                    .orElseThrow();
            assertThat(names(member)).as(kind).isEqualTo(names(schema.path("properties")));
        }
    }

    private static Set<String> names(JsonNode of) {
        return new TreeSet<>(of.propertyNames());
    }
}
