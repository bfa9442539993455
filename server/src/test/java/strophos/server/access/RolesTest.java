package strophos.server.access;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import strophos.server.harness.App;
import strophos.server.harness.Client;
import strophos.server.harness.Yard;
import tools.jackson.databind.JsonNode;

/**
 * Every endpoint of openapi.json, for every role, on what is theirs, on what is another's and on what is nobody's. An
 * endpoint without a row here fails.
 */
class RolesTest {

    private static final Path CONTRACT = Path.of(System.getProperty("strophos.root"), "openapi.json");
    private static final Map<String, Client> CLIENTS = new HashMap<>();
    private static final Map<String, String> IDS = new HashMap<>();

    /** What an endpoint answers to whom; for one with an id, on an id that is theirs, and on Tamarack's for Basma. */
    private record Row(Map<String, Integer> own, Map<String, Integer> others) {}

    private static final String NOBODYS = "00000000-0000-7000-8000-000000000000";

    private static final List<String> ROLES = List.of("ottilie", "kwame", "imre", "basma", "nobody");

    private static final Map<String, Row> TABLE = new LinkedHashMap<>();

    static {
        row("GET /api/v1/session", 200, 200, 200, 200, 200);
        row("POST /api/v1/session", 422, 422, 422, 422, 422);
        row("POST /api/v1/setup", 422, 422, 422, 422, 422);
        row("GET /api/v1/today", 200, 200, 200, 200, 401);
        row("GET /api/v1/pairs", 200, 200, 200, 200, 401);
        row("GET /api/v1/pairs/names", 200, 200, 200, 200, 401);
        rowWithId("GET /api/v1/pairs/{id}/school", own(200, 200, 403, 403, 401), own(200, 200, 403, 403, 401));
        coachOnly("PUT /api/v1/pairs/{id}/school", 204);
        row("GET /api/v1/library", 200, 200, 403, 403, 401);
        row("GET /api/v1/library/{exercise}", 200, 200, 403, 403, 401);
        row("GET /api/v1/library/own", 200, 200, 403, 403, 401);
        row("GET /api/v1/library/own-work.json", 200, 200, 403, 403, 401);
        row("GET /api/v1/library/own/{exercise}/versions", 404, 404, 403, 403, 401);
        row("PUT /api/v1/library/own/{exercise}", 422, 403, 403, 403, 401);
        row("PUT /api/v1/library/progressions/{progression}", 422, 403, 403, 403, 401);
        row("PUT /api/v1/library/{exercise}/aside", 422, 403, 403, 403, 401);
        row("POST /api/v1/library/imports", 422, 403, 403, 403, 401);
        row("PUT /api/v1/library/attachments/{sha256}", 422, 403, 403, 403, 401);
        row("GET /api/v1/library/attachments/{sha256}", 404, 404, 404, 404, 401);
        coachOnly("POST /api/v1/lessons/{id}/programmes", 422);
        row("GET /api/v1/clinic/{school}", 200, 403, 403, 403, 401);
        row("POST /api/v1/pairs", 422, 403, 403, 403, 401);
        row("POST /api/v1/lessons", 422, 422, 403, 403, 401);
        row("POST /api/v1/groups", 422, 422, 403, 403, 401);
        rowWithId("PUT /api/v1/lessons/{id}/group", own(204, 204, 403, 403, 401), own(204, 204, 403, 403, 401));
        row("POST /api/v1/entries", 422, 422, 403, 403, 401);
        rowWithId("GET /api/v1/pairs/{id}", own(200, 200, 200, 200, 401), own(200, 200, 200, 404, 401));
        rowWithId("GET /api/v1/lessons/{id}/entries", own(200, 200, 403, 403, 401), own(200, 200, 403, 403, 401));
        rowWithId("GET /api/v1/lessons/{id}/packet", own(200, 200, 403, 403, 401), own(200, 200, 403, 403, 401));
        rowWithId("GET /api/v1/lessons/{id}/debrief", own(200, 200, 403, 403, 401), own(200, 200, 403, 403, 401));
        rowWithId("GET /api/v1/lessons/{id}/plait", own(200, 200, 403, 403, 401), own(200, 200, 403, 403, 401));
        rowWithId("GET /api/v1/pairs/{id}/aids", own(200, 200, 403, 403, 401), own(200, 200, 403, 403, 401));
        rowWithId("GET /api/v1/pairs/{id}/footfalls", own(200, 200, 403, 403, 401), own(200, 200, 403, 403, 401));
        rowWithId("POST /api/v1/lessons/{id}/decisions", own(422, 403, 403, 403, 401), own(422, 403, 403, 403, 401));
        coachOnly("POST /api/v1/lessons/{id}/decisions/agreed", 422);
        rowWithId("GET /api/v1/pairs/{id}/compared", own(422, 422, 403, 403, 401), own(422, 422, 403, 403, 401));
        rowWithId("POST /api/v1/pairs/{id}/placings", own(422, 403, 403, 403, 401), own(422, 403, 403, 403, 401));
        row("GET /api/v1/inbox", 200, 200, 403, 403, 401);
        row("POST /api/v1/invited", 422, 422, 422, 422, 422);
        row("POST /api/v1/join", 422, 422, 422, 422, 422);
        row("GET /api/v1/attention", 200, 200, 403, 403, 401);
        row("GET /api/v1/mirror", 200, 403, 403, 403, 401);
        row("GET /api/v1/for-rider", 403, 403, 200, 200, 401);
        rowWithId("GET /api/v1/lessons/{id}/for-rider", own(404, 404, 404, 404, 401), own(404, 404, 404, 404, 401));
        rowWithId("GET /api/v1/lessons/{id}/words", own(200, 200, 200, 404, 401), own(200, 200, 200, 404, 401));
        rowWithId("POST /api/v1/lessons/{id}/words", own(404, 403, 404, 404, 401), own(404, 403, 404, 404, 401));
        rowWithId("POST /api/v1/lessons/{id}/words/read", own(404, 404, 404, 404, 401), own(404, 404, 404, 404, 401));
        for (String kept : List.of("voices", "stills")) {
            rowWithId(
                    "GET /api/v1/lessons/{id}/for-rider/" + kept + "/{sha256}",
                    own(404, 404, 404, 404, 401),
                    own(404, 404, 404, 404, 401));
        }
        row("GET /api/v1/practice", 403, 403, 200, 200, 401);
        row("POST /api/v1/practices", 403, 403, 422, 422, 401);
        for (String read : List.of("look", "plan", "plan/starts", "homework")) {
            rowWithId("GET /api/v1/lessons/{id}/" + read, own(200, 200, 403, 403, 401), own(200, 200, 403, 403, 401));
        }
        rowWithId("GET /api/v1/lessons/{id}/files/{name}", own(200, 200, 403, 403, 401), own(200, 200, 403, 403, 401));
        rowWithId(
                "GET /api/v1/lessons/{id}/attachments/{sha256}",
                own(404, 404, 403, 403, 401),
                own(404, 404, 403, 403, 401));
        rowWithId(
                "PUT /api/v1/lessons/{id}/attachments/{sha256}",
                own(409, 409, 403, 403, 401),
                own(409, 409, 403, 403, 401));
        row("GET /api/v1/attachments", 200, 200, 403, 403, 401);
        for (String consent : List.of("voice-consent", "picture-consent")) {
            coachOnly("GET /api/v1/pairs/{id}/" + consent, 200);
            coachOnly("POST /api/v1/pairs/{id}/" + consent, 422);
        }
        rowWithId("GET /api/v1/lessons/{id}/origins", own(200, 200, 403, 403, 401), own(200, 200, 403, 403, 401));
        row("POST /api/v1/people", 422, 403, 403, 403, 401);
        row("GET /api/v1/people.csv", 200, 403, 403, 403, 401);
        row("POST /api/v1/files", 422, 403, 403, 403, 401);
        coachOnly("POST /api/v1/lessons/{id}/sheet", 422);
        coachOnly("POST /api/v1/lessons/{id}/focus", 422);
        coachOnly("PUT /api/v1/lessons/{id}/plan", 422);
        coachOnly("POST /api/v1/lessons/{id}/plan/trial", 422);
        row("PUT /api/v1/plan-templates/{id}", 422, 403, 403, 403, 401);
        row("DELETE /api/v1/plan-templates/{id}", 404, 403, 403, 403, 401);
        coachOnly("PUT /api/v1/lessons/{id}/school", 409);
        coachOnly("PUT /api/v1/pairs/{id}/settings", 412);
        coachOnly("POST /api/v1/lessons/{id}/homework", 422);
        coachOnly("POST /api/v1/assignments/{id}/end", 204);
        coachOnly("POST /api/v1/assignments/{id}/look-ins", 201);
        rowWithId("GET /api/v1/pairs/{id}/lessons", own(200, 200, 200, 200, 401), own(200, 200, 200, 404, 401));
        rowWithId("GET /api/v1/pairs/{id}/decisions", own(200, 200, 200, 200, 401), own(200, 200, 200, 404, 401));
        for (String read : List.of(
                "known", "photos", "intake", "tack", "cues", "pain-counts", "watch", "work", "strides", "history")) {
            rowWithId("GET /api/v1/pairs/{id}/" + read, own(200, 200, 403, 403, 401), own(200, 200, 403, 403, 401));
        }
        coachOnly("PUT /api/v1/pairs/{id}/intake/horse", 412);
        coachOnly("PUT /api/v1/pairs/{id}/intake/rider", 412);
        coachOnly("PUT /api/v1/pairs/{id}/intake/together", 412);
        coachOnly("PUT /api/v1/pairs/{id}/tack/{piece}", 412);
        coachOnly("PUT /api/v1/pairs/{id}/cues/{cue}", 412);
        rowWithId("GET /api/v1/pairs/{id}/photos/{sha256}", own(404, 404, 403, 403, 401), own(404, 404, 403, 403, 401));
        coachOnly("PUT /api/v1/pairs/{id}/photos/{sha256}", 422);
        coachOnly("POST /api/v1/pairs/{id}/photos", 422);
        coachOnly("PUT /api/v1/pairs/{id}/photos/{sha256}/away", 404);
        rowWithId("POST /api/v1/pairs/{id}/pain-counts", own(422, 422, 403, 403, 401), own(422, 422, 403, 403, 401));
        coachOnly("POST /api/v1/pairs/{id}/outings", 422);
        rowWithId("POST /api/v1/pairs/{id}/strides", own(422, 422, 403, 403, 401), own(422, 422, 403, 403, 401));
        rowWithId(
                "PUT /api/v1/pairs/{id}/strides/{stride}/away",
                own(404, 404, 403, 403, 401),
                own(404, 404, 403, 403, 401));
        coachOnly("PUT /api/v1/pairs/{id}/outings/{outing}/away", 404);
        coachOnly("PUT /api/v1/pairs/{id}/watch/{watch}/end", 404);
        coachOnly("DELETE /api/v1/pairs/{id}/watch/{watch}/end", 404);
        rowWithId("GET /api/v1/pairs/{id}/facts", own(200, 200, 403, 403, 401), own(200, 200, 403, 403, 401));
        coachOnly("PUT /api/v1/pairs/{id}/facts", 412);
        coachOnly("PUT /api/v1/lessons/{id}/ground", 412);
        rowWithId("GET /api/v1/lessons/{id}/contact", own(200, 200, 403, 403, 401), own(200, 200, 403, 403, 401));
        rowWithId(
                "GET /api/v1/lessons/{id}/contact/answers", own(200, 200, 403, 403, 401), own(200, 200, 403, 403, 401));
        rowWithId(
                "GET /api/v1/lessons/{id}/contact/beside/{earlier}",
                own(404, 404, 403, 403, 401),
                own(404, 404, 403, 403, 401));
        rowWithId("POST /api/v1/lessons/{id}/recordings", own(422, 422, 403, 403, 401), own(422, 422, 403, 403, 401));
        for (String of : List.of(
                "PUT /api/v1/lessons/{id}/recordings/{recording}",
                "PUT /api/v1/lessons/{id}/recordings/{recording}/whole",
                "PUT /api/v1/lessons/{id}/recordings/{recording}/chunks/{place}",
                "GET /api/v1/lessons/{id}/recordings/{recording}/chunks/{place}",
                "GET /api/v1/lessons/{id}/recordings/{recording}/samples.csv")) {
            rowWithId(of, own(404, 404, 403, 403, 401), own(404, 404, 403, 403, 401));
        }
        coachOnly("PUT /api/v1/pairs/{id}/contact-band", 412);
        coachOnly("GET /api/v1/pairs/{id}/people", 200);
        coachOnly("POST /api/v1/pairs/{id}/guardians", 201);
        coachOnly("POST /api/v1/pairs/{id}/invitations", 422);
        row("GET /api/v1/safety", 200, 200, 200, 200, 401);
        coachOnly("POST /api/v1/horses/{id}/pause-answers", 409);
        row("POST /api/v1/stop-signs", 403, 403, 422, 422, 401);
        rowWithId("POST /api/v1/stop-signs/{id}/take-back", own(403, 403, 404, 404, 401), own(403, 403, 404, 404, 401));
        row("PUT /api/v1/contacts", 422, 403, 403, 403, 401);
        coachOnly("POST /api/v1/pairs/{id}/facts/overrule", 409);
        row("GET /api/v1/live", 200, 200, 403, 403, 401);
        row("GET /api/v1/ground", 200, 200, 403, 403, 401);
        row("POST /api/v1/ground/measures", 422, 422, 403, 403, 401);
        row("POST /api/v1/ground/merged", 422, 422, 403, 403, 401);
        row("PUT /api/v1/ground/pace", 422, 422, 403, 403, 401);
        row("PUT /api/v1/ground/arenas/{arena}", 412, 403, 403, 403, 401);
        row("GET /api/v1/ground/layouts/{layout}", 404, 404, 403, 403, 401);
        row("PUT /api/v1/ground/layouts/{layout}", 412, 403, 403, 403, 401);
        row("GET /api/v1/rules", 200, 200, 403, 403, 401);
        row("PUT /api/v1/rules/{book}", 422, 403, 403, 403, 401);
        // last, since it ends the session it is asked with
        row("DELETE /api/v1/session", 204, 204, 204, 204, 204);
    }

