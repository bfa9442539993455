package strophos.core.progress;

import java.util.List;
import java.util.Map;
import strophos.core.judgement.Judgement;
import strophos.core.judgement.Rule;
import strophos.core.judgement.Thresholds;

/**
 * It may be made harder within the rung (smaller circle, more strides, a new place): no error (BRACE, NONE, WRONG) in the
 * last {@code lessons} lessons on it, and their mean strength at most {@code meanStrength}. Offered beside moving on, for a
 * coach who prefers width.
 */
public record RoomForWidth(int lessons, double meanStrength) implements Rule<RungFacts> {

    static RoomForWidth of(Thresholds t) {
        return new RoomForWidth(t.whole("room-for-width.lessons"), t.get("room-for-width.meanStrength"));
    }

    @Override
    public String id() {
        return "stay-harder.room-for-width";
    }

    @Override
    public Map<String, Double> thresholds() {
        return Map.of("lessons", (double) lessons, "meanStrength", meanStrength);
    }

    @Override
    public Judgement judge(RungFacts facts) {
        int n = facts.lessons().size();
        if (n < lessons) {
            return new Judgement.NotEnoughData(n, lessons);
        }
        List<LessonFacts> last = facts.lessons().subList(n - lessons, n);
        int clean = 0;
        while (clean < lessons && last.get(lessons - 1 - clean).asks().stream().allMatch(Ask::isTry)) {
            clean++;
        }
        List<Ask> asks = last.stream().flatMap(l -> l.asks().stream()).toList();
        double mean =
                asks.stream().mapToInt(a -> a.strength().level()).average().orElse(Double.MAX_VALUE);
        return Judgement.of(
                clean == lessons && mean <= meanStrength + 1e-9,
                new RungEvidence.OfTimes(
                        RungEvidence.Subject.LESSONS_WITHOUT_ERROR, clean, lessons, RungEvidence.idsOf(asks)));
    }
}
