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
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Gives every request an id, and answers what fails before a controller is reached. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class RequestGate extends OncePerRequestFilter {

    static final String REQUEST_ID = "requestId";

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
            chain.doFilter(request, response);
        } catch (ServletException | RuntimeException e) {
            // what fails before a controller is reached, such as reading the session
            if (!Away.isCauseOf(e) || response.isCommitted()) {
                throw e;
            }
            response.reset();
            response.setHeader("X-Request-Id", id);
            problems.write(response, Away.problem());
        } finally {
            MDC.remove(REQUEST_ID);
        }
    }
}
