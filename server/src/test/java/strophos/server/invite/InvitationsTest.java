package strophos.server.invite;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import strophos.server.harness.App;
import strophos.server.harness.Client;
import strophos.server.harness.Yard;

class InvitationsTest {

    private static Client coach;
    private static Yard yard;

    @BeforeAll
    static void signIn() {
        coach = App.demo().as("ottilie");
        yard = new Yard(coach);
    }

    private static Client.Reply invite(String pair) {
        String rider = coach.get("/api/v1/pairs/" + pair + "/people")
                .body()
                .path("people")
                .path(0)
                .path("id")
                .asString();
        return coach.post("/api/v1/pairs/" + pair + "/invitations", Map.of("person", rider));
    }

    private static Map<String, Object> joining(String token, String name) {
        return Map.of("token", token, "signInName", name, "password", "a long password");
    }

    private static String name() {
        return "n" + UUID.randomUUID().toString().substring(0, 12);
    }

    @Test
    void worksOnceAndShowsOnlyTheOwnPair() {
        String pair = yard.pair();
        String token = invite(pair).body().path("token").asString();
        Client rider = App.demo().client();
        assertThat(rider.post("/api/v1/invited", Map.of("token", token))
                        .body()
                        .path("yard")
                        .asString())
                .isEqualTo("Saltmarsh Ford");
        String name = name();
        assertThat(rider.post("/api/v1/join", joining(token, name)).status()).isEqualTo(200);
        assertThat(rider.get("/api/v1/pairs").body().path("pairs").size()).isEqualTo(1);
        Client.Reply again = App.demo().client().post("/api/v1/join", joining(token, name()));
        assertThat(again.status()).isEqualTo(410);
        assertThat(again.code()).isEqualTo("invitation_gone");
        assertThat(invite(pair).code()).isEqualTo("can_sign_in");
        assertThat(App.demo().client().signIn(name, "a long password").status()).isEqualTo(200);
    }

    @Test
    void aTakenNameIsRefusedAndTheInvitationStillHolds() {
        String token = invite(yard.pair()).body().path("token").asString();
        Client rider = App.demo().client();
        Client.Reply taken = rider.post("/api/v1/join", joining(token, "imre"));
        assertThat(taken.status()).isEqualTo(422);
        assertThat(taken.body().path("issues").path(0).path("code").asString()).isEqualTo("taken");
        assertThat(rider.post("/api/v1/join", joining(token, name())).status()).isEqualTo(200);
    }

    @Test
    void aGuessedTokenIsNobodys() {
        Client.Reply reply = App.demo().client().post("/api/v1/invited", Map.of("token", "guess"));
        assertThat(reply.status()).isEqualTo(410);
    }

    @Test
    void onlyPeopleOfThePairAreInvited() {
        Client.Reply reply =
                coach.post("/api/v1/pairs/" + yard.pair() + "/invitations", Map.of("person", UUID.randomUUID()));
        assertThat(reply.body().path("issues").path(0).path("code").asString()).isEqualTo("unknown_id");
    }
}
