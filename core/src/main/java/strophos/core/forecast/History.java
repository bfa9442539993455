package strophos.core.forecast;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import strophos.core.stats.Proportion;

/** What a pair did on a rung and rein, by day. */
public record History(List<Event> events) {

    /** One thing that happened. */
    public sealed interface Event {
        LocalDate day();
    }

    /** @param isGood the dose was done and the report is not "not yet"; a coached lesson counts as good */
    public record PracticeDay(LocalDate day, boolean isGood) implements Event {}

    /** Asks in a coached lesson, before what was practised in it counts. */
    public record LessonDay(LocalDate day, Proportion successes) implements Event {}

    public History {
        events = events.stream()
                .sorted(Comparator.comparing(Event::day).thenComparing(e -> e instanceof PracticeDay)) // seen first
                .toList();
    }

    List<PracticeDay> practices() {
        return events.stream()
                .filter(PracticeDay.class::isInstance)
                .map(PracticeDay.class::cast)
                .toList();
    }

    boolean isEmpty() {
        return events.isEmpty();
    }

    /** The learner this history makes of these rules. */
    Learner learner(LearnerRules rules) {
        Learner learner =
                Learner.beginning(rules, isEmpty() ? 0 : events.get(0).day().toEpochDay());
        for (PracticeDay p : practices()) {
            learner = learner.practised(p.day().toEpochDay(), p.isGood());
        }
        return learner;
    }
}
