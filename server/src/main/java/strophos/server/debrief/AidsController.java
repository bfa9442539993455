package strophos.server.debrief;

import java.util.List;
import java.util.UUID;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import strophos.catalogue.Catalogue;
import strophos.core.record.AidsOverLessons;
import strophos.core.record.Ride;
import strophos.server.access.Action;
import strophos.server.access.Needs;
import strophos.server.problem.Problem;
import strophos.server.ride.LastRides;
import strophos.server.roster.PairRepository;
import strophos.server.rules.YardRules;

/** How a rider's use of the aids moves over the last lessons. */
@RestController
@RequestMapping("/api/v1/pairs/{id}/aids")
class AidsController {

    private static final int LESSONS = 12;

    private final PairRepository pairs;
    private final LastRides rides;
    private final YardRules rules;
    private final Catalogue catalogue;

    AidsController(PairRepository pairs, LastRides rides, YardRules rules, Catalogue catalogue) {
        this.pairs = pairs;
        this.rides = rides;
        this.rules = rules;
        this.catalogue = catalogue;
    }

    /**
     * Over these lessons.
     *
     * @param lessons that were looked at
     * @param missed releases that never came, by exercise and rein
     */
    record AidsOfPair(int lessons, List<MovedView> measures, List<SightingsReader.MissedCount> missed) {}

    /**
     * The earlier half of the lessons in which it was noted, beside the later.
     *
     * @param lessons in which it was noted
     * @param lately judged where a rule says what is good
     */
    record MovedView(
            AidsOverLessons.Measure measure, int lessons, AidUseView.ShareView earlier, AidUseView.ShareView lately) {}

    @GetMapping
    @Needs(Action.SEE_DEBRIEF)
    @Transactional(readOnly = true)
    public AidsOfPair aids(@PathVariable UUID id) {
        pairs.find(id).orElseThrow(Problem::notFound);
        List<Ride> last = rides.of(id, LESSONS);
        return new AidsOfPair(
                last.size(),
                AidsOverLessons.of(last).stream().map(this::moved).toList(),
                SightingsReader.missed(last, catalogue));
    }

    private MovedView moved(AidsOverLessons.Moved m) {
        return new MovedView(
                m.measure(),
                m.lessons(),
                AidUseView.counted(m.earlier()),
                switch (m.measure()) {
                    case LIGHTLY -> AidUseView.judged(m.lately(), rules.lightlyFirst());
                    case INTO_THE_HAND -> AidUseView.judged(m.lately(), rules.intoTheHand());
                    case CORRECTED, RELEASE_MISSED -> AidUseView.counted(m.lately());
                });
    }
}
