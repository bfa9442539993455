package strophos.server.problem;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.UUID;
import java.util.function.Supplier;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.slf4j.MDC;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.servlet.HandlerMapping;

/** Gives every request an id, and answers what fails before a controller is reached. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
public class RequestGate extends OncePerRequestFilter {

    /** Under this name the logs' context has the id of the request that is served. */
    public static final String REQUEST_ID = "requestId";

    static final String HEADER = "X-Request-Id";

    private static final Logger LOG = LoggerFactory.getLogger(RequestGate.class);

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
        response.setHeader(HEADER, id);
        try {
            chain.doFilter(request, response);
        } catch (ServletException | RuntimeException e) {
            // what fails before a controller is reached, such as reading the session
            if (!DatabaseAway.isCauseOf(e)) {
                LOG.error("Unexpected failure", e);
            }
            if (!response.isCommitted()) {
                response.reset();
                response.setHeader(HEADER, id);
                problems.write(response, DatabaseAway.isCauseOf(e) ? DatabaseAway.problem() : Problem.failure());
            }
        } finally {
            tell(request, response);
            MDC.remove(REQUEST_ID);
        }
    }

    /** One line for whatever was refused: which door, not what was said at it. */
    private static void tell(HttpServletRequest request, HttpServletResponse response) {
        if (response.getStatus() >= HttpServletResponse.SC_BAD_REQUEST) {
            LOG.atInfo()
                    .addKeyValue("http.request.method", request.getMethod())
                    .addKeyValue("url.route", request.getAttribute(HandlerMapping.BEST_MATCHING_PATTERN_ATTRIBUTE))
                    .addKeyValue("http.response.status_code", response.getStatus())
                    .addKeyValue("problem.code", response.getHeader(ProblemWriter.CODE))
                    .log("refused");
        }
    }
}
