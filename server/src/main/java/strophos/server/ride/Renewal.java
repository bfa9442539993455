package strophos.server.ride;

import java.time.Duration;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;
import org.springframework.transaction.event.TransactionalEventListener;
import strophos.server.state.RenewalDue;

/**
 * Makes anew, beside what is served, what a migration, changed thresholds or a process of the version before left: as the process
 * starts, when it is told, and once a while.
 */
@Component
@ConditionalOnProperty(name = "strophos.renewal", matchIfMissing = true)
class Renewal implements SmartLifecycle {

    private static final Logger LOG = LoggerFactory.getLogger(Renewal.class);

    private static final Duration ONCE_A_WHILE = Duration.ofSeconds(30);

    private final Rebuild rebuild;
    private final Semaphore told = new Semaphore(1);
    private volatile Thread worker;

    Renewal(Rebuild rebuild) {
        this.rebuild = rebuild;
    }

    @TransactionalEventListener
    void hear(RenewalDue marked) {
        told.release();
    }

    @Override
    public void start() {
        worker = new Thread(this::work, "renewal");
        worker.setDaemon(true);
        worker.start();
    }

    @Override
    public void stop() {
        Thread ending = worker;
        worker = null;
        ending.interrupt();
        try {
            ending.join(Duration.ofSeconds(25).toMillis());
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    @Override
    public boolean isRunning() {
        return worker != null;
    }

    private void work() {
        while (isRunning()) {
            try {
                if (told.tryAcquire(ONCE_A_WHILE.toMillis(), TimeUnit.MILLISECONDS)) {
                    told.drainPermits();
                }
                renew();
            } catch (InterruptedException e) {
                return;
            }
        }
    }

    private void renew() {
        try {
            Rebuild.Report report = rebuild.run(1, done -> {});
            if (!report.isNothing()) {
                LOG.info(
                        "Made anew: {} lessons ({} read differently), {} pairs ({} stand differently).",
                        report.lessons(),
                        report.lessonsChanged(),
                        report.pairs(),
                        report.pairsChanged());
            }
        } catch (RuntimeException e) {
            // the database is away: it is tried again
            LOG.debug("Nothing could be made anew now", e);
        }
    }
}
