package strophos.server.contract;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.SplittableRandom;
import java.util.UUID;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.MethodOrderer;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestMethodOrder;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import strophos.format.Draws;
import strophos.format.Format;
import strophos.format.SchemaReader;
import strophos.server.harness.App;
import strophos.server.harness.Client;
import strophos.server.harness.Yard;
import tools.jackson.databind.JsonNode;

/**
 * Every writing endpoint of openapi.json, every field of its body, and whatever a parser of JSON lets through in its place: the
 * answer is never a failure of ours, and afterwards everything still reads. An endpoint that is added is tried by itself. So many
 * values a place are drawn by a seed; {@code -Dstrophos.fuzz=1000} tries all.
 */
@TestMethodOrder(MethodOrderer.OrderAnnotation.class)
class ContractFuzzTest {

    private static final int A_PLACE = Integer.getInteger("strophos.fuzz", 2);
    private static final String PASSWORD = "saltmarsh-ford";
    private static final List<String> RIDERS =
            List.of("/api/v1/practices", "/api/v1/stop-signs", "/api/v1/stop-signs/{id}/take-back");
    private static final List<String> ANYBODY =
            List.of("/api/v1/session", "/api/v1/setup", "/api/v1/join", "/api/v1/invited");

    /** Beside what no two readers of JSON agree on: what means something somewhere. */
    private static final List<String> MEANING = List.of(
            "\"" + "x".repeat(81) + "\"",
            "\"" + "x".repeat(100_000) + "\"",
            "\"" + "\u00e9".repeat(72) + "\"",
            "\"+280000-01-01T00:00:00Z\"",
            "\"-999999999-01-01T00:00:00Z\"",
            "\"+1000000000-12-31T23:59:59.999999999Z\"",
            "\"0000-01-01T00:00:00Z\"",
            "\"1969-12-31T23:59:59Z\"",
            "\"2026-02-30\"",
            "\"+999999999-12-31\"",
            "\"-999999999-01-01\"",
            "\"0000-01-01\"",
            "\"9999-12-31\"",
            "\"UTC+25\"",
            "\"00000000-0000-0000-0000-000000000000\"",
            "\"../../etc/passwd\"",
            "\"'; drop table entry; --\"",
            "\"%s%n%x\"",
            "\"\\u202e\"",
            "-1",
            "2147483648",
            "-2147483649",
            "[" + "null,".repeat(600) + "null]",
            "[" + "{},".repeat(100) + "{}]");

    private static final String NOW = "\"now\"";

    /** A piece of tack, a cue: made by the first body that is taken. */
    private static final String PIECE = "0d0d0000-0000-7000-8000-0000000000f1";

    /** What an exercise of one's own must be told so that it is one. */
    private static final Map<String, String> OWN = Map.of(
            "from", "null",
            "strand", "null",
            "needs", "[]",
            "shortName", "null",
            "steps", "[{\"gait\":\"WALK\",\"place\":\"RAIL\"}]",
            "stopIf", "[\"uneven steps\"]",
            "id", "\"own-fuzz\"",
            "progressions", "[]");

    private static Map<String, String> stages() {
        Map<String, String> told = new HashMap<>(OWN);
        told.put("id", "\"own-fuzz-stage\"");
        told.put("exercises", "[\"own-fuzz-stage\"]");
        return told;
    }

    /** One thing of one kind, on an arena that everybody knows. */
    private static Map<String, String> onGround(String kind, String field, String value) {
        Map<String, String> told = new HashMap<>(Map.of(
                "figure",
                "null",
                "row",
                "null",
                "fan",
                "null",
                "fences",
                "null",
                "sideways",
                "null",
                "quarters",
                "null",
                "course",
                "null",
                "cone",
                "null"));
        told.remove(kind);
        told.putAll(Map.of(
                "arena",
                "\"SMALL\"",
                "pace",
                "\"TROT\"",
                "variant",
                "\"WORKING\"",
                "form",
                "\"CIRCLE\"",
                "rein",
                "\"LEFT\"",
                "sizeM",
                "10",
                "pairs",
                "[]",
                field,
                value));
        return told;
    }

