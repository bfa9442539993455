package strophos.server.problem;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.slf4j.MDC;
import org.springframework.boot.webmvc.error.ErrorController;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.RequestMapping;

/** What the container or a filter refuses, as a problem like any other. Asked for by somebody from outside, there is nothing here. */
@Controller
class OtherErrors implements ErrorController {

    private final ProblemWriter problems;

    OtherErrors(ProblemWriter problems) {
        this.problems = problems;
    }

    @RequestMapping("${server.error.path:${error.path:/error}}")
    void write(HttpServletRequest request, HttpServletResponse response) throws IOException {
        Object status = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE);
        boolean isOurs = request.getDispatcherType() == DispatcherType.ERROR && status instanceof Integer;
        // this dispatch comes when the request itself is over, and its id is no longer at hand
        MDC.put(RequestGate.REQUEST_ID, response.getHeader(RequestGate.HEADER));
        try {
            problems.write(response, isOurs ? problem(HttpStatus.resolve((Integer) status)) : Problem.notFound());
        } finally {
            MDC.remove(RequestGate.REQUEST_ID);
        }
    }

    private static Problem problem(HttpStatus status) {
        if (status == null || status == HttpStatus.NOT_FOUND) {
            return Problem.notFound();
        }
        return status.is5xxServerError()
                ? Problem.failure()
                : new Problem(status, "request", status.getReasonPhrase() + "; see openapi.json.");
    }
}
