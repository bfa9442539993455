package strophos.server.problem;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.sql.SQLException;
import org.springframework.boot.webmvc.autoconfigure.WebMvcRegistrations;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.ModelAndView;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerAdapter;

/**
 * The same thing sent twice at once: both look, neither finds it, both store it, and the database lets one of them. The other is begun
 * once more, when what was stored is there to be found: it is answered as if it had come a moment later. Its body is at hand, and its
 * transaction has left nothing behind.
 */
@Configuration
class SecondTry {

    /** SQLSTATE: a unique violation; and a transaction that another one got in the way of (PostgreSQL 15, appendix A). */
    private static final String TWICE = "23505";

    private static final String IN_THE_WAY = "40";

    @Bean
    WebMvcRegistrations handlers() {
        return new WebMvcRegistrations() {
            @Override
            public RequestMappingHandlerAdapter getRequestMappingHandlerAdapter() {
                return new Adapter();
            }
        };
    }

    /** Whether somebody else was first. */
    static boolean isCauseOf(Throwable failure) {
        for (Throwable cause = failure; cause != null; cause = cause.getCause()) {
            if (cause instanceof SQLException e
                    && e.getSQLState() != null
                    && (e.getSQLState().equals(TWICE) || e.getSQLState().startsWith(IN_THE_WAY))) {
                return true;
            }
        }
        return false;
    }

    private static final class Adapter extends RequestMappingHandlerAdapter {
        @Override
        protected ModelAndView handleInternal(
                HttpServletRequest request, HttpServletResponse response, HandlerMethod method) throws Exception {
            try {
                return super.handleInternal(request, response, method);
            } catch (Exception e) {
                if (!isCauseOf(e) || response.isCommitted()) {
                    throw e;
                }
                return super.handleInternal(request, response, method);
            }
        }
    }
}