    private static void row(String endpoint, Integer... statuses) {
        TABLE.put(endpoint, new Row(own(statuses), Map.of()));
    }

    private static void coachOnly(String endpoint, int status) {
        rowWithId(endpoint, own(status, 403, 403, 403, 401), own(status, 403, 403, 403, 401));
    }

    private static void rowWithId(String endpoint, Map<String, Integer> own, Map<String, Integer> others) {
        TABLE.put(endpoint, new Row(own, others));
    }

    private static Map<String, Integer> own(Integer... statuses) {
        Map<String, Integer> byName = new LinkedHashMap<>();
        for (int i = 0; i < statuses.length; i++) {
            byName.put(ROLES.get(i), statuses[i]);
        }
        return byName;
    }

    @Test
    void everyEndpointOfTheContractHasARow() throws Exception {
        Set<String> endpoints = new TreeSet<>();
        JsonNode paths = Client.JSON.readTree(Files.readString(CONTRACT)).path("paths");
        paths.properties()
                .forEach(path -> path.getValue()
                        .properties()
                        .forEach(method -> endpoints.add(method.getKey().toUpperCase() + " " + path.getKey())));
        assertThat(TABLE.keySet()).containsExactlyInAnyOrderElementsOf(endpoints);
    }

    static Stream<List<Object>> cases() {
        List<List<Object>> cases = new ArrayList<>();
        TABLE.forEach((endpoint, row) -> {
            row.own().forEach((who, status) -> cases.add(List.of(endpoint, who, "own", status)));
            row.others().forEach((who, status) -> cases.add(List.of(endpoint, who, "another's", status)));
            if (!row.others().isEmpty()) {
                row.own().forEach((who, status) -> {
                    int expected = status == 401 || status == 403 ? status : 404;
                    cases.add(List.of(endpoint, who, "unknown", expected));
                    cases.add(List.of(endpoint, who, "malformed", expected));
                });
            }
        });
        return cases.stream();
    }

