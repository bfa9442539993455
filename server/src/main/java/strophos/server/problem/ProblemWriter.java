package strophos.server.problem;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Writes a problem where no controller answers: in filters. */
@Component
public class ProblemWriter {

    /** What it was, for whoever reads heads only: a balancer, the log. */
    static final String CODE = "X-Problem-Code";

    private final JsonMapper json;

    ProblemWriter(JsonMapper json) {
        this.json = json;
    }

    public void write(HttpServletResponse response, Problem problem) throws IOException {
        response.setStatus(problem.status().value());
        response.setHeader(CODE, problem.code());
        problem.retryAfterS().ifPresent(s -> response.setHeader(HttpHeaders.RETRY_AFTER, String.valueOf(s)));
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        json.writeValue(response.getOutputStream(), ProblemDocument.of(problem));
    }
}
