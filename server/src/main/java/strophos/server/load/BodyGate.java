package strophos.server.load;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.BufferedReader;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.net.SocketTimeoutException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Optional;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.session.web.http.SessionRepositoryFilter;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import strophos.server.problem.Busy;
import strophos.server.problem.Problem;
import strophos.server.problem.ProblemWriter;

/**
 * Reads each body whole before anything else is done with the request: so many at once, so large, within so long. Between two bytes the
 * connector's own time-out holds.
 */
@Component
@Order(BodyGate.ORDER)
class BodyGate extends OncePerRequestFilter {

    /** After the session is known, before the security filters. */
    static final int ORDER = SessionRepositoryFilter.DEFAULT_ORDER + 10;

    static final long MAX_BYTES = 4L * 1024 * 1024;
    static final long ANONYMOUS_MAX_BYTES = 16L * 1024;
    static final Duration WHOLE = Duration.ofSeconds(10);

    private static final int PIECE = 16 * 1024;

    private final Readers readers = new Readers();
    private final ProblemWriter problems;

    BodyGate(ProblemWriter problems) {
        this.problems = problems;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        byte[] body;
        try {
            body = body(request);
        } catch (Problem refused) {
            response.setHeader("Connection", "close");
            takeWhatHasCome(request.getInputStream());
            problems.write(response, refused);
            return;
        }
        chain.doFilter(new Whole(request, body), response);
    }

    private byte[] body(HttpServletRequest request) throws IOException {
        if (request.getHeader("Transfer-Encoding") != null) {
            throw new Problem(HttpStatus.LENGTH_REQUIRED, "length_required", "Send the body with its length.");
        }
        long length = Math.max(0, request.getContentLengthLong());
        if (length == 0) {
            return new byte[0];
        }
        Optional<String> session = session(request);
        if (length > MAX_BYTES) {
            throw new Problem(
                    HttpStatus.CONTENT_TOO_LARGE,
                    "too_large",
                    "The request is larger than 4 MB; send it in smaller parts.");
        }
        if (session.isEmpty() && length > ANONYMOUS_MAX_BYTES) {
            throw new Problem(
                    HttpStatus.CONTENT_TOO_LARGE, "too_large", "The request is larger than 16 kB; sign in first.");
        }
        InputStream in = request.getInputStream();
        ByteArrayOutputStream whole = new ByteArrayOutputStream(Math.min((int) length, PIECE));
        // what is here already holds nobody up: a crowd of short bodies passes beside those that trickle
        while (whole.size() < length && in.available() > 0) {
            read(in, (int) length, whole);
        }
        if (whole.size() == length) {
            return whole.toByteArray();
        }
        if (!readers.enter(session, request.getRemoteAddr())) {
            throw Busy.problem();
        }
        try {
            readOn(in, (int) length, whole);
        } finally {
            readers.leave(session, request.getRemoteAddr());
        }
        return whole.toByteArray();
    }

    /** The session of somebody who is signed in. */
    private static Optional<String> session(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        boolean isSignedIn = session != null
                && session.getAttribute(HttpSessionSecurityContextRepository.SPRING_SECURITY_CONTEXT_KEY) != null;
        return isSignedIn ? Optional.of(session.getId()) : Optional.empty();
    }

    private static void readOn(InputStream in, int length, ByteArrayOutputStream whole) throws IOException {
        long until = System.nanoTime() + WHOLE.toNanos();
        while (whole.size() < length && read(in, length, whole)) {
            if (whole.size() < length && System.nanoTime() > until) {
                throw tooSlow();
            }
        }
    }

    /** Reads a piece; false at an end that comes too early. */
    private static boolean read(InputStream in, int length, ByteArrayOutputStream whole) throws IOException {
        byte[] piece = new byte[Math.min(PIECE, length - whole.size())];
        try {
            int count = in.read(piece);
            whole.write(piece, 0, Math.max(0, count));
            return count >= 0;
        } catch (IOException e) {
            if (e instanceof SocketTimeoutException || e.getCause() instanceof SocketTimeoutException) {
                throw tooSlow();
            }
            throw e;
        }
    }

    private static Problem tooSlow() {
        return new Problem(
                HttpStatus.REQUEST_TIMEOUT,
                "too_slow",
                "The request took longer than 10 seconds to arrive; send it again.");
    }

    /** Bytes left unread would make the closing connection swallow the answer. What has not come is not waited for. */
    private static void takeWhatHasCome(InputStream in) throws IOException {
        byte[] piece = new byte[PIECE];
        long taken = 0;
        while (taken < MAX_BYTES && in.available() > 0) {
            taken += Math.max(1, in.read(piece));
        }
    }

    /** The request with its body at hand. */
    private static final class Whole extends HttpServletRequestWrapper {

        private final byte[] body;

        Whole(HttpServletRequest request, byte[] body) {
            super(request);
            this.body = body;
        }

        @Override
        public ServletInputStream getInputStream() {
            ByteArrayInputStream in = new ByteArrayInputStream(body);
            return new ServletInputStream() {
                @Override
                public int read() {
                    return in.read();
                }

                @Override
                public int read(byte[] into, int offset, int length) {
                    return in.read(into, offset, length);
                }

                @Override
                public boolean isFinished() {
                    return in.available() == 0;
                }

                @Override
                public boolean isReady() {
                    return true;
                }

                @Override
                public void setReadListener(ReadListener listener) {
                    throw new IllegalStateException("A body at hand is read at once.");
                }
            };
        }

        @Override
        public BufferedReader getReader() {
            return new BufferedReader(new InputStreamReader(getInputStream(), StandardCharsets.UTF_8));
        }
    }
}
