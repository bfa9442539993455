package strophos.core.record;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
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
        Duration all = worked(ride, Long.MAX_VALUE);
        for (long atMs : moments(ride)) {
            StopBook.Ruling ruling = setting.book().advise(soFar(ride, focus.get(), atMs, setting));
            if (ruling.advice().isPresent()) {
                Duration worked = worked(ride, atMs);
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

    private static Duration worked(Ride ride, long untilMs) {
        return Duration.ofMillis(ride.segments().stream()
                .mapToLong(s -> Math.max(0, Math.min(end(s.endMs()), untilMs) - s.atMs()))
                .filter(ms -> ms < Duration.ofDays(1).toMillis())
                .sum());
    }

    private static long end(OptionalLong endMs) {
        return endMs.isPresent() ? endMs.getAsLong() : Long.MAX_VALUE;
    }

    private static RideSoFar soFar(Ride ride, RungId focus, long atMs, Setting setting) {
        List<Payload> seen = ride.marks().stream()
                .filter(m -> m.atMs() <= atMs)
                .sorted(Comparator.comparingLong(Ride.Mark::atMs))
                .<Payload>map(Ride.Mark::said)
                .toList();
        Set<String> signs = new HashSet<>();
        seen.stream().filter(Payload.Sign.class::isInstance).forEach(s -> signs.add(((Payload.Sign) s).name()));
        OptionalLong back = stepBackMs(ride, atMs, setting.wayBack());
        return new RideSoFar(
                worked(ride, atMs),
                setting.isSpared(),
                signs.stream().filter(TIRED::contains).toList(),
                signs.contains(BREATH),
                heat(seen, setting.heat()),
                answers(ride, focus, atMs),
                back.isEmpty() ? List.of() : since(ride, back.getAsLong(), atMs),
                back.isPresent() && isFrightened(ride, back.getAsLong(), atMs),
                setting.school());
    }

    /** It speaks from a temperature on only. */
    private static OptionalDouble heat(List<Payload> seen, Heat heat) {
        return seen.stream()
                .filter(Payload.Conditions.class::isInstance)
                .map(Payload.Conditions.class::cast)
                .reduce((a, b) -> b)
                .filter(c -> c.temperatureC().isPresent() && c.humidityPct().isPresent())
                .filter(c -> c.temperatureC().getAsInt() >= heat.speaksFromC())
                .map(c -> OptionalDouble.of(
                        Heat.sum(c.temperatureC().getAsInt(), c.humidityPct().getAsInt())))
                .orElse(OptionalDouble.empty());
    }

    private static Map<Rein, List<Response>> answers(Ride ride, RungId focus, long atMs) {
        Map<String, Ride.Segment> here =
                own(ride).filter(s -> s.rung().equals(focus)).collect(Collectors.toMap(Ride.Segment::id, s -> s));
        Map<Rein, List<Response>> answers = new EnumMap<>(Rein.class);
        ride.exchanges().stream()
                .filter(x -> x.atMs() <= atMs && here.containsKey(x.segment()))
                .forEach(x -> answers.computeIfAbsent(here.get(x.segment()).rein(), r -> new ArrayList<>())
                        .add(x.response()));
        return answers;
    }

    private static Stream<Ride.Segment> own(Ride ride) {
        return ride.segments().stream().filter(s -> s.mounted() == Mounted.RIDER);
    }

    /** When the lesson last went back a step, onto the way back of what was ridden before. */
    private static OptionalLong stepBackMs(Ride ride, long untilMs, Function<RungId, Optional<RungId>> wayBack) {
        List<Ride.Segment> segments =
                ride.segments().stream().filter(s -> s.atMs() <= untilMs).toList();
        for (int i = segments.size() - 1; i > 0; i--) {
            RungId before = segments.get(i - 1).rung();
            RungId now = segments.get(i).rung();
            if (!before.equals(now) && wayBack.apply(before).filter(now::equals).isPresent()) {
                return OptionalLong.of(segments.get(i).atMs());
            }
        }
        return OptionalLong.empty();
    }

    private static List<Response> since(Ride ride, long fromMs, long untilMs) {
        Set<String> own = own(ride).map(Ride.Segment::id).collect(Collectors.toSet());
        return ride.exchanges().stream()
                .filter(x -> x.atMs() >= fromMs && x.atMs() <= untilMs && own.contains(x.segment()))
                .map(Ride.Exchange::response)
                .toList();
    }

    private static boolean isFrightened(Ride ride, long fromMs, long untilMs) {
        return ride.marks().stream()
                .filter(m -> m.atMs() >= fromMs && m.atMs() <= untilMs)
                .map(Ride.Mark::said)
                .anyMatch(s -> (s instanceof Payload.HorseChoice c && c.choice() == Choice.FRIGHT)
                        || (s instanceof Payload.Sign sign && sign.name().equals(JUMPS_AWAY)));
    }
}