    @ParameterizedTest
    @MethodSource("cases")
    void answersAsTheTableSays(List<Object> what) {
        String[] endpoint = ((String) what.get(0)).split(" ");
        String who = (String) what.get(1);
        String path = endpoint[1]
                .replace("{id}", id(endpoint[1], who, (String) what.get(2)))
                .replace("{name}", "entries.json")
                .replace("{sha256}", "0".repeat(64))
                .replace("{exercise}", "counter-bend")
                .replace("{progression}", "own-none")
                .replace("{school}", "GAITED")
                .replace("{piece}", NOBODYS)
                .replace("{cue}", NOBODYS)
                .replace("{watch}", NOBODYS)
                .replace("{outing}", NOBODYS)
                .replace("{stride}", NOBODYS)
                .replace("{arena}", NOBODYS)
                .replace("{layout}", NOBODYS)
                .replace("{recording}", NOBODYS)
                .replace("{earlier}", NOBODYS)
                .replace("{place}", "0")
                .replace("{book}", "stop");
        boolean hasBody = endpoint[0].equals("POST") || endpoint[0].equals("PUT");
        String body = hasBody ? body(endpoint[1]) : null;
        boolean endsSession = endpoint[0].equals("DELETE") && path.endsWith("/session");
        Client client = endsSession ? fresh(who) : CLIENTS.computeIfAbsent(who, RolesTest::fresh);
        Client.Reply reply = path.endsWith("/live") ? client.opened(path) : client.send(endpoint[0], path, body, true);
        assertThat(reply.status())
                .as("%s as %s, body %s", path, who, reply.body())
                .isEqualTo(what.get(3));
        if (reply.status() >= 400) {
            assertThat(reply.body().path("requestId").asString()).isNotBlank();
            assertThat(reply.body().path("detail").asString()).isNotBlank();
        }
    }

