package strophos.core.load;

import java.time.Duration;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import strophos.core.judgement.Finding;
import strophos.core.judgement.Thresholds;

/**
 * What a horse has done in the last weeks, whoever rode it, and what the rules of load say of it. How hard it was is judged by the
 * coach; where nobody said so, a lesson counts as this horse's lessons usually do, and practice as light.
 *
 * @param day the day that is looked at; what was done on it counts for the day alone
 * @param sessions of the last {@link #DAYS_BACK} days up to and with this day, in any order
 */
public record Workload(LocalDate day, List<Session> sessions) {

    /** So many days are looked back. */
    public static final int DAYS_BACK = 56;

    /** Of a horse of which no lesson was judged (common practice, no source). */
    static final int USUAL_EFFORT = 4;

    /** Of practice between lessons (common practice, no source). */
    static final int PRACTICE_EFFORT = 3;

    private static final int WEEK = 7;

    /** The chronic load is an average over so many days: before that there is nothing to compare with. */
    private static final int CHRONIC_DAYS = 28;

    /**
     * One lesson or practice.
     *
     * @param minutes ridden, at least 0
     * @param effort the horse's, 0 to 10; empty where nobody said
     * @param kind what it was mostly about, such as a strand; empty where nothing was asked
     */
    public record Session(
            LocalDate day, double minutes, OptionalInt effort, Optional<String> kind, boolean isPractice) {}

    public Workload {
        sessions = sessions.stream()
                .filter(s -> !s.day().isAfter(day) && s.day().isAfter(day.minusDays(DAYS_BACK + 1)))
                .sorted(Comparator.comparing(Session::day))
                .toList();
    }

    /** Of a horse of which nothing is recorded. */
    public static Workload none(LocalDate day) {
        return new Workload(day, List.of());
    }

    /** Minutes ridden on a day. */
    public double minutesOn(LocalDate on) {
        return sessions.stream()
                .filter(s -> s.day().equals(on))
                .mapToDouble(Session::minutes)
                .sum();
    }

    /** Days since it was last ridden before this day; empty when it was not in all that time. */
    public OptionalInt daysSince() {
        return sessions.stream()
                .map(Session::day)
                .filter(d -> d.isBefore(day))
                .mapToInt(d -> (int) ChronoUnit.DAYS.between(d, day))
                .min();
    }

    /** Load of the seven days before this one, in arbitrary units. */
    public double week() {
        return sum(day.minusDays(WEEK), day);
    }

    /** Load of the seven days before those. */
    public double weekBefore() {
        return sum(day.minusDays(2 * WEEK), day.minusDays(WEEK));
    }

    /** The seven days before this one: how much, and how alike they were. */
    public WeekLoad ofWeek() {
        return WeekLoad.of(IntStream.rangeClosed(1, WEEK)
                .mapToObj(ago -> sum(day.minusDays(ago), day.minusDays(ago - 1L)))
                .toList());
    }

    /** Loads of the last eight weeks of seven days up to yesterday, the earliest first. */
    public List<Week> weeks() {
        return IntStream.range(0, DAYS_BACK / WEEK)
                .mapToObj(i -> day.minusDays((long) DAYS_BACK - (long) WEEK * i))
                .map(from -> new Week(from, sum(from, from.plusDays(WEEK)), minutes(from, from.plusDays(WEEK))))
                .toList();
    }

    /**
     * Seven days.
     *
     * @param load in arbitrary units
     * @param minutes ridden
     */
    public record Week(LocalDate from, double load, double minutes) {}

    private double minutes(LocalDate from, LocalDate before) {
        return within(from, before).mapToDouble(Session::minutes).sum();
    }

    private double sum(LocalDate from, LocalDate before) {
        return within(from, before).mapToDouble(this::load).sum();
    }

    private Stream<Session> within(LocalDate from, LocalDate before) {
        return sessions.stream().filter(s -> !s.day().isBefore(from) && s.day().isBefore(before));
    }

    private double load(Session s) {
        int effort = s.effort().orElseGet(() -> s.isPractice() ? PRACTICE_EFFORT : usual());
        return SessionLoad.of(Duration.ofSeconds(Math.round(s.minutes() * 60)), effort)
                .load();
    }

    /** The middle of what was said of its lessons. */
    private int usual() {
        int[] said = sessions.stream()
                .flatMapToInt(s -> s.effort().stream())
                .sorted()
                .toArray();
        return said.length == 0 ? USUAL_EFFORT : said[said.length / 2];
    }

    /**
     * All that the rules of load say, met or not; they prompt and forbid nothing.
     *
     * @param t of {@link LoadThresholds#SET}
     */
    public List<Finding> judge(Thresholds t) {
        List<Finding> findings = new ArrayList<>();
        findings.add(WeekRises.of(t).find(new WeekRises.Weeks(weekBefore(), week())));
        if (isLongKnown()) {
            findings.add(AcuteOverChronic.of(t).find(AcuteChronic.of(daily())));
        }
        findings.add(SameWork.of(t).find(kinds()));
        return findings;
    }

    private boolean isLongKnown() {
        return !sessions.isEmpty() && !sessions.get(0).day().isAfter(day.minusDays(CHRONIC_DAYS));
    }

    /** Daily loads from the first session to yesterday. */
    private List<Double> daily() {
        LocalDate first = sessions.get(0).day();
        Map<LocalDate, Double> byDay =
                sessions.stream().collect(Collectors.groupingBy(Session::day, Collectors.summingDouble(this::load)));
        return IntStream.range(0, (int) ChronoUnit.DAYS.between(first, day))
                .mapToObj(first::plusDays)
                .map(d -> byDay.getOrDefault(d, 0.0))
                .toList();
    }

    /** What each day with work was mostly about: the kind it was ridden longest; up to yesterday, and only a run that reaches it. */
    private List<SameWork.Day> kinds() {
        Map<LocalDate, Map<String, Double>> byDay = new TreeMap<>();
        sessions.stream()
                .filter(s -> s.day().isBefore(day))
                .forEach(s -> s.kind()
                        .ifPresent(k -> byDay.computeIfAbsent(s.day(), d -> new TreeMap<>())
                                .merge(k, s.minutes(), Double::sum)));
        if (!byDay.containsKey(day.minusDays(1))) {
            return List.of();
        }
        return byDay.entrySet().stream()
                .map(e -> new SameWork.Day(
                        e.getKey(),
                        e.getValue().entrySet().stream()
                                .max(Map.Entry.comparingByValue())
                                .orElseThrow()
                                .getKey()))
                .toList();
    }
}
