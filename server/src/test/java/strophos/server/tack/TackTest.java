package strophos.server.tack;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import strophos.server.harness.App;
import strophos.server.harness.Client;
import strophos.server.harness.Yard;
import tools.jackson.databind.JsonNode;

class TackTest {

    private static final LocalDate TODAY = LocalDate.ofInstant(App.START, java.time.ZoneOffset.UTC);

    private final Client coach = App.demo().as("ottilie");
    private final Yard yard = new Yard(coach);
    private final String pair = yard.pair();

    private Client.Reply change(String id, int version, Map<String, Object> piece) {
        return coach.put("/api/v1/pairs/" + pair + "/tack/" + id, Map.of("version", version, "piece", piece));
    }

    private JsonNode add(Map<String, Object> piece) {
        Client.Reply reply = change(UUID.randomUUID().toString(), 0, piece);
        assertThat(reply.status()).as("%s", reply.body()).isEqualTo(200);
        return reply.body();
    }

    private static Map<String, Object> piece(String kind, String name, String headgear, LocalDate since) {
        Map<String, Object> piece = new LinkedHashMap<>();
        piece.put("kind", kind);
        piece.put("name", name);
        piece.put("headgear", headgear);
        piece.put("since", since == null ? null : since.toString());
        return piece;
    }

    /** Statics; worked by hand: 4 kg on 7 in below and 2 in above are 14 kg at the chin and 18 in the mouth at 90°. */
    @Test
    void aCurbSaysWhatTheReinBecomes() {
        Map<String, Object> curb = piece("HEADGEAR", "The old curb", "long-shanked-curb", TODAY);
        curb.put("aboveMm", 50);
        curb.put("belowMm", 175);
        curb.put("slackMm", 60);
        JsonNode lever = add(curb).path("pieces").path(0).path("lever");

        assertThat(lever.path("ratio").asDouble()).isCloseTo(3.5, within(1e-9));
        assertThat(lever.path("isUsualSize").asBoolean()).isFalse();
        assertThat(lever.path("chain").path("timing").asString())
                .as("6 cm of slack on 5 cm of shank")
                .isEqualTo("NEVER");
        assertThat(pull(lever, 4, 90)).containsExactly(14.00, 18.00);
        assertThat(pull(lever, 4, 45)).containsExactly(9.90, 13.90);
        assertThat(pull(lever, 4, 0)).containsExactly(0.0, 4.0);
    }

    private static List<Double> pull(JsonNode lever, double rein, double angle) {
        JsonNode pull = lever.path("pulls")
                .valueStream()
                .filter(p -> p.path("reinKg").asDouble() == rein
                        && p.path("angleDeg").asDouble() == angle)
                .findFirst()
                .orElseThrow();
        return List.of(
                Math.round(100 * pull.path("chinKg").asDouble()) / 100.0,
                Math.round(100 * pull.path("mouthKg").asDouble()) / 100.0);
    }

    @Test
    void datesSayWhatIsInUseAndWhatMustHoldFirst() {
        add(piece("HEADGEAR", "Snaffle", "double-jointed-snaffle", TODAY.minusDays(30)));
        Map<String, Object> later = piece("SIDE_REINS", "Side reins", null, null);
        later.put("firstHolds", "Three lessons of free forward trot on both reins.");
        add(later);
        Map<String, Object> old = piece("SADDLE", "The borrowed saddle", null, TODAY.minusDays(60));
        old.put("until", TODAY.toString());
        JsonNode view = add(old);

        assertThat(view.path("pieces")
                        .valueStream()
                        .map(p -> p.path("piece").path("kind").asString() + " "
                                + p.path("stage").asString()))
                .containsExactly("HEADGEAR IN_USE", "SIDE_REINS LATER", "SADDLE PUT_AWAY");
        assertThat(view.path("now").asString()).isEqualTo("double-jointed-snaffle");
        JsonNode pelham = view.path("headgears")
                .valueStream()
                .filter(h -> h.path("id").asString().equals("pelham"))
                .findFirst()
                .orElseThrow();
        assertThat(pelham.path("brings").path("action").asString()).isEqualTo("LEVER");
        assertThat(pelham.path("brings").path("places").valueStream().map(JsonNode::asString))
                .containsExactly("CURB_GROOVE", "POLL");
    }