    /** What an endpoint must be told so that it does what it is for: by its path and the name of the field. */
    private static final Map<String, Map<String, String>> TELLS = Map.ofEntries(
            Map.entry("/api/v1/contacts", Map.of("phone", "\"01632 960123\"")),
            Map.entry("/api/v1/files", Map.of("text", "\"{\\\"entries\\\":[{\\\"id\\\":1}]}\"")),
            Map.entry("/api/v1/horses/{id}/pause-answers", Map.of("kind", "\"CLEARED\"", "untilDay", "\"2026-12-24\"")),
            Map.entry("/api/v1/lessons/{id}/decisions", Map.of("chosen", "\"STAY\"", "seen", "\"STAY\"")),
            Map.entry(
                    "/api/v1/lessons/{id}/decisions/agreed",
                    Map.of(
                            "rungs",
                            "[{\"id\":\"01911111-0000-7000-8000-00000000aaaa\",\"rung\":\"counter-bend.walk.rail\",\"seen\":\"STAY\"}]")),
            Map.entry("/api/v1/lessons/{id}/focus", Map.of("chosen", "[\"CONFIDENCE\"]")),
            Map.entry("/api/v1/lessons/{id}/sheet", Map.of("text", "\"rein,strength,what came\\nleft,2,yes\\n\"")),
            Map.entry("/api/v1/lessons/{id}/programmes", Map.of("progression", "\"own-fuzz-way\"")),
            Map.entry(
                    "/api/v1/pairs/{id}/tack/{piece}",
                    Map.of("kind", "\"HEADGEAR\"", "headgear", "\"pelham\"", "until", "null")),
            Map.entry("/api/v1/pairs/{id}/pain-counts", Map.of("seen", "[\"rears\"]")),
            Map.entry("/api/v1/pairs/{id}/strides", Map.of("id", "\"" + PIECE + "\"", "on", "\"2026-11-01\"")),
            Map.entry(
                    "/api/v1/pairs/{id}/outings",
                    Map.of("id", "\"" + PIECE + "\"", "travelOn", "\"2026-12-01\"", "countsOn", "\"2026-12-02\"")),
            Map.entry("/api/v1/ground/pace", Map.of("lengthM", "40", "paces", "44")),
            Map.entry(
                    "/api/v1/ground/arenas/{arena}", Map.of("shape", "\"RECTANGLE\"", "widthM", "20", "lengthM", "40")),
            Map.entry("/api/v1/ground/measures", onGround("figure", "at", "\"A\"")),
            Map.entry("/api/v1/ground/merged", onGround("row", "apartM", "null")),
            Map.entry("/api/v1/lessons/{id}/ground", onGround("cone", "x", "5")),
            Map.entry(
                    "/api/v1/lessons/{id}/recordings",
                    Map.of(
                            "id",
                            "\"" + PIECE + "\"",
                            "startedAt",
                            "\"2026-11-29T21:00:00Z\"",
                            "rateHz",
                            "100",
                            "minutes",
                            "2",
                            "jitterMs",
                            "0")),
            Map.entry(
                    "/api/v1/lessons/{id}/recordings/{recording}",
                    Map.of("startedAt", "\"2026-11-29T21:10:00Z\"", "isAway", "false")),
            Map.entry("/api/v1/pairs/{id}/contact-band", Map.of("lowKg", "2", "highKg", "4")),
            Map.entry("/api/v1/ground/layouts/{layout}", onGround("fan", "gapDeg", "null")),
            Map.entry("/api/v1/library/own/{exercise}", OWN),
            Map.entry("/api/v1/library/progressions/{progression}", stages()),
            Map.entry("/api/v1/library/{exercise}/aside", Map.of("picture", "null", "sound", "null", "link", "null")),
            Map.entry("/api/v1/library/imports", OWN),
            Map.entry("/api/v1/people", Map.of("text", "\"rider;horse\\nMaren Falk;Skerry\\n\"")),
            Map.entry("/api/v1/practices", Map.of("step", "0")),
            Map.entry("/api/v1/join", Map.of("password", "\"a long password\"")),
            Map.entry("/api/v1/setup", Map.of("password", "\"a long password\"", "token", "\"a-token-for-tests\"")));

    /** What stands in an address where an id or a number should. */
    private static final List<String> ADDRESSES = List.of(
            "1",
            "null",
            "%00",
            "%ff",
            "..%2f..",
            "%E2%80%AE",
            "x".repeat(3000),
            "-",
            "%7bid%7d",
            "00000000-0000-0000-0000-000000000000",
            "%20",
            "a%0d%0ab",
            "9999999999999999999999");

    private static Client coach;
    private static Client rider;
    private static JsonNode left;
    private static JsonNode contract;
    private static Map<String, String> known;
    private static List<String> nasty;

