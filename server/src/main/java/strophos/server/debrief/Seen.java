package strophos.server.debrief;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.catalogue.Catalogue;
import strophos.catalogue.Exercise;
import strophos.core.aid.Errors;
import strophos.core.aid.MissedReleases;
import strophos.core.cause.SideBySide;
import strophos.core.cause.Told;
import strophos.core.exchange.Rein;
import strophos.core.exchange.Side;
import strophos.core.judgement.Judgement;
import strophos.core.load.SessionLoad;
import strophos.core.record.Counts;
import strophos.core.record.Payload;
import strophos.core.record.Ride;
import strophos.core.school.School;
import strophos.server.contract.CanBeNull;
import strophos.server.lesson.Lesson;
import strophos.server.rules.YardRules;
import strophos.server.state.LessonKey;

/** What was seen beside the asks, and what of it is worth checking. */
@Component
@Transactional(propagation = Propagation.MANDATORY)
class Seen {

    private final MarkedAskRepository asks;
    private final YardRules rules;
    private final Catalogue catalogue;

    Seen(MarkedAskRepository asks, YardRules rules, Catalogue catalogue) {
        this.asks = asks;
        this.rules = rules;
        this.catalogue = catalogue;
    }

    /**
     * All of a lesson.
     *
     * @param effort of the horse, 0 to 10; null when not said
     * @param load minutes ridden times effort (Foster 2001), in arbitrary units; null with it
     * @param worthChecking over the last lessons, the strongest first; never a cause
     */
    record SeenInLesson(
            List<SeenLine> faults,
            List<SeenLine> signs,
            List<MissedLine> missed,
            Corrections corrections,
            @CanBeNull Integer effort,
            @CanBeNull Double load,
            List<Worth> worthChecking) {}

    /** So often in the lesson. */
    record SeenLine(String name, Side side, int times) {}

    /** Releases that never came, of those noted. */
    record MissedLine(String exercise, Rein rein, int missed, int of) {}

    /** Errors corrected of all noted; {@code isConsistent} is null while too few were noted to say. */
    record Corrections(int made, int of, @CanBeNull Boolean isConsistent) {}

    /**
     * YES with a factor, and without it.
     *
     * @param name of a fault or habit, or {@code contact-} and how the rein felt
     */
    record Worth(String name, Side side, int yesWith, int with, int yesWithout, int without, double p) {}

    SeenInLesson of(Lesson lesson, Ride ride, School school) {
        Optional<Integer> effort = ride.marks().stream()
                .flatMap(m -> Counts.load(m.said(), Payload.Effort::horse).stream())
                .reduce((a, b) -> b);
        return new SeenInLesson(
                lines(ride, Payload.Fault.class),
                lines(ride, Payload.Sign.class),
                missed(ride),
                corrections(ride, school),
                effort.orElse(null),
                effort.map(e -> SessionLoad.of(ridden(ride), e).load()).orElse(null),
                lesson.startedAt() == null ? List.of() : worthChecking(lesson));
    }

    private static Duration ridden(Ride ride) {
        return Duration.ofMillis(
                ride.reinMs().values().stream().mapToLong(ms -> ms).sum());
    }

    private static List<SeenLine> lines(Ride ride, Class<? extends Payload.Seen> kind) {
        record What(String name, Side side) {}
        Map<What, Integer> counts = new LinkedHashMap<>();
        ride.marks().stream()
                .map(Ride.Mark::said)
                .filter(kind::isInstance)
                .map(kind::cast)
                .forEach(m -> counts.merge(new What(m.name(), m.side()), 1, Integer::sum));
        return counts.entrySet().stream()
                .map(e -> new SeenLine(e.getKey().name(), e.getKey().side(), e.getValue()))
                .sorted(Comparator.comparingInt((SeenLine l) -> -l.times()))
                .toList();
    }

    private List<MissedLine> missed(Ride ride) {
        Map<String, Ride.Exchange> exchanges =
                ride.exchanges().stream().collect(Collectors.toMap(Ride.Exchange::id, x -> x));
        Map<String, Ride.Segment> segments =
                ride.segments().stream().collect(Collectors.toMap(Ride.Segment::id, s -> s));
        List<MissedReleases.Noted> noted = new ArrayList<>();
        for (Ride.Mark m : ride.marks()) {
            Counts.release(m.said(), r -> r).ifPresent(r -> {
                Ride.Segment s = segments.get(exchanges.get(r.exchange()).segment());
                noted.add(new MissedReleases.Noted(m.id(), s.exercise(), s.rein(), r.release()));
            });
        }
        return MissedReleases.list(noted).stream()
                .map(l -> new MissedLine(
                        catalogue.exercise(l.exercise()).map(Exercise::name).orElse(l.exercise()),
                        l.rein(),
                        l.missed().successes(),
                        l.missed().of()))
                .toList();
    }

    private Corrections corrections(Ride ride, School school) {
        List<Errors.Seen> errors = new ArrayList<>();
        for (Ride.Mark m : ride.marks()) {
            Counts.consistency(m.said(), c -> new Errors.Seen(m.id(), c.made())).ifPresent(errors::add);
        }
        Judgement judged = rules.consistency().judge(new Errors("any", school.correction(), errors));
        return new Corrections(
                (int) errors.stream().filter(Errors.Seen::isCorrected).count(),
                errors.size(),
                judged instanceof Judgement.NotEnoughData ? null : judged.isMet());
    }

    private List<Worth> worthChecking(Lesson lesson) {
        SideBySide sideBySide = rules.sideBySide();
        List<Told> told =
                asks.told(lesson.pair(), new LessonKey(lesson.startedAt(), lesson.id()), sideBySide.lessons());
        return sideBySide.compare(told).worthChecking().stream()
                .map(Seen::worth)
                .toList();
    }

    private static Worth worth(SideBySide.Line l) {
        int dot = l.factor().lastIndexOf('.');
        return new Worth(
                l.factor().substring(0, dot),
                Side.valueOf(l.factor().substring(dot + 1)),
                l.with().successes(),
                l.with().of(),
                l.without().successes(),
                l.without().of(),
                l.p());
    }
}