    /** Well formed, and mostly on something that does not exist: whoever may gets an issue, others are turned away. */
    private static String body(String endpoint) {
        Map<String, Object> none = new LinkedHashMap<>();
        Object body = switch (endpoint.substring(endpoint.lastIndexOf('/') + 1)) {
            case "decisions" ->
                Map.of("id", UUID.randomUUID(), "rung", "none.walk.rail", "chosen", "STAY", "seen", "STAY");
            case "agreed" ->
                Map.of("rungs", List.of(Map.of("id", UUID.randomUUID(), "rung", "none.walk.rail", "seen", "STAY")));
            case "school" -> Map.of("school", "CLASSICAL");
            case "group" -> Map.of("group", UUID.randomUUID());
            case "settings" -> Map.of("version", 999, "settings", none);
            case "placings" -> Map.of("id", UUID.randomUUID(), "rung", "none.walk.rail", "known", true);
            case "voice-consent", "picture-consent" ->
                Map.of("id", UUID.randomUUID(), "given", true, "saidBy", "Henrik Falk");
            case "words" -> Map.of("id", UUID.randomUUID(), "comment", UUID.randomUUID(), "text", "Which hand?");
            case "focus" -> Map.of("id", UUID.randomUUID(), "chosen", List.of("HELP_FIRST"));
            case "plan" ->
                Map.of(
                        "version",
                        0,
                        "blocks",
                        List.of(Map.of("rung", "none.walk.rail", "role", "MAIN", "seconds", 60, "longer", "NONE")));
            case "trial" ->
                Map.of(
                        "blocks",
                        List.of(Map.of("rung", "none.walk.rail", "role", "MAIN", "seconds", 60, "longer", "NONE")));
            case "programmes" -> Map.of("id", UUID.randomUUID(), "progression", "own-none", "daysAWeek", 3);
            case "homework" -> Map.of("id", UUID.randomUUID(), "rung", "none.walk.rail", "daysAWeek", 3);
            case "look-ins" -> Map.of("id", UUID.randomUUID(), "verdict", "CARRY_ON");
            case "sheet" -> Map.of("text", "no table", "isTrial", true, "leaveOut", false);
            case "pause-answers" -> Map.of("id", UUID.randomUUID(), "kind", "KEEP_RESTING", "mayHandWalk", false);
            case "overrule" -> Map.of("id", UUID.randomUUID(), "reason", "Twenty minutes in walk.");
            case "facts" -> Map.of("version", 999, "facts", none);
            case "horse" -> Map.of("version", 999, "horse", Map.of("soundness", List.of()));
            case "rider" -> Map.of("version", 999, "rider", none);
            case "together" -> Map.of("version", 999, "together", Map.of("unwanted", List.of()));
            case "{piece}" -> Map.of("version", 999, "piece", Map.of("kind", "GIRTH", "name", "Girth"));
            case "{cue}" ->
                Map.of(
                        "version",
                        999,
                        "cue",
                        Map.of("signal", "breath", "meaning", "halt", "isProven", false, "isPutAway", false));
            case "photos" ->
                Map.of("id", UUID.randomUUID(), "sha256", "0".repeat(64), "view", "LEFT", "takenOn", "2026-03-01");
            case "strides" ->
                Map.of(
                        "id",
                        UUID.randomUUID(),
                        "pace",
                        "TROT",
                        "way",
                        "DISTANCE",
                        "distanceM",
                        30,
                        "count",
                        11,
                        "on",
                        "2126-03-01");
            case "outings" ->
                Map.of(
                        "id",
                        UUID.randomUUID(),
                        "what",
                        "The river fields",
                        "travelOn",
                        "2126-03-01",
                        "countsOn",
                        "2126-03-01",
                        "isFirst",
                        false);
            case "recordings" ->
                Map.of(
                        "id",
                        UUID.randomUUID(),
                        "startedAt",
                        "2016-11-24T10:00:00Z",
                        "rateHz",
                        100,
                        "minutes",
                        1,
                        "name",
                        "A sensor",
                        "jitterMs",
                        0);
            case "{recording}" -> Map.of("version", 1, "startedAt", "2026-11-24T10:00:00Z", "isAway", false);
            case "contact-band" -> Map.of("version", 999, "lowKg", 2, "highKg", 4);
            case "ground" ->
                Map.of("version", 999, "arena", "SMALL", "pace", "TROT", "variant", "WORKING", "things", List.of());
            case "merged" -> Map.of("arena", "SMALL", "needs", List.of());
            case "measures" ->
                Map.of("arena", "none", "pairs", List.of(), "pace", "TROT", "variant", "WORKING", "things", List.of());
            case "pace" -> Map.of("lengthM", 40, "paces", 4);
            case "{layout}" ->
                Map.of(
                        "version",
                        999,
                        "name",
                        "A cone",
                        "arena",
                        "SMALL",
                        "isPutAway",
                        false,
                        "things",
                        List.of(Map.of("id", "cone", "cone", Map.of("x", 10, "y", 20))));
            case "{arena}" ->
                Map.of(
                        "version",
                        999,
                        "isPutAway",
                        false,
                        "arena",
                        Map.of(
                                "name",
                                "The pen",
                                "shape",
                                "OVAL",
                                "widthM",
                                18,
                                "lengthM",
                                18,
                                "slopePct",
                                0,
                                "isLettered",
                                false,
                                "landmarks",
                                List.of()));
            case "away" -> Map.of("isPutAway", true);
            case "pain-counts" -> Map.of("id", UUID.randomUUID(), "seen", List.of("none"));
            case "guardians" -> Map.of("name", "Henrik Falk");
            case "invitations" -> Map.of("person", UUID.randomUUID());
            default -> none;
        };
        return Client.JSON.writeValueAsString(body);
    }

