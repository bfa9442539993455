package strophos.server.access;

import java.time.Duration;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;
import strophos.server.problem.Busy;

/**
 * The slow hash of passwords, a few at once. It costs a processor some fifty milliseconds on purpose, so a crowd at the door would
 * take every processor and every thread; those beyond the queue are asked to come again. Never within a transaction: the database's
 * connections are for those who are inside.
 */
@Component
public class PasswordWork {

    /** Half of the processors, at least one: whoever is inside keeps the others. */
    private static final int AT_ONCE = Math.max(1, Runtime.getRuntime().availableProcessors() / 2);

    private static final int WAITING = 32;
    private static final Duration PATIENCE = Duration.ofSeconds(5);

    private final PasswordEncoder passwords;
    private final Semaphore places = new Semaphore(AT_ONCE + WAITING);
    private final Semaphore work = new Semaphore(AT_ONCE, true);
    /** Compared when a name is unknown, so that the answer takes as long. */
    private final String nobodysHash;

    PasswordWork(PasswordEncoder passwords) {
        this.passwords = passwords;
        this.nobodysHash = passwords.encode("nobody");
    }

    /** The hash to be stored. */
    public String hash(String password) {
        return inTurn(() -> passwords.encode(password));
    }

    /** Whether the password fits; a hash that is null is nobody's and takes as long. */
    boolean fits(String password, String hash) {
        return inTurn(() -> passwords.matches(password, hash == null ? nobodysHash : hash));
    }

    private <T> T inTurn(Supplier<T> job) {
        if (!places.tryAcquire()) {
            throw Busy.problem();
        }
        try {
            if (!work.tryAcquire(PATIENCE.toMillis(), TimeUnit.MILLISECONDS)) {
                throw Busy.problem();
            }
            try {
                return job.get();
            } finally {
                work.release();
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw Busy.problem();
        } finally {
            places.release();
        }
    }
}
