package strophos.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import strophos.server.harness.Client;
import tools.jackson.databind.JsonNode;

/** What docs/glossary.md says holds: a thing is a noun, each word it cites is there, and what was renamed is what the list says. */
class WordsTest {

    private static final Path ROOT = Path.of(System.getProperty("strophos.root"));

    /** Participles and prepositions that were names of types once. */
    private static final Set<String> NO_NAMES = Set.of(
            "Added",
            "Answered",
            "At",
            "AtOnce",
            "Begun",
            "Behind",
            "Chosen",
            "Counted",
            "Decided",
            "Ended",
            "Folded",
            "Found",
            "Gathered",
            "Heard",
            "Held",
            "Into",
            "Kept",
            "Known",
            "Lifted",
            "Looked",
            "Made",
            "Marked",
            "Noted",
            "Of",
            "On",
            "Over",
            "Picked",
            "Practised",
            "Read",
            "Recovered",
            "Reported",
            "Ridden",
            "Said",
            "Says",
            "Seen",
            "Settled",
            "Stood",
            "Stopped",
            "Supposed",
            "Told",
            "Touched",
            "Typed",
            "Used",
            "Waiting",
            "Wanted",
            "Warned",
            "Watched",
            "With");

    private static final Pattern WEB_NAME = Pattern.compile("\\b(?:interface|type|class|function|const) (\\w+)");

    private static Set<String> java;
    private static Set<String> web;
    private static JsonNode schemas;
    private static List<CSVRecord> renamed;

    @BeforeAll
    static void read() throws IOException {
        java = new ClassFileImporter()
                        .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
                        .importPackages("strophos.core", "strophos.catalogue", "strophos.server")
                        .stream()
                        .filter(c -> !c.getPackageName().startsWith("strophos.server.db"))
                        .filter(c -> !c.getSimpleName().isEmpty())
                        .map(JavaClass::getName)
                        .map(n -> n.replace('$', '.').replaceFirst("^strophos\\.", ""))
                        .collect(Collectors.toCollection(TreeSet::new));
        try (Stream<Path> files = Files.walk(ROOT.resolve("web/src"))) {
            web = files.filter(f -> f.toString().matches(".*\\.tsx?"))
                    .filter(f -> !f.endsWith("api/schema.d.ts"))
                    .flatMap(f -> WEB_NAME.matcher(text(f)).results().map(m -> m.group(1)))
                    .collect(Collectors.toCollection(TreeSet::new));
        }
        schemas = Client.JSON
                .readTree(text(ROOT.resolve("openapi.json")))
                .path("components")
                .path("schemas");
        try (var csv = CSVFormat.DEFAULT
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get()
                .parse(Files.newBufferedReader(ROOT.resolve("docs/renamed.csv")))) {
            renamed = csv.getRecords();
        }
    }

    private static String text(Path file) {
        try {
            return Files.readString(file);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Stream<CSVRecord> of(String where) {
        return renamed.stream().filter(r -> r.get("where").equals(where));
    }

    @Test
    void noTypeIsNamedByAParticiple() {
        assertThat(java.stream().filter(c -> NO_NAMES.contains(simple(c)))).isEmpty();
        assertThat(web.stream().filter(NO_NAMES::contains)).isEmpty();
    }

    private static String simple(String name) {
        return name.substring(name.lastIndexOf('.') + 1);
    }

    @Test
    void whatWasRenamedInJavaIsThereUnderItsNewName() {
        assertThat(of("java").map(r -> r.get("is"))).isSubsetOf(java);
        assertThat(of("java").map(r -> r.get("was")).filter(java::contains)).isEmpty();
    }

    @Test
    void whatWasRenamedInTheContractIsThereUnderItsNewName() {
        Set<String> names = Set.copyOf(schemas.propertyNames());
        assertThat(of("schema").map(r -> r.get("is"))).isSubsetOf(names);
        assertThat(of("schema").map(r -> r.get("was")).filter(names::contains)).isEmpty();
        of("field").forEach(r -> {
            String was = r.get("was");
            JsonNode fields =
                    schemas.path(was.substring(0, was.lastIndexOf('.'))).path("properties");
            assertThat(fields.has(r.get("is"))).as(was).isTrue();
            assertThat(fields.has(simple(was))).as(was).isFalse();
        });
    }

    @Test
    void aSchemaIsNamedByItsFeature() {
        assertThat(schemas.propertyNames()).allMatch(n -> n.contains(".") || n.equals("SseEmitter"));
    }

    @Test
    void whatWasRenamedInTheWebIsThereUnderItsNewName() {
        assertThat(of("web").map(r -> r.get("is"))).isSubsetOf(web);
        assertThat(of("web").map(r -> r.get("was")).filter(web::contains)).isEmpty();
    }

    @Test
    void everyNameTheGlossaryCitesIsThere() {
        Set<String> there = java.stream().map(WordsTest::simple).collect(Collectors.toCollection(TreeSet::new));
        there.addAll(web);
        Set<String> cited = Pattern.compile("`(?:\\w+\\.)?([A-Z]\\w+)`")
                .matcher(text(ROOT.resolve("docs/glossary.md")).replaceAll("(?s)A thing is named by.*", ""))
                .results()
                .map((MatchResult m) -> m.group(1))
                .collect(Collectors.toCollection(TreeSet::new));
        cited.remove("ArchitectureTest");
        assertThat(cited).isNotEmpty().isSubsetOf(there);
    }
}
