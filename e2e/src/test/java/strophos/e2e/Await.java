package strophos.e2e;

import java.time.Duration;
import java.util.concurrent.locks.LockSupport;
import java.util.function.BooleanSupplier;

/** Waits for a condition, never for a time. */
final class Await {

    private Await() {}

    static void until(String what, Duration atMost, BooleanSupplier condition) {
        long end = System.nanoTime() + atMost.toNanos();
        while (!condition.getAsBoolean()) {
            if (System.nanoTime() > end) {
                throw new AssertionError("Not within " + atMost + ": " + what);
            }
            LockSupport.parkNanos(Duration.ofMillis(50).toNanos());
        }
    }
}
