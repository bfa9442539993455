package strophos.core.poles;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * One fan for all of today's horses, a line each.
 *
 * @param lines in the order of the steps, the shortest first; all within the usable middle where nobody is left out
 * @param leftOut horses whose steps lie too far from the others', the furthest first: each needs a row of its own, at its step;
 *     empty where all fit
 */
public record SharedFan(Fan fan, List<Line> lines, List<Step> leftOut) {

    /** A horse's step over poles, in metres, above 0. */
    public record Step(String horse, double stepM) {
        public Step {
            if (!(stepM > 0)) {
                throw new IllegalArgumentException("The step of %s (%s m) must be above 0.".formatted(horse, stepM));
            }
        }
    }

    /** Where a horse goes: this far from the middle of the fan. */
    public record Line(String horse, double stepM, double radiusM) {}

    /**
     * The gap lays the outer lines alike about the middle: (smallest + largest step) / (2 rc). Where that leaves a line outside the
     * usable middle, the horse furthest from the median step is left out, and the fan is laid for the others.
     *
     * @param steps at least one
     * @param middleM rc, from the middle of the fan to the middles of the poles
     */
    public static SharedFan of(List<Step> steps, int poles, double middleM, double poleM) {
        if (steps.isEmpty()) {
            throw new IllegalArgumentException("A fan is laid for one horse or more.");
        }
        List<Step> fit = new ArrayList<>(steps);
        fit.sort(Comparator.comparingDouble(Step::stepM));
        List<Step> leftOut = new ArrayList<>();
        while (true) {
            double gap = (fit.get(0).stepM() + fit.get(fit.size() - 1).stepM()) / (2 * middleM);
            Fan fan = new Fan(poles, gap, middleM, poleM);
            List<Line> lines = fit.stream()
                    .map(s -> new Line(s.horse(), s.stepM(), fan.lineM(s.stepM())))
                    .toList();
            if (lines.stream().allMatch(l -> fan.isUsable(l.radiusM()))) {
                return new SharedFan(fan, lines, List.copyOf(leftOut));
            }
            double median = median(fit);
            Step far = fit.stream()
                    .max(Comparator.comparingDouble(s -> Math.abs(s.stepM() - median)))
                    .orElseThrow();
            fit.remove(far);
            leftOut.add(far);
        }
    }

    private static double median(List<Step> sorted) {
        int n = sorted.size();
        double upper = sorted.get(n / 2).stepM();
        return n % 2 == 1 ? upper : (sorted.get(n / 2 - 1).stepM() + upper) / 2;
    }
}
