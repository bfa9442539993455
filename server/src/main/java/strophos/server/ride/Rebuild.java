package strophos.server.ride;

import java.time.Duration;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Consumer;
import java.util.function.IntConsumer;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.TransactionException;
import org.springframework.transaction.support.DefaultTransactionDefinition;
import org.springframework.transaction.support.TransactionTemplate;
import strophos.server.access.Viewer;
import strophos.server.access.YardScope;
import strophos.server.state.PairStates;
import strophos.server.state.StaleRepository;

/**
 * Makes projections anew while others go on reading and writing: lessons a few a transaction, then pairs. What is left when it is cut
 * is done by whoever comes next; several processes and threads share the work.
 */
@Service
public class Rebuild {

    private static final Logger LOG = LoggerFactory.getLogger(Rebuild.class);

    /** So many lessons a transaction: a writer of one of them waits no longer than for these. */
    private static final int LESSONS_AT_ONCE = 20;

    /** What was begun is waited for so long. */
    private static final Duration AT_LAST = Duration.ofSeconds(20);

    private final RideLog log;
    private final PairStates states;
    private final StaleRepository stale;
    private final TransactionTemplate transactions;
    private final TransactionTemplate savepoint;

    Rebuild(RideLog log, PairStates states, StaleRepository stale, PlatformTransactionManager transactions) {
        this.log = log;
        this.states = states;
        this.stale = stale;
        this.transactions = new TransactionTemplate(transactions);
        this.savepoint = new TransactionTemplate(
                transactions, new DefaultTransactionDefinition(TransactionDefinition.PROPAGATION_NESTED));
    }

    /** How many were taken up, of how many something else stood here before, and how many could not be made anew: they stay marked. */
    public record Report(int lessons, int lessonsChanged, int pairs, int pairsChanged, int left) {

        public boolean isNothing() {
            return lessons + pairs == left;
        }
    }

    /** Being counted, by several threads. */
    private static final class Counting {
        private final AtomicInteger lessons = new AtomicInteger();
        private final AtomicInteger lessonsChanged = new AtomicInteger();
        private final AtomicInteger pairs = new AtomicInteger();
        private final AtomicInteger pairsChanged = new AtomicInteger();
        /** What could not be made anew. */
        private final Set<UUID> left = ConcurrentHashMap.newKeySet();

        Report report() {
            return new Report(lessons.get(), lessonsChanged.get(), pairs.get(), pairsChanged.get(), left.size());
        }
    }

    /** Marks all of every yard, where nothing is left from a run that was cut; how many there are to do. */
    public int markAll() {
        List<Viewer> left = inTransaction(stale::yards);
        for (Viewer yard : left.isEmpty() ? inTransaction(stale::allYards) : left) {
            YardScope.as(
                    yard,
                    () -> inTransaction(() -> {
                        if (left.isEmpty()) {
                            stale.markAll();
                        }
                        return null;
                    }));
        }
        return inTransaction(stale::yards).stream()
                .mapToInt(yard -> YardScope.as(yard, () -> inTransaction(stale::count)))
                .sum();
    }

    /** Makes anew what is marked, with so many threads. */
    public Report run(int threads, IntConsumer progress) {
        Counting counting = new Counting();
        for (Viewer yard : inTransaction(stale::yards)) {
            all(threads, () -> YardScope.as(yard, () -> lessons(counting, progress)));
            all(threads, () -> YardScope.as(yard, () -> pairs(counting, progress)));
        }
        return counting.report();
    }

    private void all(int threads, Supplier<Boolean> work) {
        ExecutorService pool = Executors.newFixedThreadPool(threads);
        try {
            List<Future<Boolean>> done = IntStream.range(0, threads)
                    .mapToObj(i -> pool.submit(work::get))
                    .toList();
            for (Future<Boolean> each : done) {
                each.get();
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        } catch (java.util.concurrent.ExecutionException e) {
            LOG.error("Some of what was to be made anew is left", e.getCause());
        } finally {
            pool.shutdownNow();
            ended(pool);
        }
    }

    /** What was begun is finished, a few lessons or a pair, before anybody believes that it was. */
    private static void ended(ExecutorService pool) {
        boolean isInterrupted = Thread.interrupted();
        try {
            if (!pool.awaitTermination(AT_LAST.toSeconds(), TimeUnit.SECONDS)) {
                LOG.warn("Making anew goes on after it was to end");
            }
        } catch (InterruptedException e) {
            isInterrupted = true;
        }
        if (isInterrupted) {
            Thread.currentThread().interrupt();
        }
    }

    private boolean lessons(Counting counting, IntConsumer progress) {
        return untilNoneIsLeft(
                () -> stale.takeLessons(LESSONS_AT_ONCE, counting.left),
                lessons -> counting.lessonsChanged.addAndGet(log.rebuild(lessons)),
                stale::markLesson,
                counting,
                taken -> progress.accept(counting.lessons.addAndGet(taken) + counting.pairs.get()));
    }

    private boolean pairs(Counting counting, IntConsumer progress) {
        return untilNoneIsLeft(
                () -> stale.takePairs(1, counting.left),
                pairs ->
                        pairs.stream().filter(states::settleAnew).forEach(p -> counting.pairsChanged.incrementAndGet()),
                stale::markPair,
                counting,
                taken -> progress.accept(counting.lessons.get() + counting.pairs.addAndGet(taken)));
    }

    /** Takes some and makes them anew, a transaction each time. What fails stays marked for the next run, and stops nothing behind it. */
    private boolean untilNoneIsLeft(
            Supplier<List<UUID>> take,
            Consumer<List<UUID>> makeAnew,
            Consumer<UUID> mark,
            Counting counting,
            IntConsumer progress) {
        int taken;
        do {
            taken = inTransaction(() -> {
                stale.inNoHurry();
                List<UUID> these = take.get();
                halving(these, makeAnew, one -> {
                    counting.left.add(one);
                    mark.accept(one);
                });
                return these.size();
            });
            progress.accept(taken);
        } while (taken > 0 && !Thread.currentThread().isInterrupted());
        return true;
    }

    /** A savepoint round all of them; where it fails they are halved, until the one is left that it fails for. */
    private void halving(List<UUID> these, Consumer<List<UUID>> makeAnew, Consumer<UUID> fails) {
        if (these.isEmpty()) {
            return;
        }
        try {
            savepoint.executeWithoutResult(status -> makeAnew.accept(these));
        } catch (TransactionException e) {
            // the connection is gone, and with it the savepoint: all of it is left for the next run
            throw e;
        } catch (RuntimeException e) {
            if (these.size() == 1) {
                LOG.error("Not made anew: {}", these.get(0), e);
                fails.accept(these.get(0));
                return;
            }
            int half = these.size() / 2;
            halving(these.subList(0, half), makeAnew, fails);
            halving(these.subList(half, these.size()), makeAnew, fails);
        }
    }

    private <T> T inTransaction(Supplier<T> work) {
        return transactions.execute(status -> work.get());
    }
}