    @BeforeAll
    static void signIn() throws IOException {
        if (coach != null) {
            return;
        }
        coach = as("ottilie");
        rider = as("rosalba");
        try (InputStream in = ContractFuzzTest.class.getResourceAsStream("/upgrade/v32-device.json")) {
            left = Client.JSON.readTree(in.readAllBytes());
        }
        contract = Client.JSON.readTree(Files.readString(Path.of(System.getProperty("strophos.root"), "openapi.json")));
        known = new HashMap<>();
        known.put("author", "\"" + rider.person() + "\"");
        known.put("person", "\"" + rider.person() + "\"");
        known.put("pair", left.path("pairs").path("sindri").toString());
        known.put("lesson", left.path("lessons").path("next").toString());
        known.put("assignment", left.path("assignments").path("bending").toString());
        known.put("rung", "\"counter-bend.walk.rail\"");
        known.put("comment", "\"" + commentShown() + "\"");
        known.put("timeZone", "\"Europe/London\"");
        known.put("version", NOW);
        known.put("riderId", "null");
        known.put("horseId", "null");
        nasty = new ArrayList<>(Draws.ODD.stream().map(Draws.Snippet::json).toList());
        nasty.addAll(MEANING);
    }

    /** On a clip of the lesson that is battered, where the rider is shown it. */
    private static Object commentShown() {
        Yard yard = new Yard(coach);
        String lesson = id("/lessons/");
        Map<String, Object> file =
                Map.of("fileName", "mine.mp4", "bytes", 9, "durationMs", 31_000, "digest", "cd".repeat(32));
        Map<String, Object> clip = yard.entry(lesson, "time_base", Map.of("source", "CLIP", "clip", file));
        Map<String, Object> comment = yard.entry(
                lesson, "comment", Map.of("at", Map.of("base", clip.get("id"), "ms", 4_300), "text", "Heel down."));
        yard.send(List.of(clip, comment, yard.entry(lesson, "for_rider", Map.of("homework", true, "clips", true))));
        return comment.get("id");
    }

    /** What is left of the yard: the end-to-end tests open every screen on it. */
    @AfterAll
    static void leaveItToTheScreens() {
        App.leave("battered");
    }

    private static Client as(String name) {
        Client client = App.battered().client();
        assertThat(client.signIn(name, PASSWORD).status()).isEqualTo(200);
        return client;
    }

    /** A writing endpoint. */
    private record Endpoint(String method, String path, JsonNode body) {
        @Override
        public String toString() {
            return method + " " + path;
        }
    }

    static Stream<Endpoint> writing() throws IOException {
        signIn();
        return contract.path("paths").properties().stream()
                .flatMap(p -> p.getValue().properties().stream()
                        .filter(m -> !List.of("get", "delete").contains(m.getKey()))
                        .map(m -> new Endpoint(
                                m.getKey().toUpperCase(Locale.ROOT),
                                p.getKey(),
                                m.getValue()
                                        .path("requestBody")
                                        .path("content")
                                        .path("application/json")
                                        .path("schema"))));
    }

    @ParameterizedTest
    @MethodSource("writing")
    @Order(1)
    void isNeverAFailureOfOurs(Endpoint endpoint) {
        Random random = new Random(endpoint.toString().hashCode());
        Client client = ANYBODY.contains(endpoint.path())
                ? App.battered().client()
                : RIDERS.contains(endpoint.path()) ? rider : coach;
        Object body = endpoint.body().isMissingNode() ? Map.of() : body(endpoint);
        String address = endpoint.path()
                .replace("{id}", id(endpoint.path()))
                .replace("{book}", book())
                .replace("own/{exercise}", "own/own-fuzz")
                .replace("{exercise}", "counter-bend")
                .replace("{progression}", "own-fuzz-way")
                .replace("{piece}", PIECE)
                .replace("{cue}", PIECE)
                .replace("{watch}", PIECE)
                .replace("{outing}", PIECE)
                .replace("{stride}", PIECE)
                .replace("{arena}", PIECE)
                .replace("{layout}", PIECE)
                .replace("{recording}", PIECE)
                .replace("{earlier}", PIECE)
                .replace("{place}", "0")
                .replace("{sha256}", "0".repeat(64));
        List<List<Object>> places = Bodies.places(body);
        places.add(List.of());
        List<String> failed = new ArrayList<>();
        for (List<Object> place : places) {
            List<String> values = new ArrayList<>(nasty);
            Collections.shuffle(values, random);
            for (String value : values.subList(0, Math.min(A_PLACE, values.size()))) {
                Client.Reply reply = client.send(
                        endpoint.method(), address, upToDate(Bodies.with(body, place, value), address), true);
                boolean isOurs = reply.status() >= 500;
                boolean isUntold = reply.status() >= 400 && reply.code().isEmpty();
                if (isOurs || isUntold) {
                    failed.add("%.60s at %s: %d".formatted(value, place, reply.status()));
                }
            }
        }
        assertThat(failed).isEmpty();
    }

