package strophos.core.record;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import strophos.core.cause.ProbeDay;
import strophos.core.exchange.Mounted;
import strophos.core.progress.Ask;
import strophos.core.stair.RungId;

/**
 * Where a ride asked "did that help?": a rung was asked, then one other exercise, then the same rung again. Read from the touches,
 * whether or not anybody meant it; tallies have no order and are left out, and so is whatever the pair's own rider did not ride.
 */
public final class Probes {

    private Probes() {}

    /**
     * A rung that was measured twice, with one other exercise between.
     *
     * @param between that exercise, by its id
     */
    public record Probe(RungId rung, String between, ProbeDay day) {}

    /** One ask under the pair's own rider, and the rung it was on. */
    public record RungAsk(RungId rung, Ask ask) {}

    /** A lesson's asks, in order. */
    public record DayOfAsks(LocalDate day, List<RungAsk> asks) {
        public DayOfAsks {
            asks = List.copyOf(asks);
        }
    }

    /** So many asks are a measure; those at the beginning and at the end of one long stretch are two, with nothing between. */
    private static final int MEASURE_ASKS = 4;

    /** All of a ride, in the order of their second measure. */
    public static List<Probe> in(Ride ride, LocalDate day) {
        return in(new DayOfAsks(day, asks(ride)));
    }

    /**
     * The days on which a rung was measured before and after one exercise, and those on which it was asked as long with nothing between:
     * warming up helps too.
     *
     * @param days in order
     */
    public static List<ProbeDay> over(RungId rung, String between, List<DayOfAsks> days) {
        return days.stream()
                .flatMap(d -> in(d).stream()
                        .filter(p -> p.rung().equals(rung) && p.between().equals(between))
                        .map(Probe::day)
                        .findFirst()
                        .or(() -> control(rung, d))
                        .stream())
                .toList();
    }

    private static Optional<ProbeDay> control(RungId rung, DayOfAsks day) {
        return stretches(day.asks()).stream()
                .filter(s -> s.rung().equals(rung) && s.isWork())
                .findFirst()
                .map(s -> new ProbeDay(day.day(), Optional.empty(), s.measuredFirst(), s.measuredLast()));
    }

    /** All of a lesson, in the order of their second measure. */
    public static List<Probe> in(DayOfAsks lesson) {
        LocalDate day = lesson.day();
        List<Stretch> stretches = stretches(lesson.asks());
        List<Probe> probes = new ArrayList<>();
        for (int i = 0; i < stretches.size(); i++) {
            probe(stretches, i, day).ifPresent(probes::add);
        }
        return probes;
    }

    /**
     * What was asked on one rung until another was; changes of rein do not end it. A long one is work that teaches by itself: of that
     * only the asks next to the other exercise measure what the other did.
     */
    private record Stretch(RungId rung, List<Ask> asks) {

        boolean isWork() {
            return asks.size() >= 2 * MEASURE_ASKS;
        }

        List<Ask> measuredFirst() {
            return isWork() ? asks.subList(0, MEASURE_ASKS) : asks;
        }

        List<Ask> measuredLast() {
            return isWork() ? asks.subList(asks.size() - MEASURE_ASKS, asks.size()) : asks;
        }
    }

    private static Optional<Probe> probe(List<Stretch> all, int second, LocalDate day) {
        Stretch after = all.get(second);
        Set<String> between = new HashSet<>();
        for (int i = second - 1; i >= 0; i--) {
            Stretch before = all.get(i);
            if (before.rung().equals(after.rung())) {
                // the same exercise in another gait or place is no other exercise
                return between.size() == 1 && !between.contains(after.rung().exercise())
                        ? Optional.of(probe(before, after, between.iterator().next(), day))
                        : Optional.empty();
            }
            between.add(before.rung().exercise());
        }
        return Optional.empty();
    }

    private static Probe probe(Stretch before, Stretch after, String between, LocalDate day) {
        return new Probe(
                after.rung(),
                between,
                new ProbeDay(day, Optional.of(between), before.measuredLast(), after.measuredFirst()));
    }

    private static List<Stretch> stretches(List<RungAsk> asks) {
        List<Stretch> stretches = new ArrayList<>();
        for (RungAsk a : asks) {
            Stretch last = stretches.isEmpty() ? null : stretches.get(stretches.size() - 1);
            if (last == null || !last.rung().equals(a.rung())) {
                last = new Stretch(a.rung(), new ArrayList<>());
                stretches.add(last);
            }
            last.asks().add(a.ask());
        }
        return stretches;
    }

    /** What the pair's own rider was asked by single touches, in order. */
    public static List<RungAsk> asks(Ride ride) {
        Map<String, Ride.Segment> own = ride.segments().stream()
                .filter(s -> s.mounted() == Mounted.RIDER)
                .collect(Collectors.toMap(Ride.Segment::id, s -> s));
        return Answers.of(ride).stream()
                .filter(Answer.Touch.class::isInstance)
                .filter(a -> own.containsKey(a.segment()))
                .sorted(Comparator.comparingLong(Answer::atMs))
                .flatMap(a -> {
                    Ride.Segment segment = own.get(a.segment());
                    return a.read(segment.side(), segment.mounted()).stream()
                            .map(ask -> new RungAsk(segment.rung(), ask));
                })
                .toList();
    }
}
