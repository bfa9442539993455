package strophos.format;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Reads the schemas of {@code format/}. What they use of JSON Schema is what is known here; anything else is an error that names
 * its place, so that nothing in a schema is passed over.
 */
public final class SchemaReader {

    /** The largest whole number a browser can tell from its neighbours. */
    private static final long WHOLE_MOST = (1L << 53) - 1;

    private static final List<String> KNOWN = List.of(
            "$ref",
            "type",
            "enum",
            "pattern",
            "minimum",
            "maximum",
            "maxLength",
            "description",
            "x-typed",
            "x-at-most",
            "x-beside",
            "items",
            "minItems",
            "maxItems",
            "required",
            "properties",
            "x-package",
            "x-list");

    private final Path folder;
    private final Map<String, Format.Words> words = new LinkedHashMap<>();
    private final Map<String, JsonNode> parts = new LinkedHashMap<>();

    private SchemaReader(Path folder) {
        this.folder = folder;
    }

    /** The format in this folder. @throws IllegalArgumentException for a schema that says something not known here */
    public static Format read(Path folder) {
        return new SchemaReader(folder).read();
    }

    private Format read() {
        json(folder.resolve("words.json"))
                .path("$defs")
                .properties()
                .forEach(d -> words.put(d.getKey(), new WordsReader(d.getKey(), d.getValue()).read()));
        json(folder.resolve("parts.json")).path("$defs").properties().forEach(d -> parts.put(d.getKey(), d.getValue()));
        List<Format.Kind> kinds = new ArrayList<>();
        for (Path file : files(folder.resolve("kinds"))) {
            kinds.add(kind(file));
        }
        return new Format(
                List.copyOf(words.values()),
                parts.keySet().stream()
                        .filter(p -> is(p, "properties"))
                        .map(this::part)
                        .toList(),
                parts.keySet().stream()
                        .filter(p -> is(p, "enum"))
                        .map(this::scale)
                        .toList(),
                kinds);
    }

    private boolean is(String part, String keyword) {
        return parts.get(part).has(keyword);
    }

    private Format.Kind kind(Path file) {
        JsonNode schema = json(file);
        String[] name = file.getFileName().toString().split("\\.");
        String place = file.getFileName().toString();
        if (!schema.path("$id").asString().equals("strophos:/format/kinds/" + place)) {
            throw wrong(place, "$id", "must be strophos:/format/kinds/" + place);
        }
        String as = schema.path("x-as").asString("");
        List<Format.Field> fields = as.isEmpty()
                ? fields(place, schema)
                : List.of(new Format.Field(
                        as, new Type.OfPart(part(last(schema.path("$ref").asString()))), true, "", "", "", false));
        return new Format.Kind(
                name[0],
                Integer.parseInt(name[1]),
                needed(place, schema, "title"),
                needed(place, schema, "description"),
                needed(place, schema, "x-hangs-on"),
                texts(schema.path("x-counts")),
                fields,
                as,
                texts(schema.path("x-is")),
                schema.path("anyOf")
                        .valueStream()
                        .flatMap(n -> texts(n.path("required")).stream())
                        .toList());
    }

    private Format.Part part(String name) {
        JsonNode schema = parts.get(name);
        return new Format.Part(
                name, needed(name, schema, "x-package"), needed(name, schema, "description"), fields(name, schema));
    }

    private Format.Scale scale(String name) {
        JsonNode schema = parts.get(name);
        return new Format.Scale(
                name,
                needed(name, schema, "x-list"),
                needed(name, schema, "description"),
                schema.path("enum").valueStream().map(JsonNode::asInt).toList());
    }

