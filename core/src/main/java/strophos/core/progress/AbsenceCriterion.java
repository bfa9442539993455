package strophos.core.progress;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import strophos.core.exchange.Side;
import strophos.core.stats.Proportion;
import strophos.core.stats.Wilson;

/**
 * The <em>absence</em> criterion: a named fault was not seen in the last {@code lessons} lessons with at least {@code chances}
 * asks on the side. Lessons with fewer asks are passed over: where it had no chance, its absence says nothing.
 *
 * @param fault its name, as in the exercise
 * @param lessons at least 1
 * @param chances asks a side, at least 1
 */
public record AbsenceCriterion(String fault, int lessons, int chances) implements Criterion {

    public AbsenceCriterion {
        if (fault.isBlank() || lessons < 1 || chances < 1) {
            throw new IllegalArgumentException(
                    "An absence needs a fault (%s), lessons (%d) and chances (%d) of at least 1."
                            .formatted(fault, lessons, chances));
        }
    }

    @Override
    public String id() {
        return "criterion.absence";
    }

    @Override
    public Map<String, Double> thresholds() {
        return Map.of("lessons", (double) lessons, "chances", (double) chances);
    }

    @Override
    public RungEvidence.OfSide onSide(RungFacts facts, Side side) {
        List<LessonFacts> told = facts.lessons().stream()
                .filter(l -> l.on(side).size() >= chances || has(l, side))
                .toList();
        List<LessonFacts> last = told.subList(Math.max(0, told.size() - lessons), told.size());
        int clean = 0;
        while (clean < last.size() && !has(last.get(last.size() - 1 - clean), side)) {
            clean++;
        }
        Proportion counted = new Proportion(clean, last.size());
        List<String> entries = new ArrayList<>();
        last.forEach(l -> faults(l, side).forEach(f -> entries.add(f.entry())));
        return new RungEvidence.OfSide(
                side,
                counted,
                0,
                lessons,
                lessons,
                Wilson.of(counted),
                clean,
                lessons,
                clean == lessons ? List.of() : List.of(new Missing.LessonsWithout(side, lessons - clean, fault)),
                entries);
    }

    private boolean has(LessonFacts lesson, Side side) {
        return !faults(lesson, side).isEmpty();
    }

    private List<Observation.Fault> faults(LessonFacts lesson, Side side) {
        return lesson.observed(Observation.Fault.class, side).stream()
                .filter(f -> f.name().equals(fault))
                .toList();
    }
}
