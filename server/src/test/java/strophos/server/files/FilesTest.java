package strophos.server.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import strophos.server.harness.App;
import strophos.server.harness.Client;
import strophos.server.harness.Yard;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** What goes out comes in again, exactly; what cannot come in says why, with its place. */
class FilesTest {

    private static Client coach;
    private static Yard yard;

    @BeforeAll
    static void signIn() {
        coach = App.demo().as("ottilie");
        yard = new Yard(coach);
    }

    @Test
    void takesInTheJsonItGaveOutAndGivesOutTheSame() {
        String lesson = yard.lesson(yard.pair());
        List<Map<String, Object>> ride = awkward(lesson);
        String file = Client.JSON.writeValueAsString(Map.of("entries", ride));
        assertThat(take(file, true).path("stored").asInt()).isEqualTo(ride.size() - 1);
        assertThat(entries(lesson)).as("a trial stores nothing").isEmpty();
        JsonNode taken = take(file, false);
        assertThat(taken.path("odd").asInt()).as("of a kind from tomorrow").isEqualTo(1);
        assertThat(taken.path("refused")).isEmpty();

        String out = text(lesson, "entries.json");
        JsonNode document = Client.JSON.readTree(out);
        assertThat(document.path("format").asString()).isEqualTo("strophos.entries");
        assertThat(document.path("entries").valueStream())
                .as("it says who brought it in")
                .allSatisfy(e -> assertThat(e.path("importedBy").asString()).isEqualTo(coach.person()));
        assertThat(document.path("entries")
                        .valueStream()
                        .map(e -> (JsonNode) ((ObjectNode) e.deepCopy()).without(List.of("receivedAtMs", "importedBy")))
                        .toList())
                .containsExactlyInAnyOrderElementsOf(Client.JSON
                        .readTree(Client.JSON.writeValueAsString(ride))
                        .valueStream()
                        .toList());
        assertThat(take(out, false).path("already").asInt()).isEqualTo(ride.size());
        assertThat(text(lesson, "entries.json")).isEqualTo(out);
    }

    /** The same ride under other ids in another lesson, by way of a CSV; put back, the two files are one. */
    @Test
    void takesInTheCsvItGaveOutAndGivesOutTheSame() {
        String pair = yard.pair();
        String from = yard.lesson(pair);
        List<Map<String, Object>> ride = awkward(from);
        yard.send(ride);
        String out = text(from, "entries.csv");
        Map<String, String> others = new HashMap<>();
        others.put(from, yard.lesson(yard.pair()));
        ride.forEach(e -> others.put((String) e.get("id"), UUID.randomUUID().toString()));
        String moved = out;
        for (Map.Entry<String, String> id : others.entrySet()) {
            moved = moved.replace(id.getKey(), id.getValue());
        }
        JsonNode taken = take(moved, false);
        assertThat(taken.path("stored").asInt() + taken.path("odd").asInt()).isEqualTo(ride.size());
        String back = text(others.get(from), "entries.csv");
        for (Map.Entry<String, String> id : others.entrySet()) {
            back = back.replace(id.getValue(), id.getKey());
        }
        assertThat(back).isEqualTo(out);
        String rows = yard.debrief(others.get(from)).path("rows").toString();
        for (Map.Entry<String, String> id : others.entrySet()) {
            rows = rows.replace(id.getValue(), id.getKey());
        }
        assertThat(rows).isEqualTo(yard.debrief(from).path("rows").toString());
    }

    /** All that is hard for a file: quotation marks, line ends, separators, other scripts, numbers at their edges. */
    private static List<Map<String, Object>> awkward(String lesson) {
        List<Map<String, Object>> ride = new ArrayList<>(yard.ride(lesson, 2, "BRACE", 1, true));
        ride.add(yard.entry(lesson, "note", Map.of("text", "\"softer\", then; \r\nö 馬 = 1 + 1\t\\n")));
        Map<String, Object> tomorrow = new LinkedHashMap<>();
        tomorrow.put("z", List.of(1, 2.5, -9007199254740991L));
        tomorrow.put("a", Map.of("deep", true, "none", ""));
        ride.add(yard.entry(lesson, "from_tomorrow", tomorrow));
        return ride;
    }

