package strophos.server.access;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import org.springframework.core.env.Environment;
import org.springframework.core.env.Profiles;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionOperations;
import strophos.server.digest.Digest;
import strophos.server.problem.Problem;

/** Lets people in, slowly where somebody guesses. */
@Service
class SignIn {

    private final AccountRepository accounts;
    private final DoorRepository door;
    private final PasswordWork passwords;
    private final TransactionOperations transactions;
    private final Clock clock;
    private final Supplier<UUID> ids;
    private final boolean isDemo;

    SignIn(
            AccountRepository accounts,
            DoorRepository door,
            PasswordWork passwords,
            TransactionOperations transactions,
            Clock clock,
            Supplier<UUID> ids,
            Environment environment) {
        this.accounts = accounts;
        this.door = door;
        this.passwords = passwords;
        this.transactions = transactions;
        this.clock = clock;
        this.ids = ids;
        this.isDemo = environment.acceptsProfiles(Profiles.of("demo"));
    }

    /**
     * Where somebody stands who wants to come in.
     *
     * @param browser what the browser keeps from an earlier sign-in
     */
    record Origin(String address, Optional<String> browser) {
        Optional<String> browserHash() {
            return browser.map(Digest::of);
        }
    }

    /** The viewer, or the problem to answer with; a failure is counted. The hash is worked out between two transactions. */
    Viewer enter(String givenName, String password, Origin where) {
        String name = givenName.strip().toLowerCase(Locale.ROOT);
        Optional<Account> found = transactions.execute(status -> {
            refuseTooSoon(name, where);
            return accounts.find(name);
        });
        boolean fits = passwords.fits(password, found.map(Account::passwordHash).orElse(null));
        boolean isIn = found.isPresent() && fits && (!found.get().demo() || isDemo);
        transactions.executeWithoutResult(status -> {
            if (isIn) {
                door.forgetFailures(name, place(name, where), clock.instant().minus(Throttle.WINDOW));
            } else {
                door.addFailure(ids.get(), name, place(name, where), where.address(), clock.instant());
            }
        });
        if (!isIn) {
            throw new Problem(
                    HttpStatus.UNAUTHORIZED,
                    "wrong_sign_in",
                    "The name or the password is wrong; check both and try again.");
        }
        return found.get().viewer();
    }

    /** Knows this browser from now on as one of this person's; what it keeps. */
    String know(String givenName, Origin where) {
        String name = givenName.strip().toLowerCase(Locale.ROOT);
        String token = where.browser().orElseGet(KnownBrowser::fresh);
        transactions.executeWithoutResult(status -> door.know(Digest.of(token), name, clock.instant()));
        return token;
    }

    private void refuseTooSoon(String name, Origin where) {
        Instant now = clock.instant();
        Instant since = now.minus(Throttle.WINDOW);
        Instant next = Throttle.next(
                door.failuresHere(name, place(name, where), since),
                door.failuresOf(name, since),
                door.failuresFrom(where.address(), since),
                isKnown(name, where));
        if (next.isAfter(now)) {
            long seconds = Duration.between(now, next).plusMillis(999).toSeconds();
            throw new Problem(
                            HttpStatus.TOO_MANY_REQUESTS,
                            "too_many_tries",
                            "Too many wrong passwords; wait %d seconds and try again.".formatted(seconds))
                    .after(Duration.ofSeconds(seconds));
        }
    }

    /** A browser that this person signed in from before, else the address. */
    private String place(String name, Origin where) {
        return isKnown(name, where) ? where.browserHash().orElseThrow() : where.address();
    }

    private boolean isKnown(String name, Origin where) {
        return where.browserHash().filter(hash -> door.isKnown(hash, name)).isPresent();
    }
}
