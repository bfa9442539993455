package strophos.core.forecast;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import strophos.core.exchange.Response;
import strophos.core.exchange.Side;
import strophos.core.progress.Ask;
import strophos.core.progress.LessonFacts;
import strophos.core.progress.RungFacts;
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

    /**
     * Of one side of a rung: its lessons under the pair's own rider, each seen and then a good practice, and what was practised at home.
     *
     * @param home practices of the rung, on whatever rein
     */
    public static History of(RungFacts facts, Side side, Collection<PracticeDay> home) {
        List<Event> events = new ArrayList<>(home);
        for (LessonFacts lesson : facts.lessons()) {
            List<Ask> asks =
                    lesson.asks().stream().filter(a -> a.side() == side).toList();
            if (!asks.isEmpty()) {
                int yes = (int)
                        asks.stream().filter(a -> a.response() == Response.YES).count();
                events.add(new LessonDay(lesson.day(), new Proportion(yes, asks.size())));
                events.add(new PracticeDay(lesson.day(), true));
            }
        }
        return new History(events);
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
