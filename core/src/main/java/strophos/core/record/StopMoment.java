package strophos.core.record;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalLong;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import strophos.core.exchange.Choice;
import strophos.core.exchange.Mounted;
import strophos.core.exchange.Rein;
import strophos.core.exchange.Response;
import strophos.core.school.School;
import strophos.core.stair.RungId;
import strophos.core.stop.RideSoFar;
import strophos.core.stop.StopBook;
import strophos.core.stop.StopBook.StopAdvice;
import strophos.core.welfare.Heat;

/**
 * When a lesson could have stopped, and why: the rule book of stopping, read again at each touch.
 *
 * @param worked ridden until then, {@code riddenOn} after it; rests are in neither
 */
public record StopMoment(StopAdvice advice, String ruleId, Duration worked, Duration riddenOn) {

    private static final Set<String> TIRED = Set.of("tired");
    private static final String BREATH = "breath-not-settled";
    private static final String JUMPS_AWAY = "jumps-away";

    /** A segment that seems longer was never ended. */
    private static final long LONGEST_MS = Duration.ofDays(1).toMillis();

    /**
     * What must be known beside the log.
     *
     * @param isSpared a horse under five, or in its first month back
     * @param wayBack where a rung goes back to
     */
    public record Setting(
            boolean isSpared, School school, StopBook book, Heat heat, Function<RungId, Optional<RungId>> wayBack) {}

    /** The first moment of each advice, in order; none where the pair's own rider was asked nothing. */
    public static List<StopMoment> in(Ride ride, Setting setting) {
        Optional<RungId> focus = focus(ride);
        if (focus.isEmpty()) {
            return List.of();
        }
        Map<String, StopMoment> first = new LinkedHashMap<>();
        RideByMoment told = RideByMoment.of(ride, focus.get(), setting);
        Duration all = told.worked(Long.MAX_VALUE);
        for (long atMs : moments(ride)) {
            StopBook.Ruling ruling = setting.book().advise(told.soFar(atMs));
            if (ruling.advice().isPresent()) {
                Duration worked = told.worked(atMs);
                first.putIfAbsent(
                        ruling.ruleId().orElseThrow(),
                        new StopMoment(ruling.advice().get(), ruling.ruleId().get(), worked, all.minus(worked)));
            }
        }
        return List.copyOf(first.values());
    }

    /** The rung on which the pair's own rider was asked most. */
    private static Optional<RungId> focus(Ride ride) {
        return Probes.asks(ride).stream()
                .collect(Collectors.groupingBy(Probes.RungAsk::rung, LinkedHashMap::new, Collectors.counting()))
                .entrySet()
                .stream()
                .max(Map.Entry.comparingByValue())
                .map(Map.Entry::getKey);
    }

    private static Set<Long> moments(Ride ride) {
        return Stream.concat(
                        ride.exchanges().stream().map(Ride.Exchange::atMs),
                        ride.marks().stream().map(Ride.Mark::atMs))
                .collect(Collectors.toCollection(TreeSet::new));
    }

