package strophos.server.state;

import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import strophos.server.rules.ThresholdsChanged;

/** Other thresholds judge otherwise: all pairs of the yard are judged anew, and until then whoever reads one does it. */
@Component
class Rejudging {

    private final StaleRepository stale;
    private final ApplicationEventPublisher events;

    Rejudging(StaleRepository stale, ApplicationEventPublisher events) {
        this.stale = stale;
        this.events = events;
    }

    @EventListener
    void hear(ThresholdsChanged changed) {
        stale.markPairs();
        events.publishEvent(new RenewalDue());
    }
}
