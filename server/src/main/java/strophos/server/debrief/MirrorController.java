package strophos.server.debrief;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import strophos.core.judgement.Overruling;
import strophos.core.mirror.CoachMirror;
import strophos.core.progress.RightSince;
import strophos.core.record.Ride;
import strophos.core.stats.Proportion;
import strophos.server.access.Action;
import strophos.server.access.Needs;
import strophos.server.access.YardScope;
import strophos.server.contract.CanBeNull;
import strophos.server.ride.LastRides;
import strophos.server.stair.DecisionRepository;
import strophos.server.stair.OwnDecision;

/** The coach's own mirror; of whoever is signed in, and of nobody else. */
@RestController
@RequestMapping("/api/v1/mirror")
class MirrorController {

    /** So many of one's lessons and decisions are looked at. */
    private static final int LESSONS = 20;

    private static final int DECISIONS = 500;

    private final LastRides rides;
    private final DecisionRepository decisions;
    private final Clock clock;

    MirrorController(LastRides rides, DecisionRepository decisions, Clock clock) {
        this.rides = rides;
        this.decisions = decisions;
        this.clock = clock;
    }

    /** @param riding null until half an hour was ridden */
    record MirrorView(List<OverruledRule> rules, @CanBeNull RidingView riding) {}

    /**
     * How often the advice of a rule was overruled, and who was right since.
     *
     * @param low of the 95 % interval of the share, in [0, 1]
     * @param notYet nothing was decided on the rung since
     */
    record OverruledRule(
            String ruleId,
            int overruled,
            int decisions,
            double low,
            double high,
            int coachRight,
            int adviceRight,
            int neither,
            int notYet) {}

    record RidingView(int lessons, int minutes, HourlyView praise, HourlyView corrections, int leftS, int rightS) {
        static RidingView of(CoachMirror m) {
            return new RidingView(
                    m.lessons(),
                    (int) m.ridden().toMinutes(),
                    HourlyView.of(m.praise()),
                    HourlyView.of(m.corrections()),
                    (int) m.left().toSeconds(),
                    (int) m.right().toSeconds());
        }
    }

    record HourlyView(int times, double anHour, double low, double high) {
        static HourlyView of(CoachMirror.Hourly h) {
            return new HourlyView(
                    h.times(), h.anHour(), h.interval().low(), h.interval().high());
        }
    }

    @GetMapping
    @Needs(Action.DECIDE)
    @Transactional(readOnly = true)
    public MirrorView mirror() {
        UUID me = YardScope.viewer().person();
        Instant now = clock.instant();
        List<Ride> last = rides.by(me, now.minus(Duration.ofDays(180)), now, LESSONS);
        Map<String, List<OwnDecision>> byRule = decisions.of(me, now.minus(Overruling.LOOKED_BACK), DECISIONS).stream()
                .collect(Collectors.groupingBy(OwnDecision::ruleId));
        return new MirrorView(
                byRule.entrySet().stream()
                        .map(e -> rule(e.getKey(), e.getValue()))
                        .filter(r -> r.overruled() > 0)
                        .sorted(Comparator.comparingInt((OverruledRule r) -> -r.overruled())
                                .thenComparing(OverruledRule::ruleId))
                        .toList(),
                CoachMirror.of(last, me.toString()).map(RidingView::of).orElse(null));
    }

    private static OverruledRule rule(String id, List<OwnDecision> made) {
        List<RightSince> since = made.stream()
                .filter(d -> d.chosen() != d.advised())
                .map(d -> RightSince.of(d.chosen(), d.advised(), d.adviceAfter()))
                .toList();
        Overruling overruling = Overruling.of("", id, new Proportion(since.size(), made.size()));
        return new OverruledRule(
                id,
                since.size(),
                made.size(),
                overruling.interval().low(),
                overruling.interval().high(),
                times(since, RightSince.COACH),
                times(since, RightSince.ADVICE),
                times(since, RightSince.NEITHER),
                times(since, RightSince.NOT_YET));
    }

    private static int times(List<RightSince> since, RightSince which) {
        return (int) since.stream().filter(s -> s == which).count();
    }
}