    private static String id(String path, String who, String whose) {
        if (whose.equals("unknown")) {
            return UUID.randomUUID().toString();
        }
        if (whose.equals("malformed")) {
            return "12";
        }
        if (path.contains("/assignments/")) {
            return assignment();
        }
        if (path.contains("/stop-signs/")) {
            return UUID.randomUUID().toString();
        }
        if (path.contains("/horses/")) {
            return IDS.computeIfAbsent("horse", h -> field("Tamarack", "horseId"));
        }
        boolean isVesper = whose.equals("own") && who.equals("basma");
        return path.contains("/pairs/")
                ? IDS.computeIfAbsent(isVesper ? "Vesper" : "Tamarack", RolesTest::pair)
                : IDS.computeIfAbsent("lesson", l -> lesson());
    }

    private static String pair(String horse) {
        return field(horse, "id");
    }

    private static String field(String horse, String name) {
        return CLIENTS.computeIfAbsent("ottilie", RolesTest::fresh)
                .get("/api/v1/pairs/names")
                .body()
                .path("pairs")
                .valueStream()
                .filter(p -> p.path("horse").asString().equals(horse))
                .findFirst()
                .orElseThrow()
                .path(name)
                .asString();
    }

    private static String lesson() {
        return CLIENTS.computeIfAbsent("ottilie", RolesTest::fresh)
                .get("/api/v1/pairs/" + pair("Tamarack"))
                .body()
                .path("lessons")
                .path(0)
                .path("id")
                .asString();
    }

