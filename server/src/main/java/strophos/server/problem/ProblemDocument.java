package strophos.server.problem;

import java.util.List;
import org.slf4j.MDC;

/** The document as sent. */
public record ProblemDocument(
        String type, String title, int status, String detail, String code, String requestId, List<Issue> issues) {

    static ProblemDocument of(Problem p) {
        return new ProblemDocument(
                "about:blank",
                p.status().getReasonPhrase(),
                p.status().value(),
                p.getMessage(),
                p.code(),
                MDC.get(RequestGate.REQUEST_ID),
                p.issues());
    }
}
