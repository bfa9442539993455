package strophos.catalogue;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import com.fasterxml.jackson.annotation.JsonTypeInfo.As;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import strophos.core.exchange.Gait;
import strophos.core.exchange.Place;
import strophos.core.exchange.Shot;
import strophos.core.exchange.Strength;
import strophos.core.exchange.WorkedSide;
import strophos.core.plan.FigureKind;
import strophos.core.progress.Criterion;
import strophos.core.school.School;
import strophos.core.stair.Progression;
import strophos.core.stair.Rung;
import strophos.core.stair.RungId;
import strophos.core.tack.Pressure;
import strophos.core.tack.TackKind;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.DatabindException;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.EnumNamingStrategies;
import tools.jackson.databind.MapperFeature;
import tools.jackson.databind.annotation.EnumNaming;
import tools.jackson.databind.annotation.JsonDeserialize;
import tools.jackson.databind.jsontype.NamedType;
import tools.jackson.databind.util.StdConverter;
import tools.jackson.dataformat.yaml.YAMLMapper;

/**
 * A strand as it is written: what is not optional must be there. What the schema beside it names and is not here is for people who read
 * the file.
 */
record StrandFile(String strand, List<Exercise> exercises, List<Step> stair, Optional<Map<String, String>> fromWalk) {

    private static final YAMLMapper YAML = YAMLMapper.builder()
            .enable(MapperFeature.ACCEPT_CASE_INSENSITIVE_ENUMS)
            .enable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
            .enable(DeserializationFeature.FAIL_ON_NULL_CREATOR_PROPERTIES)
            .enable(DeserializationFeature.FAIL_ON_READING_DUP_TREE_KEY)
            .addMixIn(School.class, InWords.class)
            .addMixIn(Pressure.class, InWords.class)
            .addMixIn(TackKind.class, InWords.class)
            .addMixIn(FigureKind.class, InWords.class)
            .addMixIn(Shot.class, InWords.class)
            .addMixIn(Exercise.People.class, InWords.class)
            .addMixIn(Exercise.Flexed.class, InWords.class)
            .addMixIn(Exercise.Moves.class, InWords.class)
            .addMixIn(Criterion.class, ByItsKind.class)
            .addMixIn(Gait.class, GaitByWord.class)
            .addMixIn(Place.class, PlaceByWord.class)
            .addMixIn(Strength.class, ByItsLevel.class)
            .registerSubtypes(Arrays.stream(Criterion.class.getPermittedSubclasses())
                    .map(c -> new NamedType(c, kind(c)))
                    .toArray(NamedType[]::new))
            .build();

    @EnumNaming(EnumNamingStrategies.KebabCaseStrategy.class)
    private interface InWords {}