    private static Object body(Endpoint endpoint) {
        Map<String, String> told = new HashMap<>(known);
        told.putAll(TELLS.getOrDefault(endpoint.path(), Map.of()));
        return new Bodies(contract, told).of(endpoint.body());
    }

    private static String id(String path) {
        if (path.contains("/pairs/")) {
            return left.path("pairs").path("sindri").asString();
        } else if (path.contains("/assignments/")) {
            return left.path("assignments").path("bending").asString();
        } else if (path.contains("/horses/")) {
            return coach.get("/api/v1/pairs/" + id("/pairs/"))
                    .body()
                    .path("horseId")
                    .asString();
        } else if (path.contains("/lessons/")) {
            return left.path("lessons").path("bent").asString();
        }
        return UUID.randomUUID().toString();
    }

    /** With the version that stands there now: what comes too late is refused before anything in it is looked at. */
    private static String upToDate(String body, String address) {
        if (!body.contains("\"version\":" + NOW)) {
            return body;
        }
        return body.replace("\"version\":" + NOW, "\"version\":" + version(address));
    }

    private static int version(String address) {
        if (address.contains("/rules/")) {
            JsonNode books = coach.get("/api/v1/rules").body().path("books");
            return books.path(0).path("version").asInt();
        } else if (address.startsWith("/api/v1/lessons/") && address.endsWith("/ground")) {
            return coach.get(address.replace("/ground", "/plan"))
                    .body()
                    .path("ground")
                    .path("version")
                    .asInt();
        } else if (address.contains("/recordings/")) {
            JsonNode contact = coach.get(address.replaceFirst("/recordings/.*", "/contact"))
                    .body();
            return Stream.of("recordings", "away")
                    .flatMap(where -> contact.path(where).valueStream())
                    .mapToInt(r -> r.path("version").asInt())
                    .sum();
        } else if (address.endsWith("/contact-band")) {
            String lesson = left.path("lessons").path("jumped").asString();
            return coach.get("/api/v1/lessons/" + lesson + "/contact")
                    .body()
                    .path("band")
                    .path("version")
                    .asInt();
        } else if (address.endsWith("/aside")) {
            return coach.get(address.replace("/aside", ""))
                    .body()
                    .path("asideVersion")
                    .asInt();
        } else if (address.contains("/own-fuzz")) {
            String id = address.substring(address.lastIndexOf('/') + 1);
            return coach.get("/api/v1/library/own")
                    .body()
                    .valueStream()
                    .flatMap(JsonNode::valueStream)
                    .filter(o -> o.path("id").asString().equals(id))
                    .mapToInt(o -> o.path("version").asInt())
                    .sum();
        }
        String collection = address.substring(0, address.lastIndexOf('/'));
        if (address.contains("/intake/")) {
            return coach.get(collection)
                    .body()
                    .path(address.substring(address.lastIndexOf('/') + 1) + "Version")
                    .asInt();
        } else if (address.contains("/ground/arenas/")) {
            return coach.get("/api/v1/ground")
                    .body()
                    .path("arenas")
                    .valueStream()
                    .filter(a -> a.path("drawn").path("id").asString().equals(PIECE))
                    .mapToInt(a -> a.path("version").asInt())
                    .sum();
        } else if (address.contains("/ground/layouts/")) {
            return coach.get(address).body().path("version").asInt();
        } else if (address.endsWith(PIECE)) {
            return coach.get(collection)
                    .body()
                    .valueStream()
                    .flatMap(JsonNode::valueStream)
                    .filter(o -> o.path("id").asString().equals(PIECE))
                    .mapToInt(o -> o.path("version").asInt())
                    .sum();
        }
        return coach.get(address).body().path("version").asInt();
    }

