package strophos.server.contract;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Makes bodies that keep the contract, and the same with something else in one of their places. */
final class Bodies {

    private static final JsonMapper JSON = JsonMapper.shared();

    /** Stands where each body that is written has an id of its own. */
    private static final String NEW_ID = "\"a new id\"";

    private final JsonNode schemas;
    private final Map<String, String> known;

    /** @param known what stands where a field has this name, as JSON */
    Bodies(JsonNode contract, Map<String, String> known) {
        schemas = contract.path("components").path("schemas");
        this.known = known;
    }

    /** A body of this schema: maps and lists, whose leaves are texts of JSON. */
    Object of(JsonNode schema) {
        return value("", schema);
    }

    private Object value(String name, JsonNode schema) {
        if (schema.has("$ref")) {
            String ref = schema.path("$ref").asString();
            return value(name, schemas.path(ref.substring(ref.lastIndexOf('/') + 1)));
        } else if (schema.has("anyOf")) {
            return value(name, schema.path("anyOf").path(0));
        } else if (known.containsKey(name) && !schema.has("properties")) {
            return known.get(name);
        } else if (schema.has("enum")) {
            return JSON.writeValueAsString(schema.path("enum").path(0));
        } else if (schema.has("properties")) {
            Map<String, Object> object = new LinkedHashMap<>();
            schema.path("properties")
                    .properties()
                    .forEach(p -> object.put(p.getKey(), value(p.getKey(), p.getValue())));
            return object;
        }
        JsonNode type = schema.path("type");
        return switch (type.isArray() ? type.path(0).asString() : type.asString()) {
            case "array" -> List.of(value(name, schema.path("items")));
            case "integer", "number" ->
                String.valueOf(Math.max(1, schema.path("minimum").asInt(1)));
            case "boolean" -> "false";
            case "string" -> text(schema);
            default -> "{}";
        };
    }

    private static String text(JsonNode schema) {
        return switch (schema.path("format").asString("")) {
            case "uuid" -> NEW_ID;
            case "date" -> "\"2026-11-27\"";
            case "date-time" -> "\"2026-11-27T12:00:00Z\"";
            default -> "\"saltmarsh\"";
        };
    }

    /** The places of a body, as paths of names and numbers. */
    static List<List<Object>> places(Object body) {
        List<List<Object>> places = new ArrayList<>();
        if (body instanceof Map<?, ?> object) {
            object.forEach((name, value) -> add(places, name, value));
        } else if (body instanceof List<?> list) {
            for (int i = 0; i < list.size(); i++) {
                add(places, i, list.get(i));
            }
        }
        return places;
    }

    private static void add(List<List<Object>> places, Object step, Object value) {
        places.add(List.of(step));
        for (List<Object> inner : places(value)) {
            List<Object> path = new ArrayList<>(List.of(step));
            path.addAll(inner);
            places.add(path);
        }
    }

    /** The body as JSON, with this in place of what stands at the path; at an empty path instead of it all. */
    static String with(Object body, List<Object> path, String value) {
        if (path.isEmpty()) {
            return value;
        }
        List<Object> rest = path.subList(1, path.size());
        if (body instanceof Map<?, ?> object) {
            return object.entrySet().stream()
                    .map(f -> JSON.writeValueAsString(f.getKey()) + ":"
                            + (f.getKey().equals(path.get(0)) ? with(f.getValue(), rest, value) : json(f.getValue())))
                    .collect(Collectors.joining(",", "{", "}"));
        }
        List<String> written = new ArrayList<>();
        for (Object each : (List<?>) body) {
            written.add(path.get(0).equals(written.size()) ? with(each, rest, value) : json(each));
        }
        return "[" + String.join(",", written) + "]";
    }

    private static String json(Object body) {
        if (body instanceof Map<?, ?> object) {
            return object.entrySet().stream()
                    .map(f -> JSON.writeValueAsString(f.getKey()) + ":" + json(f.getValue()))
                    .collect(Collectors.joining(",", "{", "}"));
        } else if (body instanceof List<?> list) {
            return list.stream().map(Bodies::json).collect(Collectors.joining(",", "[", "]"));
        }
        // a body that is sent again is known by its id, and nothing in it is looked at
        return body.equals(NEW_ID) ? JSON.writeValueAsString(UUID.randomUUID()) : String.valueOf(body);
    }
}
