package strophos.server.problem;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.UUID;
import java.util.function.Supplier;
import org.slf4j.MDC;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Gives every request an id and refuses bodies that are too large or do not say how large they are. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class RequestGate extends OncePerRequestFilter {

    static final String REQUEST_ID = "requestId";
    static final long BODY_MAX_BYTES = 4L * 1024 * 1024;

    private final Supplier<UUID> ids;
    private final ProblemWriter problems;

    RequestGate(Supplier<UUID> ids, ProblemWriter problems) {
        this.ids = ids;
        this.problems = problems;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String id = ids.get().toString();
        MDC.put(REQUEST_ID, id);
        response.setHeader("X-Request-Id", id);
        try {
            if (request.getHeader("Transfer-Encoding") != null) {
                problems.write(
                        response,
                        new Problem(HttpStatus.LENGTH_REQUIRED, "length_required", "Send the body with its length."));
            } else if (request.getContentLengthLong() > BODY_MAX_BYTES) {
                problems.write(
                        response,
                        new Problem(
                                HttpStatus.CONTENT_TOO_LARGE,
                                "too_large",
                                "The request is larger than 4 MB; send it in smaller parts."));
            } else {
                chain.doFilter(request, response);
            }
        } catch (ServletException | RuntimeException e) {
            // what fails before a controller is reached, such as reading the session
            if (!Away.isCauseOf(e) || response.isCommitted()) {
                throw e;
            }
            response.reset();
            response.setHeader("X-Request-Id", id);
            response.setHeader(HttpHeaders.RETRY_AFTER, Away.RETRY_AFTER_S);
            problems.write(response, Away.problem());
        } finally {
            MDC.remove(REQUEST_ID);
        }
    }
}
