package strophos.core.watch;

import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * One thing on watch, and how it went.
 *
 * @param since the day it was put on watch, in the yard's zone
 * @param weeks for how long, in [1, {@link #LONGEST_WEEKS}]
 * @param asked lessons in which it was looked for since
 * @param seen of them, lessons in which it was seen
 */
public record WatchCount(LocalDate since, int weeks, int asked, int seen) {

    /** How long something is watched when nobody says otherwise, in weeks. Common practice, no source. */
    public static final int STANDARD_WEEKS = 4;

    /** The longest watch, in weeks: half a year. */
    public static final int LONGEST_WEEKS = 26;

    public WatchCount {
        if (weeks < 1 || weeks > LONGEST_WEEKS) {
            throw new IllegalArgumentException("The weeks (%d) must lie in [1, %d].".formatted(weeks, LONGEST_WEEKS));
        }
        if (seen < 0 || seen > asked) {
            throw new IllegalArgumentException("Seen (%d) must lie in [0, asked (%d)].".formatted(seen, asked));
        }
    }

    /** One lesson's answer to it: its last tick counts. */
    public record Tick(String lesson, boolean isSeen) {}

    /** Counts ticks, in the order they were made; a lesson counts once, with its last. */
    public static WatchCount of(LocalDate since, int weeks, List<Tick> ticks) {
        Map<String, Boolean> byLesson = new LinkedHashMap<>();
        ticks.forEach(t -> byLesson.put(t.lesson(), t.isSeen()));
        int seen =
                (int) byLesson.values().stream().filter(Boolean::booleanValue).count();
        return new WatchCount(since, weeks, byLesson.size(), seen);
    }

    /** The last day on which it is asked. */
    public LocalDate until() {
        return since.plusWeeks(weeks);
    }

    /** Whether it is asked on this day. */
    public boolean isOn(LocalDate day) {
        return !day.isBefore(since) && !day.isAfter(until());
    }
}
