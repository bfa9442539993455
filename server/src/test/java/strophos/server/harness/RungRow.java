package strophos.server.harness;

import java.util.List;
import tools.jackson.databind.JsonNode;

/** What a debrief's row says of its rung's criterion. */
public final class RungRow {

    private RungRow() {}

    /** The judgement of its criterion. */
    public static JsonNode criterion(JsonNode row) {
        return row.path("advice")
                .path("findings")
                .valueStream()
                .filter(f -> f.path("ruleId").asString().startsWith("criterion."))
                .findFirst()
                .orElseThrow()
                .path("judgement");
    }

    /** What is missing, each as its side and its kind. */
    public static List<String> missing(JsonNode judgement) {
        return judgement
                .path("evidence")
                .valueStream()
                .flatMap(side -> side.path("missing").valueStream())
                .map(m -> m.path("side").asString() + " " + m.path("kind").asString())
                .toList();
    }
}