    @Test
    void whatCannotBeSoIsRefusedByItsField() {
        Map<String, Object> wrong = piece("SADDLE", "A saddle", "pelham", TODAY);
        wrong.put("aboveMm", 50);
        wrong.put("until", TODAY.minusDays(1).toString());
        Client.Reply reply = change(UUID.randomUUID().toString(), 0, wrong);

        assertThat(reply.status()).isEqualTo(422);
        assertThat(reply.body()
                        .path("issues")
                        .valueStream()
                        .map(i -> i.path("path").asString()))
                .containsExactly("piece.headgear", "piece.belowMm", "piece.until");
        assertThat(change(UUID.randomUUID().toString(), 0, piece("HEADGEAR", "Odd", "a-shoe", TODAY))
                        .body()
                        .path("issues")
                        .path(0)
                        .path("code")
                        .asString())
                .isEqualTo("unknown_id");
    }

    @Test
    void twoWhoChangeOnePieceDoNotOverwriteEachOther() {
        String id = UUID.randomUUID().toString();
        change(id, 0, piece("GIRTH", "Girth", null, TODAY));

        assertThat(change(id, 1, piece("GIRTH", "Soft girth", null, TODAY)).status())
                .isEqualTo(200);
        assertThat(change(id, 1, piece("GIRTH", "Long girth", null, TODAY)).code())
                .isEqualTo("changed_meanwhile");
        assertThat(coach.put(
                                "/api/v1/pairs/" + yard.pair() + "/tack/" + id,
                                Map.of("version", 2, "piece", piece("GIRTH", "Long girth", null, TODAY)))
                        .status())
                .as("of another pair")
                .isEqualTo(412);
    }

    /** The log says what was worn where the tack does not; answers on the same rung are laid beside each other. */
    @Test
    void answersLieBesideEachOtherByHeadgear() {
        add(piece("HEADGEAR", "Snaffle", "double-jointed-snaffle", TODAY.minusDays(30)));
        yard.ridden(pair, 2, "BRACE", 6);
        String halter = yard.lesson(pair);
        List<Map<String, Object>> entries = new ArrayList<>(yard.ride(halter, 7, "TRY", 1, true));
        entries.add(yard.entry(halter, "headgear", Map.of("headgear", "side-pull")));
        entries.add(yard.entry(halter, "headgear", Map.of("headgear", "rope-halter")));
        yard.send(entries);
        JsonNode beside = coach.get("/api/v1/pairs/" + pair + "/tack").body().path("beside");

        assertThat(beside.valueStream()
                        .map(b -> "%s %d of %d in %d"
                                .formatted(
                                        b.path("headgear").asString(),
                                        b.path("yes").asInt(),
                                        b.path("asks").asInt(),
                                        b.path("lessons").asInt())))
                .containsExactly("double-jointed-snaffle 4 of 16 in 1", "rope-halter 14 of 16 in 1");
        JsonNode packet =
                coach.get("/api/v1/lessons/" + yard.lesson(pair) + "/packet").body();
        JsonNode worn =
                coach.get("/api/v1/lessons/" + halter + "/debrief").body().path("headgear");
        assertThat(worn.path("id").asString()).isEqualTo("rope-halter");
        assertThat(worn.path("name").asString()).isEqualTo("Rope halter");
        assertThat(packet.path("headgear").path("now").asString()).isEqualTo("double-jointed-snaffle");
        assertThat(packet.path("headgear").path("all").size()).isGreaterThan(15);
    }
}