    /** Of a pair of its own, so that ending it takes nothing from the demo. */
    private static String assignment() {
        Yard yard = new Yard(CLIENTS.computeIfAbsent("ottilie", RolesTest::fresh));
        String lesson = yard.ridden(yard.pair(), 4, "TRY", 1);
        return yard.homework(lesson, "counter-bend.walk.rail");
    }

    private static Client fresh(String who) {
        return who.equals("nobody") ? App.demo().client() : App.demo().as(who);
    }

    @Test
    void ridersSeeTheirOwnPairsOnly() {
        assertThat(horses("imre")).containsExactly("Tamarack");
        assertThat(horses("basma")).containsExactly("Vesper");
        assertThat(horses("kwame")).hasSizeGreaterThanOrEqualTo(9);
        assertThat(App.demo()
                        .as("imre")
                        .get("/api/v1/today")
                        .body()
                        .path("lessons")
                        .valueStream())
                .isNotEmpty()
                .allSatisfy(l ->
                        assertThat(l.path("lesson").path("rider").asString()).isEqualTo("Imre Castellan"));
    }

    private static List<String> horses(String who) {
        return App.demo()
                .as(who)
                .get("/api/v1/pairs/names")
                .body()
                .path("pairs")
                .valueStream()
                .map(p -> p.path("horse").asString())
                .toList();
    }
}
