package strophos.server.problem;

import java.time.Duration;
import java.util.List;
import java.util.OptionalLong;
import org.springframework.http.HttpStatus;

/** An expected refusal: the status, a stable code, and a sentence that says what to do. */
public class Problem extends RuntimeException {

    private final HttpStatus status;
    private final String code;
    private final transient List<Issue> issues;
    private Duration retryAfter;

    public Problem(HttpStatus status, String code, String detail, List<Issue> issues) {
        super(detail, null, false, false);
        this.status = status;
        this.code = code;
        this.issues = List.copyOf(issues);
    }

    public Problem(HttpStatus status, String code, String detail) {
        this(status, code, detail, List.of());
    }

    /** The same, and how long to wait before asking again. */
    public Problem after(Duration wait) {
        retryAfter = wait;
        return this;
    }

    /** Seconds to wait before asking again; empty where asking again changes nothing. */
    OptionalLong retryAfterS() {
        return retryAfter == null ? OptionalLong.empty() : OptionalLong.of(Math.max(1, retryAfter.toSeconds()));
    }

    /** The answer to an id in a path that is malformed, unknown or another's: they must not be told apart. */
    public static Problem notFound() {
        return new Problem(
                HttpStatus.NOT_FOUND, "not_found", "There is nothing here that you can see; go back to Today.");
    }

    /** The answer when something of ours failed. */
    static Problem failure() {
        return new Problem(
                HttpStatus.INTERNAL_SERVER_ERROR,
                "failure",
                "Something failed on our side and nothing was changed; try again, and tell us the request id.");
    }

    /** The answer to values that cannot be taken. */
    public static Problem refused(List<Issue> issues) {
        return new Problem(
                HttpStatus.UNPROCESSABLE_CONTENT, "refused", "Some values cannot be taken; see the issues.", issues);
    }

    /** The answer when somebody else changed what is to be changed, since it was read. */
    public static Problem changedMeanwhile() {
        return new Problem(
                HttpStatus.PRECONDITION_FAILED,
                "changed_meanwhile",
                "Somebody changed this meanwhile; look at it again, then change it.");
    }

    HttpStatus status() {
        return status;
    }

    String code() {
        return code;
    }

    List<Issue> issues() {
        return issues;
    }
}
