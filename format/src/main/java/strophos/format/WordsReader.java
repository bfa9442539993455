package strophos.format;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import tools.jackson.databind.JsonNode;

/** Reads one vocabulary: {@code oneOf} its words, or any of those and an open form. */
final class WordsReader {

    private final String name;
    private final JsonNode schema;

    WordsReader(String name, JsonNode schema) {
        this.name = name;
        this.schema = schema;
    }

    Format.Words read() {
        boolean isOpen = schema.has("anyOf");
        JsonNode listed = isOpen ? schema.path("anyOf").path(0) : schema;
        JsonNode each = schema.path("x-each");
        return new Format.Words(
                name,
                SchemaReader.needed(name, schema, "x-package"),
                SchemaReader.needed(name, schema, "x-list"),
                schema.path("x-text").asString(""),
                SchemaReader.needed(name, schema, "description"),
                listed.path("oneOf").valueStream().map(w -> word(w, each)).toList(),
                isOpen ? SchemaReader.needed(name, schema.path("anyOf").path(1), "pattern") : "",
                each.path("name").asString(""),
                each.path("words").asString(""),
                groups());
    }

    private Format.Word word(JsonNode word, JsonNode each) {
        JsonNode value = word.path("const");
        String text = value.isNumber() ? SchemaReader.needed(name, word, "title") : value.asString();
        return new Format.Word(
                text,
                text.toUpperCase(Locale.ROOT),
                value.isNumber() ? value.asInt() : 0,
                word.path("description").asString(""),
                each.isMissingNode()
                        ? ""
                        : SchemaReader.needed(
                                name, word, "x-" + each.path("name").asString()));
    }

    private List<Format.Group> groups() {
        List<Format.Group> groups = new ArrayList<>();
        schema.path("x-groups")
                .properties()
                .forEach(g -> groups.add(new Format.Group(
                        g.getKey(),
                        SchemaReader.needed(name, g.getValue(), "description"),
                        SchemaReader.texts(g.getValue().path("words")))));
        return groups;
    }
}
