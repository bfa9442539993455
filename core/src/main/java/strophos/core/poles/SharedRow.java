package strophos.core.poles;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import strophos.core.stride.PoleSpacing;

/**
 * One row for several horses.
 *
 * @param horses in the order of their steps, the shortest first
 */
public record SharedRow(double apartM, List<String> horses) {

    /** What suits a horse here. */
    public record Step(String horse, PoleSpacing own) {}

    /**
     * As few rows as can be, so that each horse has one that suits it: the closest first. A row is laid for the horse with the shortest
     * step that has none yet, and takes along all whom it suits.
     *
     * @param steps at least one
     */
    public static List<SharedRow> of(List<Step> steps) {
        if (steps.isEmpty()) {
            throw new IllegalArgumentException("A row is laid for one horse or more.");
        }
        List<Step> waiting = new ArrayList<>(steps);
        waiting.sort(Comparator.comparingDouble((Step s) -> s.own().toM())
                .thenComparing(s -> s.own().fromM()));
        List<SharedRow> rows = new ArrayList<>();
        while (!waiting.isEmpty()) {
            double longest = waiting.get(0).own().toM();
            List<Step> together =
                    waiting.stream().filter(s -> s.own().fromM() <= longest).toList();
            rows.add(new SharedRow(
                    PoleSpacing.forAll(together.stream().map(Step::own).toList()),
                    together.stream().map(Step::horse).toList()));
            waiting.removeAll(together);
        }
        return rows;
    }
}