    @Test
    void saysOfEachEntryThatCannotComeInWhy() {
        String lesson = yard.lesson(yard.pair());
        Map<String, Object> good = yard.entry(lesson, "note", Map.of("text", "good"));
        Map<String, Object> nobody = yard.entry(lesson, "note", Map.of("text", "by nobody"));
        nobody.put("author", UUID.randomUUID().toString());
        Map<String, Object> nowhere = yard.entry(UUID.randomUUID().toString(), "note", Map.of("text", "nowhere"));
        Map<String, Object> bad = yard.entry(lesson, "note", Map.of("text", "bad"));
        bad.put("seq", "first");
        JsonNode taken = take(Client.JSON.writeValueAsString(List.of(good, nobody, nowhere, bad)), false);
        assertThat(taken.path("stored").asInt()).isEqualTo(1);
        assertThat(taken.path("refused").valueStream())
                .extracting(r -> r.path("entry").asInt() + " " + r.path("code").asString())
                .containsExactly("2 UNKNOWN_AUTHOR", "3 UNKNOWN_LESSON", "4 ENVELOPE");
    }

    @Test
    void takesWhatAnotherOfTheYardRecorded() {
        String lesson = yard.lesson(yard.pair());
        Map<String, Object> note = yard.entry(lesson, "note", Map.of("text", "saved from the assistant's phone"));
        note.put("author", App.demo().as("kwame").person());
        note.put("device", UUID.randomUUID().toString());
        assertThat(take(Client.JSON.writeValueAsString(List.of(note)), false)
                        .path("stored")
                        .asInt())
                .isEqualTo(1);
        assertThat(entries(lesson).get(0).path("author")).isEqualTo(Client.JSON.valueToTree(note.get("author")));
    }

    @Test
    void takesNothingOntoAnothersDevice() {
        String lesson = yard.lesson(yard.pair());
        Map<String, Object> own = yard.entry(lesson, "note", Map.of("text", "the coach's"));
        Map<String, Object> foreign = yard.entry(lesson, "clock", Map.of("offsetMs", 315_360_000_000L));
        foreign.put("author", App.demo().as("kwame").person());
        JsonNode taken = take(Client.JSON.writeValueAsString(List.of(own, foreign)), false);
        assertThat(taken.path("stored").asInt()).isEqualTo(1);
        assertThat(taken.path("refused").path(0).path("code").asString()).isEqualTo("FOREIGN_DEVICE");
    }

    @Test
    void saysHowMuchIsTakenBeforeAnyWorkIsDone() {
        String line = "x,".repeat(70) + "\n";
        String lesson = yard.lesson(yard.pair());
        for (String text : List.of("time,exercise\n" + ",\n".repeat(2000), line)) {
            Client.Reply sheet = coach.post(
                    "/api/v1/lessons/" + lesson + "/sheet", Map.of("text", text, "isTrial", true, "leaveOut", false));
            assertThat(sheet.status() + " " + sheet.code()).isEqualTo("422 table_too_large");
            assertThat(sheet.body().path("detail").asString()).contains("2000 lines", "60 columns");
        }
        Client.Reply file =
                coach.post("/api/v1/files", Map.of("text", "[" + "1,".repeat(10_000) + "1]", "isTrial", true));
        assertThat(file.status() + " " + file.code()).isEqualTo("422 table_too_large");
    }

    @ParameterizedTest
    @ValueSource(ints = {-1, 2, Integer.MAX_VALUE})
    void aColumnThatTheTableDoesNotHaveIsAnIssue(int column) {
        Client.Reply reply = coach.post(
                "/api/v1/lessons/" + yard.lesson(yard.pair()) + "/sheet",
                Map.of("text", "a,b\n1,2", "columns", Map.of("REIN", column), "isTrial", true, "leaveOut", false));
        assertThat(reply.status()).isEqualTo(422);
        assertThat(reply.body().path("issues").path(0).path("path").asString()).isEqualTo("columns.REIN");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '\'',
            value = {
                "{\"entries\": [{                | no_entries | line 1",
                "{\"entries\": 7}                | no_entries | no list of entries",
                "{\"entries\": [{\"v\":1,\"v\":1}]} | no_entries | appears twice",
                "{\"version\": 2, \"entries\":[]}| no_entries | later version",
                "id,lesson,device                | no_entries | must name the columns",
                "id,\"lesson                     | csv_broken | quotation mark"
            })
    void saysOfATextThatIsNoFileWhatIsWrong(String text, String code, String detail) {
        Client.Reply reply = coach.post("/api/v1/files", Map.of("text", text, "isTrial", true));
        assertThat(reply.status()).isEqualTo(422);
        assertThat(reply.code()).isEqualTo(code);
        assertThat(reply.body().path("detail").asString()).contains(detail);
    }

