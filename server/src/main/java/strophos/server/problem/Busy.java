package strophos.server.problem;

import java.time.Duration;
import org.springframework.http.HttpStatus;

/** More at once than is taken at once: nothing was looked at, nothing was changed. */
public final class Busy {

    private static final Duration SOON = Duration.ofSeconds(5);

    private Busy() {}

    /** The answer to whoever is too many. */
    public static Problem problem() {
        return new Problem(
                        HttpStatus.SERVICE_UNAVAILABLE,
                        "busy",
                        "Too many requests at once; nothing was changed. Try again in a few seconds.")
                .after(SOON);
    }
}