    private List<Format.Field> fields(String place, JsonNode schema) {
        List<String> required = texts(schema.path("required"));
        List<Format.Field> fields = new ArrayList<>();
        schema.path("properties")
                .properties()
                .forEach(p -> fields.add(new Format.Field(
                        p.getKey(),
                        type(place + "." + p.getKey(), p.getValue()),
                        required.contains(p.getKey()),
                        doc(p.getValue()),
                        p.getValue().path("x-at-most").asString(""),
                        p.getValue().path("x-beside").asString(""),
                        p.getValue().path("x-typed").asBoolean(false))));
        required.stream()
                .filter(r -> !schema.path("properties").has(r))
                .findFirst()
                .ifPresent(r -> {
                    throw wrong(place, "required", "names " + r + ", which is no property");
                });
        return fields;
    }

    /** What a field says of itself, else what is said of its type. */
    private String doc(JsonNode field) {
        return Optional.ofNullable(field.get("description"))
                .or(() -> Optional.ofNullable(field.get("$ref"))
                        .map(r -> target(r.asString()).path("description")))
                .map(JsonNode::asString)
                .orElse("");
    }

    private JsonNode target(String ref) {
        String name = last(ref);
        return ref.contains("words.json")
                ? json(folder.resolve("words.json")).path("$defs").path(name)
                : Optional.ofNullable(parts.get(name)).orElseThrow(() -> wrong(ref, "$ref", "leads nowhere"));
    }

    private Type type(String place, JsonNode schema) {
        schema.propertyNames().stream()
                .filter(k -> !KNOWN.contains(k))
                .findFirst()
                .ifPresent(k -> {
                    throw wrong(place, k, "is not known here");
                });
        if (schema.has("$ref")) {
            String ref = schema.path("$ref").asString();
            String name = last(ref);
            return ref.contains("words.json")
                    ? new Type.Word(
                            Optional.ofNullable(words.get(name))
                                    .orElseThrow(() -> wrong(place, "$ref", "leads nowhere")),
                            texts(schema.path("enum")))
                    : named(name, target(ref));
        }
        return named("", schema);
    }

    private Type named(String name, JsonNode schema) {
        if (schema.has("enum")) {
            return new Type.OfScale(scale(name));
        }
        return switch (schema.path("type").asString()) {
            case "string" ->
                new Type.Text(
                        name,
                        needed(name, schema, "pattern"),
                        schema.path("maxLength").asInt(0));
            case "integer" -> new Type.Whole(name, bound(name, schema, "minimum"), bound(name, schema, "maximum"));
            case "boolean" -> new Type.Flag();
            case "array" ->
                new Type.Many(
                        name,
                        part(last(schema.path("items").path("$ref").asString())),
                        schema.path("minItems").asInt(),
                        (int) bound(name, schema, "maxItems"));
            case "object" -> schema.has("properties") ? new Type.OfPart(part(name)) : new Type.Anything();
            default -> throw wrong(name, "type", "must be string, integer, boolean, array or object");
        };
    }

    /** Every number has bounds, and they are such that both languages read it alike. */
    private static long bound(String place, JsonNode schema, String which) {
        if (!schema.path(which).isIntegralNumber()
                || Math.abs(schema.path(which).asLong()) > WHOLE_MOST) {
            throw wrong(place, which, "must be a whole number of at most 53 bits");
        }
        return schema.path(which).asLong();
    }

    private static String last(String ref) {
        return ref.substring(ref.lastIndexOf('/') + 1);
    }

    static String needed(String place, JsonNode schema, String keyword) {
        if (!schema.path(keyword).isString()) {
            throw wrong(place, keyword, "is missing");
        }
        return schema.path(keyword).asString();
    }

    static List<String> texts(JsonNode array) {
        return array.valueStream().map(JsonNode::asString).toList();
    }

    static IllegalArgumentException wrong(String place, String keyword, String what) {
        return new IllegalArgumentException("format: %s: %s %s.".formatted(place, keyword, what));
    }

    private static JsonNode json(Path file) {
        try {
            return JsonMapper.shared().readTree(Files.readString(file));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static List<Path> files(Path folder) {
        try (Stream<Path> all = Files.list(folder)) {
            return all.sorted().toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
