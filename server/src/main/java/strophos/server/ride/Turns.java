package strophos.server.ride;

import java.time.Duration;
import java.util.List;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import org.springframework.stereotype.Component;
import strophos.server.problem.Busy;
import tools.jackson.databind.JsonNode;

/**
 * Batches of one lesson, one after the other, before any of them takes a connection. A lesson's log is folded by one writer at a time
 * anyway, under the database's lock; without this, whoever waits for that lock would wait with a connection in hand, and a crowd on one
 * lesson would leave none for all the others. Between two processes the database's lock holds.
 */
@Component
class Turns {

    /** Lessons share turns by chance now and then; that costs them a moment. */
    private static final int LANES = 256;

    private static final Duration PATIENCE = Duration.ofSeconds(3);

    private final List<Semaphore> lanes =
            IntStream.range(0, LANES).mapToObj(i -> new Semaphore(1, true)).toList();

    /** Does the work when it is the turn of all lessons of the batch; otherwise whoever sent it comes again. */
    <T> T take(List<JsonNode> batch, Supplier<T> work) {
        // in one order, so that two batches never wait for each other
        SortedSet<Integer> wanted = new TreeSet<>();
        batch.forEach(
                e -> wanted.add(Math.floorMod(e.path("lesson").asString("").hashCode(), LANES)));
        return take(wanted, work, System.nanoTime() + PATIENCE.toNanos());
    }

    private <T> T take(SortedSet<Integer> wanted, Supplier<T> work, long until) {
        if (wanted.isEmpty()) {
            return work.get();
        }
        Semaphore lane = lanes.get(wanted.first());
        try {
            if (!lane.tryAcquire(Math.max(0, until - System.nanoTime()), TimeUnit.NANOSECONDS)) {
                throw Busy.problem();
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw Busy.problem();
        }
        try {
            return take(wanted.tailSet(wanted.first() + 1), work, until);
        } finally {
            lane.release();
        }
    }
}