    /** One key, the criterion's kind, and under it the numbers of that kind. */
    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, include = As.WRAPPER_OBJECT)
    private interface ByItsKind {}

    private abstract static class GaitByWord {
        @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
        static Gait of(String word) {
            return Gait.of(word);
        }
    }

    private abstract static class PlaceByWord {
        @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
        static Place of(String word) {
            return Place.of(word);
        }
    }

    @JsonDeserialize(converter = FromLevel.class)
    private interface ByItsLevel {}

    private static final class FromLevel extends StdConverter<Integer, Strength> {
        @Override
        public Strength convert(Integer level) {
            return Strength.ofLevel(level)
                    .orElseThrow(() -> new IllegalArgumentException(
                            "There is no strength %d; they go from 1 to 4.".formatted(level)));
        }
    }

    /** {@code StreakCriterion} as "streak". */
    private static String kind(Class<?> criterion) {
        return criterion.getSimpleName().replaceFirst("Criterion$", "").toLowerCase(Locale.ROOT);
    }

    /** A rung as it is written; what it names of its own strand stands before it. */
    record Step(
            String exercise,
            Gait gait,
            Place place,
            List<String> needs,
            Optional<Map<School, List<String>>> needsIn,
            Optional<String> wayBack,
            Optional<Criterion> criterion) {

        /** @param school by which it is learnt; empty: as it is wherever no school says otherwise */
        private Rung rung(Map<String, WorkedSide> works, Optional<School> school) {
            RungId id = new RungId(exercise, gait, place);
            WorkedSide side = Optional.ofNullable(works.get(exercise))
                    .orElseThrow(() -> new IllegalArgumentException(
                            "Rung %s is of an exercise that is not in this strand.".formatted(id)));
            return new Rung(
                    id,
                    Stream.concat(needs.stream(), also(school)).map(RungId::of).collect(Collectors.toSet()),
                    wayBack.map(RungId::of),
                    criterion,
                    side);
        }

        private Stream<String> also(Optional<School> school) {
            return school.flatMap(s -> needsIn.map(n -> n.get(s))).stream().flatMap(List::stream);
        }
    }

    /**
     * Reads a strand's file.
     *
     * @param name of the file, for the message
     * @throws IllegalArgumentException when something is missing or is not what it should be, with file, line and path; when a rung names
     *     one of its strand that does not stand below it
     */
    static Strand read(String name, String yaml) {
        return read(name, yaml, new TypeReference<StrandFile>() {}).read();
    }

    /** Reads the file of the schools, refused as a strand's. */
    static List<SchoolText> schools(String name, String yaml) {
        return read(name, yaml, new TypeReference<List<SchoolText>>() {});
    }

    /** Reads the file of the places, refused as a strand's. */
    static List<AtPlace> places(String name, String yaml) {
        return read(name, yaml, new TypeReference<List<AtPlace>>() {});
    }

    /** Reads the file of the headgear, refused as a strand's. */
    static List<HeadgearText> headgears(String name, String yaml) {
        return read(name, yaml, new TypeReference<List<HeadgearText.Written>>() {}).stream()
                .map(HeadgearText.Written::text)
                .toList();
    }

    /** Reads the file of the kinds of tack, refused as a strand's. */
    static List<TackText> tack(String name, String yaml) {
        return read(name, yaml, new TypeReference<List<TackText>>() {});
    }

    /** Reads the list of behaviours, refused as a strand's. */
    static List<PainBehaviour> behaviours(String name, String yaml) {
        return read(name, yaml, new TypeReference<List<PainBehaviour>>() {});
    }

    private static <T> T read(String name, String yaml, TypeReference<T> as) {
        try {
            return YAML.readValue(yaml, as);
        } catch (DatabindException e) {
            throw new IllegalArgumentException("%s, line %d, at %s: %s".formatted(name, line(e), path(e), what(e)), e);
        }
    }

    private static String what(DatabindException e) {
        return e.getOriginalMessage().startsWith("Null value") ? "this is missing" : e.getOriginalMessage();
    }

    private static int line(DatabindException e) {
        return e.getLocation() == null ? 0 : e.getLocation().getLineNr();
    }

    private static String path(DatabindException e) {
        StringBuilder path = new StringBuilder();
        for (DatabindException.Reference r : e.getPath()) {
            path.append(
                    r.getPropertyName() == null
                            ? "[" + r.getIndex() + "]"
                            : (path.isEmpty() ? "" : ".") + r.getPropertyName());
        }
        return path.isEmpty() ? "the top" : path.toString();
    }

    private Strand read() {
        Map<School, Progression> bySchool = new EnumMap<>(School.class);
        stair.stream()
                .flatMap(s -> s.needsIn().stream().flatMap(n -> n.keySet().stream()))
                .forEach(school -> bySchool.computeIfAbsent(school, s -> progression(Optional.of(s))));
        return new Strand(
                strand,
                exercises,
                progression(Optional.empty()),
                bySchool,
                fromWalk.orElse(Map.of()).entrySet().stream()
                        .collect(Collectors.toMap(e -> RungId.of(e.getKey()), e -> RungId.of(e.getValue()))));
    }

    private Progression progression(Optional<School> school) {
        Map<String, WorkedSide> works =
                exercises.stream().collect(Collectors.toMap(Exercise::id, Exercise::works, (a, b) -> a));
        return new Progression(
                strand, stair.stream().map(s -> s.rung(works, school)).toList());
    }
}
