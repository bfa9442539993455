package strophos.server.cue;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import strophos.server.harness.App;
import strophos.server.harness.Client;
import strophos.server.harness.Yard;
import tools.jackson.databind.JsonNode;

class CueTest {

    private final Client coach = App.demo().as("ottilie");
    private final String pair = new Yard(coach).pair();

    private Client.Reply change(String id, int version, String signal, String meaning, String gait, boolean isPutAway) {
        Map<String, Object> cue = new LinkedHashMap<>();
        cue.put("signal", signal);
        cue.put("meaning", meaning);
        cue.put("gait", gait);
        cue.put("isProven", true);
        cue.put("isPutAway", isPutAway);
        return coach.put("/api/v1/pairs/" + pair + "/cues/" + id, Map.of("version", version, "cue", cue));
    }

    @Test
    void aSignalWithTwoMeaningsIsPointedOutUntilOneIsPutAway() {
        change(UUID.randomUUID().toString(), 0, "Both legs, once", "a longer step", null, false);
        String quicker = UUID.randomUUID().toString();
        Client.Reply both = change(quicker, 0, "both legs once", "quicker", "TROT", false);

        assertThat(both.body().path("clashes").size()).isEqualTo(1);
        JsonNode clash = both.body().path("clashes").path(0);
        assertThat(List.of(clash.path("first").asString(), clash.path("second").asString()))
                .containsExactlyInAnyOrder("a longer step", "quicker");

        Client.Reply away = change(quicker, 1, "both legs once", "quicker", "TROT", true);
        assertThat(away.body().path("clashes").isEmpty()).isTrue();
        assertThat(away.body().path("cues").size()).as("it stays to be read").isEqualTo(2);
        assertThat(change(quicker, 1, "both legs once", "quicker", "TROT", false)
                        .code())
                .isEqualTo("changed_meanwhile");
        assertThat(change(UUID.randomUUID().toString(), 0, " ", "halt", null, false)
                        .status())
                .isEqualTo(422);
    }
}