    /**
     * A ride that is asked again and again how it stood at a moment.
     *
     * @param own segments of the pair's own rider, {@code onFocus} those of them on the focus rung
     * @param marks in order
     * @param stepsBackMs when it went back a step, onto the way back of what was ridden before
     */
    private record RideByMoment(
            Ride ride,
            Setting setting,
            Set<String> own,
            Map<String, Rein> onFocus,
            List<Ride.Mark> marks,
            List<Long> stepsBackMs) {

        static RideByMoment of(Ride ride, RungId focus, Setting setting) {
            Set<String> own = new HashSet<>();
            Map<String, Rein> onFocus = new HashMap<>();
            for (Ride.Segment s : ride.segments()) {
                if (s.mounted() == Mounted.RIDER) {
                    own.add(s.id());
                    if (s.rung().equals(focus)) {
                        onFocus.put(s.id(), s.rein());
                    }
                }
            }
            List<Ride.Mark> marks = ride.marks().stream()
                    .sorted(Comparator.comparingLong(Ride.Mark::atMs))
                    .toList();
            return new RideByMoment(ride, setting, own, onFocus, marks, stepsBackMs(ride, setting));
        }

        Duration worked(long untilMs) {
            long ms = 0;
            for (Ride.Segment s : ride.segments()) {
                long here = Math.max(0, Math.min(s.endMs().orElse(Long.MAX_VALUE), untilMs) - s.atMs());
                ms += here < LONGEST_MS ? here : 0;
            }
            return Duration.ofMillis(ms);
        }

        RideSoFar soFar(long atMs) {
            Set<String> signs = new HashSet<>();
            OptionalDouble heat = OptionalDouble.empty();
            for (Ride.Mark m : marks) {
                if (m.atMs() > atMs) {
                    break;
                } else if (m.said() instanceof Payload.Sign s) {
                    signs.add(s.name());
                } else if (m.said() instanceof Payload.Conditions c) {
                    heat = heat(c);
                }
            }
            OptionalLong back = stepBackMs(atMs);
            return new RideSoFar(
                    worked(atMs),
                    setting.isSpared(),
                    signs.stream().filter(TIRED::contains).toList(),
                    signs.contains(BREATH),
                    heat,
                    answers(atMs),
                    back.isEmpty() ? List.of() : since(back.getAsLong(), atMs),
                    back.isPresent() && isFrightened(back.getAsLong(), atMs),
                    setting.school());
        }

        /** It speaks from a temperature on only. */
        private OptionalDouble heat(Payload.Conditions c) {
            boolean speaks = c.temperatureC().isPresent()
                    && c.humidityPct().isPresent()
                    && c.temperatureC().getAsInt() >= setting.heat().speaksFromC();
            return speaks
                    ? OptionalDouble.of(Heat.sum(
                            c.temperatureC().getAsInt(), c.humidityPct().getAsInt()))
                    : OptionalDouble.empty();
        }

        private Map<Rein, List<Response>> answers(long atMs) {
            Map<Rein, List<Response>> answers = new EnumMap<>(Rein.class);
            for (Ride.Exchange x : ride.exchanges()) {
                Rein rein = onFocus.get(x.segment());
                if (rein != null && x.atMs() <= atMs) {
                    answers.computeIfAbsent(rein, r -> new ArrayList<>()).add(x.response());
                }
            }
            return answers;
        }

        private static List<Long> stepsBackMs(Ride ride, Setting setting) {
            List<Ride.Segment> segments = ride.segments();
            List<Long> back = new ArrayList<>();
            for (int i = 1; i < segments.size(); i++) {
                RungId before = segments.get(i - 1).rung();
                RungId now = segments.get(i).rung();
                if (!before.equals(now)
                        && setting.wayBack().apply(before).filter(now::equals).isPresent()) {
                    back.add(segments.get(i).atMs());
                }
            }
            return back;
        }

        private OptionalLong stepBackMs(long untilMs) {
            return stepsBackMs.stream()
                    .mapToLong(ms -> ms)
                    .filter(ms -> ms <= untilMs)
                    .max();
        }

        private List<Response> since(long fromMs, long untilMs) {
            return ride.exchanges().stream()
                    .filter(x -> x.atMs() >= fromMs && x.atMs() <= untilMs && own.contains(x.segment()))
                    .map(Ride.Exchange::response)
                    .toList();
        }

        private boolean isFrightened(long fromMs, long untilMs) {
            return marks.stream()
                    .filter(m -> m.atMs() >= fromMs && m.atMs() <= untilMs)
                    .map(Ride.Mark::said)
                    .anyMatch(s -> (s instanceof Payload.HorseChoice c && c.choice() == Choice.FRIGHT)
                            || (s instanceof Payload.Sign sign && sign.name().equals(JUMPS_AWAY)));
        }
    }
}
