package strophos.core.progress;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import strophos.core.exchange.Side;
import strophos.core.exchange.Strength;
import strophos.core.judgement.Judgement;
import strophos.core.judgement.Rule;
import strophos.core.judgement.Thresholds;

/**
 * A rung that was passed fails again: on the same side, on each of the last {@code days} days on which at least {@code fewest}
 * asks were made on it, under {@code share} of them were YES at {@code atMost} or lighter. One bad day is a bad day.
 */
public record FailsTwoDays(int days, int fewest, Strength atMost, double share) implements Rule<RungFacts> {

    static FailsTwoDays of(Thresholds t) {
        return new FailsTwoDays(
                t.whole("fails-two-days.days"),
                t.whole("fails-two-days.fewest"),
                Strength.LIGHT,
                t.get("fails-two-days.share"));
    }

    @Override
    public String id() {
        return "reopen.fails-two-days";
    }

    @Override
    public Map<String, Double> thresholds() {
        return Map.of("days", (double) days, "fewest", (double) fewest, "share", share);
    }

    @Override
    public Judgement judge(RungFacts facts) {
        List<RungEvidence.OfDay> seen = new ArrayList<>();
        int mostDays = 0;
        boolean isMet = false;
        for (Side side : facts.sides()) {
            List<RungEvidence.OfDay> last = lastDays(facts, side);
            mostDays = Math.max(mostDays, last.size());
            isMet |= last.size() == days
                    && last.stream().allMatch(d -> d.successes().share() < share - 1e-9);
            seen.addAll(last);
        }
        if (mostDays < days) {
            return new Judgement.NotEnoughData(mostDays, days, seen);
        }
        return isMet ? new Judgement.Met(seen) : new Judgement.Broken(seen);
    }

    private List<RungEvidence.OfDay> lastDays(RungFacts facts, Side side) {
        Map<LocalDate, List<Ask>> byDay = new LinkedHashMap<>();
        // far more lessons than days are asked for: only the last ones can matter
        int n = facts.lessons().size();
        for (LessonFacts l : facts.lessons().subList(Math.max(0, n - 10 * days), n)) {
            byDay.computeIfAbsent(l.day(), d -> new ArrayList<>()).addAll(l.on(side));
        }
        List<RungEvidence.OfDay> told = byDay.entrySet().stream()
                .filter(e -> e.getValue().size() >= fewest)
                .map(e -> new RungEvidence.OfDay(
                        e.getKey(), side, LastAsks.successes(e.getValue(), atMost), RungEvidence.idsOf(e.getValue())))
                .toList();
        return told.subList(Math.max(0, told.size() - days), told.size());
    }
}
