package strophos.catalogue;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.StreamSupport;
import strophos.core.exchange.Gait;
import strophos.core.exchange.Manner;
import strophos.core.exchange.Means;
import strophos.core.exchange.PadKind;
import strophos.core.exchange.Place;
import strophos.core.exchange.Strength;
import strophos.core.exchange.UsualAid;
import strophos.core.homework.DoseRange;
import strophos.core.homework.Gate;
import strophos.core.plan.Line;
import strophos.core.stair.Progression;
import strophos.core.stair.Rung;
import strophos.core.stair.RungId;
import tools.jackson.databind.JsonNode;
import tools.jackson.dataformat.yaml.YAMLMapper;

/** Reads the strand files. A new strand is a file beside {@code bend.yaml} and its name in {@link #SHIPPED}. */
public final class CatalogueReader {

    static final List<String> SHIPPED =
            List.of("bend", "forward", "stop-back", "shoulders", "rider", "confidence", "poles", "ground");

    private static final YAMLMapper YAML = new YAMLMapper();

    private CatalogueReader() {}

    /** The catalogue that ships with the product. */
    public static Catalogue shipped() {
        return new Catalogue(SHIPPED.stream().map(CatalogueReader::strandFile).toList());
    }

    private static Strand strandFile(String name) {
        try (InputStream in = CatalogueReader.class.getResourceAsStream("/catalogue/" + name + ".yaml")) {
            return strand(YAML.readTree(in));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** @throws IllegalArgumentException when a rung needs or goes back to one that is not below it */
    static Strand strand(JsonNode file) {
        Map<String, RungId> known = new LinkedHashMap<>();
        List<Rung> rungs = new ArrayList<>();
        for (JsonNode node : file.path("stair")) {
            Rung rung = rung(node, known);
            known.put(rung.id().toString(), rung.id());
            rungs.add(rung);
        }
        String id = file.path("strand").asString();
        List<Exercise> exercises =
                stream(file.path("exercises")).map(CatalogueReader::exercise).toList();
        return new Strand(id, exercises, new Progression(id, rungs));
    }

    private static Rung rung(JsonNode node, Map<String, RungId> below) {
        RungId id = new RungId(
                node.path("exercise").asString(),
                Gait.of(node.path("gait").asString()),
                Place.of(node.path("place").asString()));
        Set<RungId> needs = Set.copyOf(
                stream(node.path("needs")).map(n -> named(id, n, below)).toList());
        Optional<RungId> wayBack =
                node.has("wayBack") ? Optional.of(named(id, node.path("wayBack"), below)) : Optional.empty();
        return new Rung(
                id,
                needs,
                wayBack,
                Set.copyOf(texts(node.path("awaits"))),
                node.has("criterion") ? Optional.of(CriterionReader.read(node.path("criterion"))) : Optional.empty());
    }

    private static RungId named(RungId by, JsonNode name, Map<String, RungId> below) {
        return Optional.ofNullable(below.get(name.asString()))
                .orElseThrow(() -> new IllegalArgumentException(
                        "Rung %s names %s, which does not stand below it; maybe the order is wrong."
                                .formatted(by, name.asString())));
    }

    private static Exercise exercise(JsonNode e) {
        return new Exercise(
                e.path("id").asString(),
                e.path("name").asString(),
                e.path("short").asString(),
                texts(e.path("purpose")),
                texts(e.path("schools")),
                e.path("position").asString(),
                texts(e.path("goodSigns")),
                stream(e.path("faults"))
                        .map(f -> new Exercise.Fault(
                                f.path("seen").asString(), f.path("do").asString()))
                        .toList(),
                e.path("wayBack").asString(),
                e.path("instruction").asString(),
                texts(e.path("cautions")),
                stream(e.path("aids")).map(CatalogueReader::aid).toList(),
                e.has("pad") ? PadKind.valueOf(upper(e.path("pad"))) : PadKind.STRENGTH,
                Line.valueOf(upper(e.path("ground").path("figure"))),
                e.path("ground").has("diameterM")
                        ? OptionalInt.of(e.path("ground").path("diameterM").asInt())
                        : OptionalInt.empty(),
                Exercise.People.valueOf(upper(e.path("needs").path("people")).replace('-', '_')),
                e.path("needs").path("fence").asBoolean(false),
                e.path("hard").asBoolean(false),
                new Exercise.Homework(
                        dose(e.path("dose")),
                        e.has("gate") ? gate(e.path("gate")) : Gate.DEFAULT,
                        e.path("feel").asString(),
                        e.path("goesWrong").asString(),
                        texts(e.path("stopIf")),
                        e.path("secondBest").asString()));
    }

    private static UsualAid aid(JsonNode aid) {
        return new UsualAid(
                Means.valueOf(upper(aid.path("aid"))),
                UsualAid.Where.valueOf(upper(aid.path("side"))),
                Strength.ofLevel(aid.path("strength").asInt()).orElseThrow(),
                Manner.valueOf(upper(aid.path("manner"))),
                aid.has("footfall"));
    }

    private static DoseRange dose(JsonNode dose) {
        return new DoseRange(
                dose.path("least").asInt(),
                dose.path("most").asInt(),
                DoseRange.Unit.valueOf(upper(dose.path("unit"))),
                dose.path("minutesEach").asDouble());
    }

    private static Gate gate(JsonNode gate) {
        return new Gate(
                gate.path("easyRunning").asInt(),
                gate.path("minDays").asInt(),
                gate.has("goodShare") ? OptionalDouble.of(gate.path("goodShare").asDouble()) : OptionalDouble.empty());
    }

    static String upper(JsonNode word) {
        return word.asString().toUpperCase(Locale.ROOT);
    }

    private static List<String> texts(JsonNode array) {
        return stream(array).map(JsonNode::asString).toList();
    }

    private static java.util.stream.Stream<JsonNode> stream(JsonNode array) {
        return StreamSupport.stream(array.spliterator(), false);
    }
}