    @Test
    void looksAtAForeignTableAndTakesItWhenItIsWhole() {
        String lesson = yard.lesson(yard.pair());
        String table = "\uFEFFTime;Task;Rein;Level;Answer\r\n"
                + "12:05;Counter-bend on the rail;left;2;yes\r\n"
                + "12:05:20;;;3;perhaps\r\n"
                + "\r\n"
                + "12:07;;right;2;yes\r\n";
        JsonNode seen = sheet(lesson, table, true, false).body();
        assertThat(seen.path("columns").path("EXERCISE").asInt()).isEqualTo(1);
        assertThat(seen.path("issues").valueStream())
                .extracting(i -> i.path("line").asInt() + " " + i.path("column").asString() + " "
                        + i.path("code").asString() + " " + i.path("value").asString())
                .containsExactly("3 RESPONSE UNKNOWN_WORD perhaps");
        assertThat(seen.path("lines")).hasSize(2);
        assertThat(sheet(lesson, table, false, false).status()).isEqualTo(422);
        assertThat(entries(lesson)).isEmpty();

        JsonNode taken = sheet(lesson, table, false, true).body();
        // start, two segments, two asks, end
        assertThat(taken.path("stored").asInt()).isEqualTo(6);
        assertThat(sheet(lesson, table, false, true).body().path("stored").asInt())
                .as("the same table again is the same entries")
                .isZero();
        assertThat(sheet(lesson, table.replace("perhaps", "try"), false, false).code())
                .isEqualTo("has_record");
        assertThat(yard.debrief(lesson).path("rows").path(0).path("exercise").asString())
                .isEqualTo("counter-bend");
        assertThat(text(lesson, "asks.csv"))
                .startsWith("time,exercise,gait,place,rein,rides,strength,first,response,release,slip\r\n")
                .contains("2026-11-24T12:05,counter-bend,walk,rail,left,rider,2,,yes,,\r\n");
    }

    @Test
    void asksForColumnsThatItDoesNotFindAndTakesThemAsTold() {
        String lesson = yard.lesson(yard.pair());
        String table = "Seite\tStufe\tAntwort\nleft\t2\tyes\n";
        assertThat(sheet(lesson, table, true, false).body().path("missing").valueStream())
                .extracting(JsonNode::asString)
                .containsExactly("REIN", "STRENGTH", "RESPONSE");
        Map<String, Object> told = new LinkedHashMap<>();
        told.put("text", table);
        told.put("columns", Map.of("REIN", 0, "STRENGTH", 1, "RESPONSE", 2));
        told.put("exercise", "counter-bend");
        told.put("isTrial", true);
        told.put("leaveOut", false);
        JsonNode seen = coach.post("/api/v1/lessons/" + lesson + "/sheet", told).body();
        assertThat(seen.path("issues")).isEmpty();
        assertThat(seen.path("lines").path(0).path("rein").asString()).isEqualTo("LEFT");
        assertThat(seen.path("stored").asInt()).as("of a trial").isEqualTo(4);
        assertThat(entries(lesson)).isEmpty();
    }

    private static JsonNode take(String text, boolean isTrial) {
        Client.Reply reply = coach.post("/api/v1/files", Map.of("text", text, "isTrial", isTrial));
        assertThat(reply.status()).as(reply.raw().body()).isEqualTo(200);
        return reply.body();
    }

    private static Client.Reply sheet(String lesson, String text, boolean isTrial, boolean leaveOut) {
        return coach.post(
                "/api/v1/lessons/" + lesson + "/sheet", Map.of("text", text, "isTrial", isTrial, "leaveOut", leaveOut));
    }

    private static String text(String lesson, String file) {
        return coach.get("/api/v1/lessons/" + lesson + "/files/" + file).raw().body();
    }

    private static JsonNode entries(String lesson) {
        return coach.get("/api/v1/lessons/" + lesson + "/entries").body().path("entries");
    }
}
