package strophos.server.debrief;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.catalogue.Catalogue;
import strophos.catalogue.Exercise;
import strophos.core.aid.Errors;
import strophos.core.cause.MarkedAsk;
import strophos.core.cause.SideBySide;
import strophos.core.exchange.Rein;
import strophos.core.exchange.Side;
import strophos.core.judgement.Judgement;
import strophos.core.load.SessionLoad;
import strophos.core.record.AidUse;
import strophos.core.record.AidsOverLessons;
import strophos.core.record.Counts;
import strophos.core.record.Payload;
import strophos.core.record.Ride;
import strophos.core.school.CorrectionPolicy;
import strophos.core.school.Teaching;
import strophos.server.contract.CanBeNull;
import strophos.server.lesson.Lesson;
import strophos.server.rules.YardRules;

/** What was seen beside the asks, and what of it is worth checking. */
@Component
@Transactional(propagation = Propagation.MANDATORY)
class SightingsReader {

    private final YardRules rules;
    private final Catalogue catalogue;

    SightingsReader(YardRules rules, Catalogue catalogue) {
        this.rules = rules;
        this.catalogue = catalogue;
    }

    /**
     * All of a lesson.
     *
     * @param effort of the horse, 0 to 10; null when not said
     * @param load minutes ridden times effort (Foster 2001), in arbitrary units; null with it
     * @param turnoutDays a week on which the horse is turned out, beside the load; null with it, and where nobody has asked
     * @param worthChecking over the last lessons, the strongest first; never a cause
     * @param compared all others that were tested with them
     * @param notCompared what was noted too seldom to test, and why
     */
    record LessonSightings(
            List<SightingCount> faults,
            List<SightingCount> signs,
            List<MissedCount> missed,
            Corrections corrections,
            AidUseView aids,
            @CanBeNull Integer effort,
            @CanBeNull Double load,
            @CanBeNull Integer turnoutDays,
            List<Comparison> worthChecking,
            List<Comparison> compared,
            List<NotCompared> notCompared) {}

    /** So often in the lesson. */
    record SightingCount(String name, Side side, int times) {}

    /** Releases that never came, of those noted. */
    record MissedCount(String exercise, Rein rein, int missed, int total) {}

    /**
     * Errors corrected of all noted.
     *
     * @param isConsistent null while too few were noted to say, and where they came under more than one policy
     */
    record Corrections(int made, int total, @CanBeNull Boolean isConsistent, List<CorrectionsUnder> byPolicy) {}

    /** Those under one policy; {@code isConsistent} is null while too few were noted to say. */
    record CorrectionsUnder(
            CorrectionPolicy policy,
            int made,
            int total,
            @CanBeNull Boolean isConsistent) {}

    /**
     * YES with a factor, and without it, in the lessons, exercises and reins in which it was noted.
     *
     * @param name of a fault or habit, or {@code contact-} and how the rein felt
     * @param low of the 95 % interval of with less without, as shares
     * @param adjusted p, exact, for all that were compared
     */
    record Comparison(
            String name,
            Side side,
            int yesWith,
            int with,
            int yesWithout,
            int without,
            double low,
            double high,
            double adjusted) {}

    record NotCompared(String name, Side side, SideBySide.TooFew why) {}

    /**
     * @param turnoutDays null where nobody has asked
     * @param lastAsks of the last lessons, this one among them
     */
    LessonSightings of(Lesson lesson, Ride ride, Integer turnoutDays, List<MarkedAsk> lastAsks) {
        OptionalInt effort = ride.effort();
        SideBySide.Result beside = rules.sideBySide().compare(lastAsks);
        return new LessonSightings(
                counted(Stream.concat(seen(ride, Payload.Fault.class), latched(ride))),
                counted(seen(ride, Payload.Sign.class)),
                missed(ride),
                corrections(ride, lesson.teaching()),
                AidUseView.of(AidUse.of(ride), rules.lightlyFirst(), rules.intoTheHand()),
                effort.isEmpty() ? null : effort.getAsInt(),
                effort.isEmpty()
                        ? null
                        : SessionLoad.of(ridden(ride), effort.getAsInt()).load(),
                effort.isEmpty() ? null : turnoutDays,
                beside.worthChecking().stream().map(SightingsReader::comparison).toList(),
                beside.tested().stream()
                        .filter(c -> !beside.worthChecking().contains(c))
                        .sorted(Comparator.comparingDouble(SideBySide.Comparison::adjusted))
                        .map(SightingsReader::comparison)
                        .toList(),
                beside.tooFew().entrySet().stream()
                        .map(e -> new NotCompared(nameOf(e.getKey()), sideOf(e.getKey()), e.getValue()))
                        .toList());
    }

