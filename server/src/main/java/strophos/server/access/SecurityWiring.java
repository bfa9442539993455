package strophos.server.access;

import jakarta.servlet.http.HttpServletRequest;
import java.time.Duration;
import java.util.List;
import java.util.regex.Pattern;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpStatus;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.observation.SecurityObservationSettings;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.access.AccessDeniedHandler;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfTokenRepository;
import org.springframework.security.web.header.writers.CrossOriginOpenerPolicyHeaderWriter.CrossOriginOpenerPolicy;
import org.springframework.security.web.header.writers.CrossOriginResourcePolicyHeaderWriter.CrossOriginResourcePolicy;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;
import org.springframework.session.web.http.CookieSerializer;
import org.springframework.session.web.http.DefaultCookieSerializer;
import strophos.server.problem.Problem;
import strophos.server.problem.ProblemWriter;

/** Sessions in the database, CSRF for a single-page client, a strict content policy. */
@Configuration
class SecurityWiring {

    private static final Pattern SESSION_ID = Pattern.compile("[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}");

    /** The hash is that of an empty text: the tag that Emotion makes before it fills it through the style sheet API. */
    static final String CONTENT_POLICY = String.join(
            "; ",
            "default-src 'none'",
            "script-src 'self'",
            "style-src 'self' 'sha256-47DEQpj8HBSa+/TImW+5JCeuQeRkm5NMpJWZG3hSuFU='",
            "img-src 'self' data: blob:",
            "media-src 'self' blob:",
            "font-src 'self'",
            "connect-src 'self'",
            "worker-src 'self'",
            "manifest-src 'self'",
            "base-uri 'none'",
            "form-action 'self'",
            "frame-ancestors 'none'");

    /** What the application may ask the browser for, itself only; all else that browsers know of is closed. */
    static final String PERMISSIONS = String.join(
            ", ",
            "microphone=(self)",
            "camera=(self)",
            "bluetooth=(self)",
            "screen-wake-lock=(self)",
            "accelerometer=()",
            "autoplay=(self)",
            "display-capture=()",
            "fullscreen=(self)",
            "geolocation=()",
            "gyroscope=()",
            "hid=()",
            "magnetometer=()",
            "midi=()",
            "payment=()",
            "picture-in-picture=(self)",
            "publickey-credentials-get=(self)",
            "serial=()",
            "usb=()",
            "xr-spatial-tracking=()");

    /** Nobody reads how long each filter of the door takes, and every request would pay for telling it. */
    @Bean
    SecurityObservationSettings noStopWatchInEachFilter() {
        return SecurityObservationSettings.noObservations();
    }

    @Bean
    SecurityFilterChain chain(
            HttpSecurity http, SecurityContextRepository contexts, CsrfTokenRepository tokens, ProblemWriter problems)
            throws Exception {
        AccessDeniedHandler stale = (request, response, e) -> problems.write(
                response,
                new Problem(
                        HttpStatus.FORBIDDEN,
                        "stale_token",
                        "The request token is missing or old: read the XSRF-TOKEN cookie again and repeat."));
        return http.authorizeHttpRequests(requests -> requests.anyRequest().permitAll())
                .securityContext(context -> context.securityContextRepository(contexts))
                .csrf(csrf -> csrf.spa().csrfTokenRepository(tokens))
                .exceptionHandling(handling -> handling.accessDeniedHandler(stale))
                .logout(logout -> logout.disable())
                .requestCache(cache -> cache.disable())
                .headers(headers -> headers.contentSecurityPolicy(csp -> csp.policyDirectives(CONTENT_POLICY))
                        .referrerPolicy(referrer -> referrer.policy(ReferrerPolicy.NO_REFERRER))
                        .permissionsPolicyHeader(permissions -> permissions.policy(PERMISSIONS))
                        .crossOriginOpenerPolicy(opener -> opener.policy(CrossOriginOpenerPolicy.SAME_ORIGIN))
                        .crossOriginResourcePolicy(resource -> resource.policy(CrossOriginResourcePolicy.SAME_ORIGIN)))
                .build();
    }

    @Bean
    SecurityContextRepository securityContexts() {
        return new HttpSessionSecurityContextRepository();
    }

    /** As the framework's, but for a cookie that cannot be the id of a session: it is no session. */
    @Bean
    CookieSerializer sessionCookies() {
        DefaultCookieSerializer cookies = new DefaultCookieSerializer() {
            @Override
            public List<String> readCookieValues(HttpServletRequest request) {
                return super.readCookieValues(request).stream()
                        .filter(id -> SESSION_ID.matcher(id).matches())
                        .toList();
            }
        };
        cookies.setCookieName("STROPHOS");
        cookies.setUseHttpOnlyCookie(true);
        cookies.setSameSite("Lax");
        cookies.setCookieMaxAge((int) Duration.ofDays(14).toSeconds());
        return cookies;
    }

    /** Read by the page's own script, which sends it back in a head; never sent along with a request of another site's page. */
    @Bean
    CsrfTokenRepository requestTokens() {
        CookieCsrfTokenRepository tokens = CookieCsrfTokenRepository.withHttpOnlyFalse();
        tokens.setCookieCustomizer(cookie -> cookie.sameSite("Lax"));
        return tokens;
    }

    @Bean
    PasswordEncoder passwords() {
        return new BCryptPasswordEncoder();
    }

    /** Accounts are looked up by {@link SignIn} alone; this keeps the framework from inventing a user. */
    @Bean
    UserDetailsService noUsers() {
        return name -> {
            throw new UsernameNotFoundException(name);
        };
    }
}
