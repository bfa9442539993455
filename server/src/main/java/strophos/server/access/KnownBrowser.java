package strophos.server.access;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.security.SecureRandom;
import java.time.Duration;
import java.util.Base64;
import java.util.Optional;
import java.util.regex.Pattern;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.web.util.WebUtils;

/** What a browser keeps so that it is known again at the door; it opens nothing. */
final class KnownBrowser {

    static final String COOKIE = "STROPHOS_KNOWN";
    static final Duration KEPT = Duration.ofDays(365);

    private static final int TOKEN_BYTES = 32;
    private static final Pattern FORM = Pattern.compile("[A-Za-z0-9_-]{43}");
    private static final SecureRandom RANDOM = new SecureRandom();

    private KnownBrowser() {}

    /** What this browser keeps; empty when it has nothing of the right form. */
    static Optional<String> of(HttpServletRequest request) {
        return Optional.ofNullable(WebUtils.getCookie(request, COOKIE))
                .map(Cookie::getValue)
                .filter(token -> FORM.matcher(token).matches());
    }

    static String fresh() {
        byte[] bytes = new byte[TOKEN_BYTES];
        RANDOM.nextBytes(bytes);
        return Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
    }

    /** Gives it to the browser for another year. */
    static void keep(String token, HttpServletRequest request, HttpServletResponse response) {
        ResponseCookie cookie = ResponseCookie.from(COOKIE, token)
                .path("/api/v1/session")
                .httpOnly(true)
                .secure(request.isSecure())
                .sameSite("Lax")
                .maxAge(KEPT)
                .build();
        response.addHeader(HttpHeaders.SET_COOKIE, cookie.toString());
    }
}