    private static Duration ridden(Ride ride) {
        return Duration.ofMillis(
                ride.reinMs().values().stream().mapToLong(ms -> ms).sum());
    }

    private record NamedSide(String name, Side side) {}

    private static Stream<NamedSide> seen(Ride ride, Class<? extends Payload.Sighting> kind) {
        return ride.marks().stream()
                .map(Ride.Mark::said)
                .filter(kind::isInstance)
                .map(kind::cast)
                .map(m -> new NamedSide(m.name(), m.side()));
    }

    /** Each time it was switched on. */
    private static Stream<NamedSide> latched(Ride ride) {
        return ride.marks().stream()
                .flatMap(m -> Counts.latch(m.said(), l -> l).stream())
                .filter(Payload.Latch::on)
                .map(l -> new NamedSide(l.name(), l.side()));
    }

    private static List<SightingCount> counted(Stream<NamedSide> seen) {
        Map<NamedSide, Integer> counts = new LinkedHashMap<>();
        seen.forEach(s -> counts.merge(s, 1, Integer::sum));
        return counts.entrySet().stream()
                .map(e -> new SightingCount(e.getKey().name(), e.getKey().side(), e.getValue()))
                .sorted(Comparator.comparingInt((SightingCount l) -> -l.times()))
                .toList();
    }

    private List<MissedCount> missed(Ride ride) {
        return missed(List.of(ride), catalogue);
    }

    static List<MissedCount> missed(List<Ride> rides, Catalogue catalogue) {
        return AidsOverLessons.missed(rides).stream()
                .map(l -> new MissedCount(
                        catalogue.nameOf(l.exercise()),
                        l.rein(),
                        l.missed().successes(),
                        l.missed().total()))
                .toList();
    }

    private Corrections corrections(Ride ride, Teaching teaching) {
        Map<String, Ride.Segment> segments =
                ride.segments().stream().collect(Collectors.toMap(Ride.Segment::id, s -> s));
        Map<CorrectionPolicy, List<Errors.Instance>> errors = new EnumMap<>(CorrectionPolicy.class);
        for (Ride.Mark m : ride.marks()) {
            Counts.consistency(m.said(), c -> c)
                    .ifPresent(c -> errors.computeIfAbsent(
                                    policy(segments.get(c.segment()), teaching), p -> new ArrayList<>())
                            .add(new Errors.Instance(m.id(), c.made())));
        }
        List<CorrectionsUnder> byPolicy = errors.entrySet().stream()
                .map(e -> under(e.getKey(), e.getValue()))
                .toList();
        return new Corrections(
                byPolicy.stream().mapToInt(CorrectionsUnder::made).sum(),
                byPolicy.stream().mapToInt(CorrectionsUnder::total).sum(),
                byPolicy.size() == 1 ? byPolicy.get(0).isConsistent() : null,
                byPolicy);
    }

    private CorrectionsUnder under(CorrectionPolicy policy, List<Errors.Instance> errors) {
        Judgement judged = rules.consistency().judge(new Errors("any", policy, errors));
        return new CorrectionsUnder(
                policy,
                (int) errors.stream().filter(Errors.Instance::isCorrected).count(),
                errors.size(),
                judged instanceof Judgement.NotEnoughData ? null : judged.isMet());
    }

    /** What held in a segment: its own word, else the exercise's, else that of the school it is asked by. */
    CorrectionPolicy policy(Ride.Segment segment, Teaching teaching) {
        return Errors.policy(
                segment.said().correction(),
                catalogue.exercise(segment.exercise()).flatMap(Exercise::correction),
                segment.said().school().map(teaching::in).orElse(teaching).correction());
    }

    private static Comparison comparison(SideBySide.Comparison l) {
        return new Comparison(
                nameOf(l.factor()),
                sideOf(l.factor()),
                l.with().successes(),
                l.with().total(),
                l.without().successes(),
                l.without().total(),
                l.difference().interval().low(),
                l.difference().interval().high(),
                l.adjusted());
    }

    private static String nameOf(String factor) {
        return factor.substring(0, factor.lastIndexOf('.'));
    }

    private static Side sideOf(String factor) {
        return Side.valueOf(factor.substring(factor.lastIndexOf('.') + 1));
    }
}
