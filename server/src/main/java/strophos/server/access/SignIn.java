package strophos.server.access;

import java.time.Clock;
import java.time.Instant;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import org.springframework.core.env.Environment;
import org.springframework.core.env.Profiles;
import org.springframework.http.HttpStatus;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import strophos.server.Settings;
import strophos.server.problem.Problem;

/** Lets people in, slowly when somebody guesses. */
@Service
class SignIn {

    private final AccountRepository accounts;
    private final PasswordEncoder passwords;
    private final Settings settings;
    private final Clock clock;
    private final Supplier<UUID> ids;
    private final boolean isDemo;
    /** Compared when the name is unknown, so that the answer takes as long. */
    private final String nobodysHash;

    SignIn(
            AccountRepository accounts,
            PasswordEncoder passwords,
            Settings settings,
            Clock clock,
            Supplier<UUID> ids,
            Environment environment) {
        this.accounts = accounts;
        this.passwords = passwords;
        this.settings = settings;
        this.clock = clock;
        this.ids = ids;
        this.isDemo = environment.acceptsProfiles(Profiles.of("demo"));
        this.nobodysHash = passwords.encode("nobody");
    }

    /** The viewer, or the problem to answer with; a failure is counted, so nothing may roll it back. */
    @Transactional(noRollbackFor = Problem.class)
    Viewer enter(String givenName, String password, String address) {
        String name = givenName.strip().toLowerCase(Locale.ROOT);
        Instant now = clock.instant();
        Instant since = now.minus(settings.signIn().within());
        if (accounts.failuresOfName(name, since) >= settings.signIn().failures()
                || accounts.failuresFrom(address, since)
                        >= 10 * settings.signIn().failures()) {
            throw new Problem(
                    HttpStatus.TOO_MANY_REQUESTS,
                    "too_many_tries",
                    "Too many wrong passwords; wait %d minutes and try again."
                            .formatted(settings.signIn().within().toMinutes()));
        }
        Optional<AccountRepository.Found> found = accounts.find(name);
        boolean fits = passwords.matches(
                password, found.map(AccountRepository.Found::passwordHash).orElse(nobodysHash));
        if (found.isEmpty() || !fits || (found.get().demo() && !isDemo)) {
            accounts.addFailure(ids.get(), name, address, now);
            throw new Problem(
                    HttpStatus.UNAUTHORIZED,
                    "wrong_sign_in",
                    "Name and password do not fit together; check both and try again.");
        }
        accounts.forgetFailures(name, since);
        return found.get().viewer();
    }
}
