package strophos.server.problem;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.SQLException;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.transaction.TransactionSystemException;
import strophos.server.harness.App;
import strophos.server.harness.Client;

/** A database that is away is said as such, before and behind the session, and nothing is a failure of ours. */
class AwayTest {

    @Test
    void aDatabaseThatIsAwayIsSaidAndWhoIsSignedInGoesOnAfterwards() {
        Client coach = App.demo().as("ottilie");
        Client balancer = App.demo().operator();
        assertThat(balancer.get("/actuator/health/readiness").status()).isEqualTo(200);
        App.withoutDatabase(() -> {
            assertIsAway(coach.get("/api/v1/today"));
            assertIsAway(coach.send("POST", "/api/v1/entries", "{\"entries\":[]}", true));
            assertThat(balancer.get("/actuator/health/readiness").status())
                    .as("nobody is sent here meanwhile")
                    .isEqualTo(503);
            assertThat(balancer.get("/actuator/health/liveness").status()).isEqualTo(200);
        });
        assertThat(coach.get("/api/v1/today").status()).isEqualTo(200);
    }

    private static void assertIsAway(Client.Reply reply) {
        assertThat(reply.status() + " " + reply.code()).isEqualTo("503 away");
        assertThat(reply.header("Retry-After")).isEqualTo("5");
        assertThat(reply.body().path("requestId").asString()).isNotBlank();
    }

    /** PostgreSQL 15, appendix A: what is a connection or a shutdown, and what is not. */
    @ParameterizedTest
    @CsvSource({
        "08006, true",
        "08001, true",
        "57P01, true",
        "57P03, true",
        "57014, false",
        "23505, false",
        "40001, false",
        "53100, false"
    })
    void onlyAConnectionOrAShutdownIsAway(String state, boolean isAway) {
        assertThat(DatabaseAway.isCauseOf(new IllegalStateException(new SQLException("it is", state))))
                .isEqualTo(isAway);
    }

    /** As the pool says it: the connection was found broken by the commit, and is gone when it is rolled back. */
    @Test
    void aConnectionThatThePoolTookAwayIsAway() {
        var failure = new TransactionSystemException("JDBC rollback failed", new SQLException("Connection is closed"));
        assertThat(DatabaseAway.isCauseOf(failure)).isTrue();
        assertThat(DatabaseAway.isCauseOf(new IllegalStateException(new SQLException("something else"))))
                .isFalse();
    }
}
