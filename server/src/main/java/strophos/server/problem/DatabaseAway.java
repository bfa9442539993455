package strophos.server.problem;

import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import java.time.Duration;
import java.util.Set;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.TransactionSystemException;

/**
 * The database cannot be reached: it ends, it starts, it cannot be reached, or all its connections are in use. Nothing of ours has failed and
 * nothing was changed; whoever asked keeps what they have and asks again.
 */
final class DatabaseAway {

    private static final Duration SOON = Duration.ofSeconds(5);

    /** SQLSTATE: class 08 is a connection; 57P01 to 57P05 an operator, a crash, a start (PostgreSQL 15, appendix A). */
    private static final String CONNECTION = "08";

    private static final Set<String> SHUT_DOWN = Set.of("57P01", "57P02", "57P03", "57P04", "57P05");

    private DatabaseAway() {}

    /** Whether this is why. */
    static boolean isCauseOf(Throwable failure) {
        for (Throwable cause = failure; cause != null; cause = cause.getCause()) {
            boolean isIt = cause instanceof SQLTransientConnectionException
                    || cause instanceof SQLException e && isAway(e.getSQLState())
                    // the pool has taken the broken connection away, and says so without a state
                    || cause instanceof TransactionSystemException c
                            && c.getCause() instanceof SQLException e
                            && e.getSQLState() == null
                    // going back failed as well, and hides why
                    || cause instanceof TransactionSystemException t && isCauseOf(t.getApplicationException());
            if (isIt) {
                return true;
            }
        }
        return false;
    }

    private static boolean isAway(String state) {
        return state != null && (state.startsWith(CONNECTION) || SHUT_DOWN.contains(state));
    }

    static Problem problem() {
        return new Problem(
                        HttpStatus.SERVICE_UNAVAILABLE,
                        "away",
                        "The database cannot be reached; nothing was changed. Try again in a few seconds.")
                .after(SOON);
    }
}
