package strophos.format;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A schema says nothing that is passed over, and a kind that joins needs nothing but its schema to be read. */
class SchemaReaderTest {

    private static final Path FORMAT = Path.of(System.getProperty("strophos.root"), "format");

    @TempDir
    private Path folder;

    /** The format with one more kind, of these properties. */
    private Format with(String kind, String hangsOn, String required, String properties) throws IOException {
        Files.createDirectories(folder.resolve("format/kinds"));
        for (String file : new String[] {"words.json", "parts.json"}) {
            Files.copy(FORMAT.resolve(file), folder.resolve("format").resolve(file));
        }
        try (Stream<Path> kinds = Files.list(FORMAT.resolve("kinds"))) {
            for (Path each : kinds.toList()) {
                Files.copy(each, folder.resolve("format/kinds").resolve(each.getFileName()));
            }
        }
        Files.writeString(folder.resolve("format/kinds/%s.1.json".formatted(kind)), """
                {
                  "$id": "strophos:/format/kinds/%s.1.json", "title": "Joined", "description": "It joined.",
                  "x-hangs-on": "%s", "x-counts": ["as_ask"], "type": "object",
                  "required": [%s], "properties": {%s}
                }
                """.formatted(
                        kind, hangsOn, required, properties));
        return SchemaReader.read(folder.resolve("format"));
    }

    @Test
    void aKindThatJoinsIsReadInBothLanguagesAndDrawn() throws IOException {
        Format format = with("joined", "segment", "\"segment\", \"good\"", """
                "segment": {"$ref": "../parts.json#/$defs/Id"},
                "good": {"description": "So many.", "type": "integer", "minimum": 0, "maximum": 50}
                """);
        JavaRecords records = new JavaRecords(format);
        JavaReaders readers = new JavaReaders(format);
        assertThat(records.payload()).contains("record Joined(String segment, int good) implements OfSegment");
        assertThat(readers.readers())
                .contains("case \"joined\" -> v == 1 ? readJoined(f) : null;", "f.whole(\"good\", 0, 50)");
        assertThat(readers.counts())
                .as("whoever reads asks must say what it is, or is not compiled")
                .contains("R joined(Payload.Joined said);");
        TypeScriptKinds typeScript = new TypeScriptKinds(format);
        assertThat(typeScript.kinds()).contains("joined: 'segment',", "good: whole(0, 50)");
        assertThat(Draws.cases(format))
                .filteredOn(c -> c.kind().equals("joined"))
                .hasSizeGreaterThan(100);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "\"n\": {\"type\": \"integer\", \"minimum\": 0} | maximum must be a whole number",
                "\"n\": {\"type\": \"integer\", \"minimum\": 0, \"maximum\": 9007199254740992} | maximum must be a whole number",
                "\"n\": {\"type\": \"number\"} | type must be",
                "\"n\": {\"type\": \"string\"} | pattern is missing",
                "\"n\": {\"type\": \"boolean\", \"default\": true} | default is not known here",
                "\"n\": {\"$ref\": \"../words.json#/$defs/Colour\"} | leads nowhere",
            })
    void whatItDoesNotKnowIsAnErrorThatNamesItsPlace(String property, String error) {
        assertThatThrownBy(() -> with("joined", "lesson", "", property)).hasMessageContaining(error);
    }

    @Test
    void aRequiredFieldStandsAmongTheProperties() {
        assertThatThrownBy(() -> with("joined", "lesson", "\"gone\"", ""))
                .hasMessageContaining("joined.1.json: required names gone, which is no property");
    }

    /** The readers know a form by its field's name: two forms of one name would be one. */
    @Test
    void aFieldOfTwoFormsIsRefused() throws IOException {
        Format format = with("joined", "lesson", "\"think\"", """
                "think": {"type": "string", "pattern": "[0-9]", "maxLength": 9}
                """);
        assertThatThrownBy(() -> new JavaReaders(format).readers())
                .hasMessageContaining("The field think has the form")
                .hasMessageContaining("give it a name of its own");
    }

    /** An entry's texts that people type are known as such: they are what is not shown in logs and is given back to its author. */
    @Test
    void textsThatPeopleTypeAreKnown() {
        Map<String, String> typed = new java.util.TreeMap<>();
        SchemaReader.read(FORMAT)
                .kinds()
                .forEach(k ->
                        k.fields().stream().filter(Format.Field::isTyped).forEach(f -> typed.put(k.kind(), f.name())));
        assertThat(typed)
                .containsExactly(
                        Map.entry("comment", "text"),
                        Map.entry("for_rider", "think"),
                        Map.entry("frame_measure", "of"),
                        Map.entry("next_time", "text"),
                        Map.entry("note", "text"),
                        Map.entry("rider_felt", "text"));
    }
}
