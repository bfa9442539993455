package strophos.server.access;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.time.Duration;
import org.springframework.core.annotation.Order;
import org.springframework.session.web.http.SessionRepositoryFilter;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Ends a session that is thirty days old, however often it was used: fourteen days without use end it sooner. Its age is told by the
 * system's clock, by which the session store writes it.
 */
@Component
@Order(SessionLife.ORDER)
class SessionLife extends OncePerRequestFilter {

    /** After the session can be asked for, before anybody asks who is signed in. */
    static final int ORDER = SessionRepositoryFilter.DEFAULT_ORDER + 1;

    static final Duration LONGEST = Duration.ofDays(30);

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return !request.getRequestURI().startsWith("/api/");
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        HttpSession session = request.getSession(false);
        if (session != null && System.currentTimeMillis() - session.getCreationTime() > LONGEST.toMillis()) {
            session.invalidate();
        }
        chain.doFilter(request, response);
    }
}
