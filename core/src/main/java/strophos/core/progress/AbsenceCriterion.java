package strophos.core.progress;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import strophos.core.exchange.Rein;
import strophos.core.stats.Proportion;
import strophos.core.stats.Wilson;

/**
 * The <em>absence</em> criterion: a named fault was not seen in the last {@code lessons} lessons with at least {@code chances}
 * asks on the rein. Lessons with fewer asks are passed over: where it had no chance, its absence says nothing.
 *
 * @param fault its name, as in the exercise
 * @param lessons at least 1
 * @param chances asks a rein, at least 1
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
    public RungEvidence.OfRein onRein(RungFacts facts, Rein rein) {
        List<LessonFacts> told = facts.lessons().stream()
                .filter(l -> l.on(rein).size() >= chances || has(l, rein))
                .toList();
        List<LessonFacts> last = told.subList(Math.max(0, told.size() - lessons), told.size());
        int clean = 0;
        while (clean < last.size() && !has(last.get(last.size() - 1 - clean), rein)) {
            clean++;
        }
        Proportion counted = new Proportion(clean, last.size());
        List<String> entries = new ArrayList<>();
        last.forEach(l -> faults(l, rein).forEach(f -> entries.add(f.entry())));
        return new RungEvidence.OfRein(
                rein,
                counted,
                lessons,
                lessons,
                Wilson.of(counted),
                clean,
                lessons,
                clean == lessons ? List.of() : List.of(new Missing.LessonsWithout(rein, lessons - clean, fault)),
                entries);
    }

    private boolean has(LessonFacts lesson, Rein rein) {
        return !faults(lesson, rein).isEmpty();
    }

    private List<Observation.Fault> faults(LessonFacts lesson, Rein rein) {
        return lesson.observed(Observation.Fault.class, rein).stream()
                .filter(f -> f.name().equals(fault))
                .toList();
    }
}
