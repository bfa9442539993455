package strophos.core.load;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import strophos.core.judgement.Thresholds;

/**
 * An outing, day by day: easy before travel; on arrival 15 to 20 minutes looking around, and if needed a second look later,
 * never "until calm"; rest or hack after. A young horse does half a lesson on the second day away.
 */
public record Outing(List<Day> days) {

    /** An ordinary lesson (common practice, no source). */
    public static final int LESSON_MINUTES = 45;

    /** A first look round takes at least so long. */
    static final int LOOK_AROUND_LEAST_MINUTES = 15;

    public Outing {
        days = List.copyOf(days);
    }

    /** What a day is for. */
    public enum Kind {
        EASY,
        TRAVEL_AND_LOOK_AROUND,
        HALF_LESSON,
        LESSON,
        HARD,
        /** The day that counts. */
        COUNTS,
        REST_OR_HACK
    }

    /** @param minutes of work, or of looking around; 0 for rest */
    public record Day(LocalDate date, Kind kind, int minutes) {

        Day inDiary(int ridden, int lessonMinutes) {
            if (kind == Kind.TRAVEL_AND_LOOK_AROUND || kind == Kind.COUNTS) {
                return new Day(date, kind, ridden);
            }
            if (ridden > lessonMinutes) {
                return new Day(date, Kind.HARD, ridden);
            }
            if (ridden > lessonMinutes / 2) {
                return new Day(date, Kind.LESSON, ridden);
            }
            return new Day(date, kind == Kind.LESSON ? Kind.EASY : kind, ridden);
        }
    }

    /**
     * The days from the one before travel to the one after coming home.
     *
     * @param travel day of the journey out; before or on {@code counts}
     * @param counts the day it is for
     * @param isYoung a young horse, or one on its first outings
     * @param lessonMinutes of an ordinary lesson, at least 10
     * @param t of {@link LoadThresholds#SET}
     */
    public static Outing plan(LocalDate travel, LocalDate counts, boolean isYoung, int lessonMinutes, Thresholds t) {
        if (counts.isBefore(travel) || lessonMinutes < 10) {
            throw new IllegalArgumentException(
                    "The day that counts (%s) cannot lie before the journey (%s), and a lesson (%d) has 10 minutes at least."
                            .formatted(counts, travel, lessonMinutes));
        }
        List<Day> days = new ArrayList<>();
        days.add(new Day(travel.minusDays(1), Kind.EASY, lessonMinutes / 2));
        for (LocalDate day = travel; day.isBefore(counts); day = day.plusDays(1)) {
            if (day.equals(travel)) {
                days.add(new Day(day, Kind.TRAVEL_AND_LOOK_AROUND, t.whole("outing.lookAroundMinutes")));
            } else if (isYoung && day.equals(travel.plusDays(1))) {
                days.add(new Day(day, Kind.HALF_LESSON, lessonMinutes / 2));
            } else {
                boolean isEve = day.plusDays(1).equals(counts);
                days.add(new Day(day, isEve ? Kind.EASY : Kind.LESSON, isEve ? lessonMinutes / 2 : lessonMinutes));
            }
        }
        days.add(new Day(counts, Kind.COUNTS, lessonMinutes));
        days.add(new Day(counts.plusDays(1), Kind.REST_OR_HACK, 0));
        return new Outing(days);
    }

    /** What this day is for; empty for a day before or after the outing. */
    public Optional<Day> on(LocalDate date) {
        return days.stream().filter(d -> d.date().equals(date)).findFirst();
    }

    /**
     * The same days as the diary has them: more than an ordinary lesson makes a day hard, more than half of one makes it a lesson. How hard
     * the work will be is not known beforehand, so its minutes speak for it (common practice, no source).
     *
     * @param minutes of lessons by day, at least 0; days without one stay as they were planned
     * @param lessonMinutes of an ordinary lesson
     */
    public Outing inDiary(Map<LocalDate, Integer> minutes, int lessonMinutes) {
        return new Outing(days.stream()
                .map(d -> minutes.containsKey(d.date()) ? d.inDiary(minutes.get(d.date()), lessonMinutes) : d)
                .toList());
    }

    /** What is wrong with a plan. */
    public enum Warning {
        NOT_EASY_BEFORE_TRAVEL,
        LOOKS_AROUND_TOO_LONG,
        LOOKS_AROUND_TOO_SHORT,
        HARD_DAYS_BEFORE_IT_COUNTS,
        WHOLE_LESSON_FOR_A_YOUNG_HORSE,
        NO_REST_AFTER
    }

    /** A warning and the day it is about. */
    public record WarningDay(Warning warning, LocalDate day) {}

    /** What is wrong with this plan, by day; a plan made by {@link #plan} has nothing wrong. */
    public List<WarningDay> warnings(boolean isYoung, Thresholds t) {
        List<WarningDay> warned = new ArrayList<>();
        int hardRunning = 0;
        for (int i = 0; i < days.size(); i++) {
            Day day = days.get(i);
            Kind before = i == 0 ? Kind.EASY : days.get(i - 1).kind();
            if (day.kind() == Kind.TRAVEL_AND_LOOK_AROUND) {
                if (before != Kind.EASY && before != Kind.REST_OR_HACK) {
                    warned.add(new WarningDay(
                            Warning.NOT_EASY_BEFORE_TRAVEL, days.get(i - 1).date()));
                }
                if (day.minutes() > t.whole("outing.lookAroundMinutes")) {
                    warned.add(new WarningDay(Warning.LOOKS_AROUND_TOO_LONG, day.date()));
                } else if (day.minutes() < LOOK_AROUND_LEAST_MINUTES) {
                    warned.add(new WarningDay(Warning.LOOKS_AROUND_TOO_SHORT, day.date()));
                }
            }
            boolean isSecondAway = before == Kind.TRAVEL_AND_LOOK_AROUND;
            if (isYoung && isSecondAway && (day.kind() == Kind.LESSON || day.kind() == Kind.HARD)) {
                warned.add(new WarningDay(Warning.WHOLE_LESSON_FOR_A_YOUNG_HORSE, day.date()));
            }
            if (day.kind() == Kind.COUNTS && hardRunning >= t.whole("outing.hardDaysBefore")) {
                warned.add(new WarningDay(Warning.HARD_DAYS_BEFORE_IT_COUNTS, day.date()));
            }
            boolean isLast = i == days.size() - 1;
            if (before == Kind.COUNTS && day.kind() != Kind.REST_OR_HACK && day.kind() != Kind.COUNTS) {
                warned.add(new WarningDay(Warning.NO_REST_AFTER, day.date()));
            } else if (isLast && day.kind() == Kind.COUNTS) {
                warned.add(new WarningDay(Warning.NO_REST_AFTER, day.date().plusDays(1)));
            }
            hardRunning = day.kind() == Kind.HARD ? hardRunning + 1 : 0;
        }
        return warned;
    }
}
