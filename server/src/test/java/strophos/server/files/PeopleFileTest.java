package strophos.server.files;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import strophos.server.harness.App;
import strophos.server.harness.Client;
import tools.jackson.databind.JsonNode;

class PeopleFileTest {

    private final Client coach = App.demo().as("ottilie");

    /** Names of this test alone: the demo is shared. */
    private final String mark = UUID.randomUUID().toString().substring(0, 8);

    private Client.Reply take(String text, boolean isTrial, boolean leaveOut) {
        Map<String, Object> body = new LinkedHashMap<>();
        body.put("text", text);
        body.put("school", "GAITED");
        body.put("isTrial", isTrial);
        body.put("leaveOut", leaveOut);
        return coach.post("/api/v1/people", body);
    }

    private static List<String> effects(JsonNode view) {
        return view.path("lines")
                .valueStream()
                .map(l -> l.path("line").path("line").asInt() + " "
                        + l.path("effect").asString()
                        + (l.path("isNewRider").asBoolean() ? " rider" : "")
                        + (l.path("isNewHorse").asBoolean() ? " horse" : ""))
                .toList();
    }

    /** As a spreadsheet with a decimal comma writes it, with a byte order mark. */
    private String table() {
        return ("\uFEFFName;Horse;School;Height cm;Year;Goal\r\n"
                        + "Ana #;Heron #;forward seat;152;2015;\"Jump, and laugh.\"\r\n"
                        + "Ana #;Curlew #;;;;\r\n"
                        + ";;;;;\r\n"
                        + "Bo #;heron #;Reward-based;;;\r\n"
                        + "ANA #;Heron #;;;;\r\n")
                .replace("#", mark);
    }

    @Test
    void aTrialSaysWhatWouldBecomeOfEachLineAndTakesNothing() {
        JsonNode trial = take(table(), true, false).body();

        assertThat(effects(trial)).containsExactly("2 ADDS rider horse", "3 ADDS horse", "5 ADDS rider", "6 IS_THERE");
        assertThat(trial.path("added").asInt()).isEqualTo(3);
        assertThat(effects(take(table(), true, false).body()))
                .as("nothing was taken")
                .isEqualTo(effects(trial));
    }

    @Test
    void whatIsTakenIsThereAndTakenOnce() {
        assertThat(take(table(), false, false).body().path("added").asInt()).isEqualTo(3);
        JsonNode again = take(table(), false, false).body();
        assertThat(again.path("added").asInt()).isZero();

        String out = new String(coach.fetch("/api/v1/people.csv").body());
        assertThat(out.lines()).first().isEqualTo("rider,horse,school,height_cm,born,goal");
        assertThat(out.lines().filter(l -> l.contains(mark)))
                .containsExactlyInAnyOrder(
                        "Ana %s,Heron %s,forward seat,152,2015,\"Jump, and laugh.\"".replace("%s", mark),
                        "Ana %s,Curlew %s,gaited,,,".replace("%s", mark),
                        "Bo %s,Heron %s,reward based,152,2015,".replace("%s", mark));
        assertThat(take(out, true, true).body().path("added").asInt())
                .as("what came out goes in as what is there")
                .isZero();
    }

    @Test
    void whatCannotBeReadIsSaidByItsCellAndNothingIsTakenUntilItIsLeftOut() {
        String text = "rider,horse,school,height\nCy #,,circus,9000\nDee #,Dunlin #,,\n".replace("#", mark);
        JsonNode trial = take(text, true, false).body();

        assertThat(trial.path("issues")
                        .valueStream()
                        .map(i -> "%d %s %s"
                                .formatted(
                                        i.path("line").asInt(),
                                        i.path("column").asString(),
                                        i.path("code").asString())))
                .containsExactly("2 HORSE MISSING", "2 SCHOOL UNKNOWN_SCHOOL", "2 HEIGHT_CM NOT_A_NUMBER");
        assertThat(take(text, false, false).status()).isEqualTo(422);
        assertThat(take(text, false, true).body().path("added").asInt()).isEqualTo(1);
    }

    @Test
    void twoOfOneNameAreAskedForByHand() {
        coach.post("/api/v1/pairs", Map.of("rider", "Eli " + mark, "horse", "Egret " + mark, "school", "GAITED"));
        coach.post("/api/v1/pairs", Map.of("rider", "Eli " + mark, "horse", "Plover " + mark, "school", "GAITED"));
        JsonNode trial = take("rider,horse\nEli #,Knot #\n".replace("#", mark), true, false)
                .body();

        assertThat(effects(trial)).containsExactly("2 TWO_OF_THIS_NAME");
    }

    @Test
    void aTableWithoutNamesOrTooLongIsRefusedBeforeAnyWork() {
        assertThat(take("horse,goal\nHeron,jump\n", true, false)
                        .body()
                        .path("missing")
                        .path(0)
                        .asString())
                .isEqualTo("RIDER");
        assertThat(take("horse,goal\nHeron,jump\n", false, true).status()).isEqualTo(422);
        assertThat(take("rider,horse\n" + "a,b\n".repeat(201), true, false).code())
                .isEqualTo("table_too_large");
    }
}
