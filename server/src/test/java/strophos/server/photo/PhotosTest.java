package strophos.server.photo;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.InputStream;
import java.security.MessageDigest;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.HexFormat;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import strophos.server.harness.App;
import strophos.server.harness.Client;
import strophos.server.harness.Yard;
import tools.jackson.databind.JsonNode;

class PhotosTest {

    private static final LocalDate TODAY = LocalDate.ofInstant(App.START, ZoneOffset.UTC);

    private final Client coach = App.demo().as("ottilie");
    private final Yard yard = new Yard(coach);
    private final String pair = yard.pair();
    private final String photos = "/api/v1/pairs/" + pair + "/photos";
    private byte[] picture;
    private String sha256;

    @BeforeEach
    void read() throws Exception {
        try (InputStream in = PhotosTest.class.getResourceAsStream("/attachment/dot.jpeg")) {
            picture = in.readAllBytes();
        }
        sha256 = HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(picture));
    }

    private Client.Reply add(String digest, LocalDate on) {
        return coach.post(
                photos, Map.of("id", UUID.randomUUID(), "sha256", digest, "view", "LEFT", "takenOn", on.toString()));
    }

    @Test
    void aPhotoIsTheHorsesAndIsShownToWhomMayPlan() {
        coach.putBytes(photos + "/" + sha256, picture);
        assertThat(coach.get(photos + "/" + sha256).status())
                .as("not yet said what it shows")
                .isEqualTo(404);
        JsonNode view = add(sha256, TODAY.minusWeeks(8)).body();
        assertThat(view.path("photos").path(0).path("view").asString()).isEqualTo("LEFT");

        String second = yard.secondPair(pair, "Lindiwe Achterberg");
        assertThat(coach.fetch("/api/v1/pairs/" + second + "/photos/" + sha256).body())
                .as("whoever rides it")
                .isEqualTo(picture);
        assertThat(coach.get("/api/v1/pairs/" + yard.pair() + "/photos/" + sha256)
                        .status())
                .as("of another horse")
                .isEqualTo(404);
        assertThat(App.demo().as("imre").get(photos).status()).isEqualTo(403);
    }

    @Test
    void whatIsPutAwayStaysAndComesBack() {
        coach.putBytes(photos + "/" + sha256, picture);
        add(sha256, TODAY);
        String away = photos + "/" + sha256 + "/away";

        assertThat(coach.put(away, Map.of("isPutAway", true))
                        .body()
                        .path("photos")
                        .path(0)
                        .path("isPutAway")
                        .asBoolean())
                .isTrue();
        assertThat(coach.put(away, Map.of("isPutAway", false))
                        .body()
                        .path("photos")
                        .path(0)
                        .path("isPutAway")
                        .asBoolean())
                .isFalse();
    }

    @Test
    void aPictureThatIsNotThereOrOfTomorrowIsRefused() {
        coach.putBytes(photos + "/" + sha256, picture);

        assertThat(add("0".repeat(64), TODAY)
                        .body()
                        .path("issues")
                        .path(0)
                        .path("path")
                        .asString())
                .isEqualTo("sha256");
        assertThat(add(sha256, TODAY.plusDays(2))
                        .body()
                        .path("issues")
                        .path(0)
                        .path("code")
                        .asString())
                .isEqualTo("not_yet");
    }
}