    /** Entries of every kind, every second one odd somewhere, into a lesson that every screen shows. */
    @Test
    @Order(1)
    void entriesOfEveryKindAreAnsweredByThemselves() {
        Draws draws = new Draws(new SplittableRandom(12));
        String lesson = left.path("lessons").path("bent").asString();
        Path format = Path.of(System.getProperty("strophos.root"), "format");
        int seq = 0;
        for (Format.Kind kind : SchemaReader.read(format).kinds()) {
            List<String> entries = new ArrayList<>();
            for (int i = 0; i < 12; i++) {
                String id = UUID.randomUUID().toString();
                entries.add(
                        "{\"id\":\"%s\",\"lesson\":\"%s\",\"device\":\"0d0d0000-0000-4000-8000-0000000000f0\",\"author\":\"%s\",\"seq\":%d,\"atMs\":%d,\"kind\":\"%s\",\"v\":%d,\"payload\":%s}"
                                .formatted(
                                        id,
                                        lesson,
                                        coach.person(),
                                        seq,
                                        1_795_762_000_000L + 1000L * seq++,
                                        kind.kind(),
                                        kind.v(),
                                        i % 2 == 0 ? draws.odd(kind, () -> id) : draws.fitting(kind, () -> id)));
            }
            Client.Reply reply = coach.postText("/api/v1/entries", "{\"entries\":[" + String.join(",", entries) + "]}");
            assertThat(reply.status()).as(kind.kind()).isEqualTo(200);
            assertThat(reply.body().path("answers").size()).isEqualTo(entries.size());
        }
    }

    private static String book() {
        return coach.get("/api/v1/rules")
                .body()
                .path("books")
                .path(0)
                .path("book")
                .asString();
    }

    static Stream<String> screens() throws IOException {
        signIn();
        List<String> paths = new ArrayList<>(List.of(
                "today",
                "pairs",
                "inbox",
                "mirror",
                "attention",
                "ground",
                "safety",
                "rules",
                "library",
                "library/own",
                "library/own-work.json",
                "library/own-fuzz",
                "library/counter-bend"));
        for (JsonNode pair : left.path("pairs")) {
            for (String view : List.of(
                    "",
                    "/facts",
                    "/people",
                    "/known",
                    "/photos",
                    "/intake",
                    "/tack",
                    "/cues",
                    "/pain-counts",
                    "/watch",
                    "/work",
                    "/strides",
                    "/history",
                    "/footfalls")) {
                paths.add("pairs/" + pair.asString() + view);
            }
        }
        for (JsonNode lesson : left.path("lessons")) {
            for (String view : List.of(
                    "look",
                    "plan",
                    "homework",
                    "debrief",
                    "plait",
                    "words",
                    "contact",
                    "contact/answers",
                    "packet",
                    "entries",
                    "files/entries.csv",
                    "files/asks.csv",
                    "files/tallies.csv")) {
                paths.add("lessons/" + lesson.asString() + "/" + view);
            }
        }
        return paths.stream();
    }

    @ParameterizedTest
    @MethodSource("screens")
    @Order(2)
    void afterwardsEverythingStillReads(String path) {
        assertThat(coach.get("/api/v1/" + path).status()).isEqualTo(200);
    }

    @Test
    @Order(2)
    void andSoDoesTheRidersCard() {
        assertThat(rider.get("/api/v1/practice").status()).isEqualTo(200);
        assertThat(rider.get("/api/v1/for-rider").status()).isEqualTo(200);
        assertThat(rider.get("/api/v1/safety").status()).isEqualTo(200);
    }

    @Test
    @Order(3)
    void anAddressIsNeverAFailureOfOurs() {
        List<String> failed = new ArrayList<>();
        contract.path("paths").properties().stream()
                .filter(p -> p.getValue().has("get"))
                .flatMap(p -> addresses(p.getKey(), p.getValue().path("get").path("parameters")).stream())
                .forEach(address -> {
                    int status = coach.send("GET", address, null, true).status();
                    if (status >= 500) {
                        failed.add("%.90s: %d".formatted(address, status));
                    }
                });
        assertThat(failed).isEmpty();
    }

    private static List<String> addresses(String path, JsonNode parameters) {
        List<String> addresses = new ArrayList<>();
        String own = path.replace("{id}", id(path)).replace("{name}", "entries.json");
        for (String value : ADDRESSES) {
            if (path.contains("{")) {
                addresses.add(path.replaceAll("\\{[a-z0-9]+}", value));
            }
            parameters
                    .valueStream()
                    .filter(p -> p.path("in").asString().equals("query"))
                    .forEach(p -> addresses.add(own + "?" + p.path("name").asString() + "=" + value));
        }
        return addresses;
    }
}
