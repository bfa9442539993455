package strophos.server.ride;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.stereotype.Component;
import strophos.server.access.YardScope;

/** Folds anew, as the process starts, what a migration left to be folded; one lesson a transaction, so that it may be cut. */
@Component
class Renewal implements ApplicationRunner {

    private static final Logger LOG = LoggerFactory.getLogger(Renewal.class);

    private final RideLog log;

    Renewal(RideLog log) {
        this.log = log;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        var stale = log.stale();
        stale.forEach(each -> YardScope.as(each.coach(), () -> log.rebuild(each.lesson())));
        if (!stale.isEmpty()) {
            LOG.info("Folded {} lessons anew.", stale.size());
        }
    }
}
