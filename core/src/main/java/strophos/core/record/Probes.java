package strophos.core.record;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
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

    /** All of a ride, in the order of their second measure. */
    public static List<Probe> in(Ride ride, LocalDate day) {
        List<Stretch> stretches = stretches(ride);
        List<Probe> probes = new ArrayList<>();
        for (int i = 0; i < stretches.size(); i++) {
            probe(stretches, i, day).ifPresent(probes::add);
        }
        return probes;
    }

    /** What was asked on one rung until another was; changes of rein do not end it. */
    private record Stretch(RungId rung, List<Ask> asks) {}

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
        return new Probe(after.rung(), between, new ProbeDay(day, Optional.of(between), before.asks(), after.asks()));
    }

    private static List<Stretch> stretches(Ride ride) {
        Map<String, List<Ask>> bySegment = asks(ride);
        List<Stretch> stretches = new ArrayList<>();
        for (Ride.Segment segment : ride.segments()) {
            List<Ask> here = bySegment.getOrDefault(segment.id(), List.of());
            if (here.isEmpty()) {
                continue;
            }
            Stretch last = stretches.isEmpty() ? null : stretches.get(stretches.size() - 1);
            if (last == null || !last.rung().equals(segment.rung())) {
                last = new Stretch(segment.rung(), new ArrayList<>());
                stretches.add(last);
            }
            last.asks().addAll(here);
        }
        return stretches;
    }

    private static Map<String, List<Ask>> asks(Ride ride) {
        Map<String, Ride.Segment> own = ride.segments().stream()
                .filter(s -> s.mounted() == Mounted.RIDER)
                .collect(Collectors.toMap(Ride.Segment::id, s -> s));
        Map<String, List<Ask>> asks = new HashMap<>();
        Answers.of(ride).stream()
                .filter(Answer.Touch.class::isInstance)
                .sorted(Comparator.comparingLong(Answer::atMs))
                .forEach(a -> {
                    Ride.Segment segment = own.get(a.segment());
                    if (segment != null) {
                        asks.computeIfAbsent(segment.id(), s -> new ArrayList<>())
                                .addAll(a.read(segment.side(), segment.mounted()));
                    }
                });
        return asks;
    }
}
