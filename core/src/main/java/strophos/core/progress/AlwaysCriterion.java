package strophos.core.progress;

import java.util.List;
import java.util.Map;
import strophos.core.exchange.Side;
import strophos.core.exchange.Strength;
import strophos.core.stats.Proportion;
import strophos.core.stats.Wilson;

/**
 * The <em>always</em> criterion, for stopping: on each side all of the last {@code window} asks were YES at {@code atMost} or
 * lighter, at the end of each of the last {@code days} days on that side, before the next gait is allowed. It is shown with
 * its interval: 10 of 10 still means at least 72 %. A day counts for a side only when at least half a window was asked on it. What was
 * counted in a tally is passed over: it says "about".
 *
 * @param window asks, at least 1
 * @param days at least 1
 */
public record AlwaysCriterion(int window, Strength atMost, int days) implements Criterion {

    public AlwaysCriterion {
        if (window < 1 || days < 1) {
            throw new IllegalArgumentException(
                    "Always needs a window (%d) and days (%d) of at least 1.".formatted(window, days));
        }
    }

    @Override
    public String id() {
        return "criterion.always";
    }

    @Override
    public Map<String, Double> thresholds() {
        return Map.of("window", (double) window, "atMost", (double) atMost.level(), "days", (double) days);
    }

    @Override
    public RungEvidence.OfSide onSide(RungFacts all, Side side) {
        RungFacts facts = all.touched();
        List<Ask> last = facts.last(window, side);
        Proportion counted = LastAsks.successes(last, atMost);
        int held = LastAsks.stepsHeld(
                facts,
                side,
                window,
                LessonFacts::day,
                f -> LastAsks.successes(f.last(window, side), atMost).successes() == window);
        return new RungEvidence.OfSide(
                side,
                counted,
                0,
                window,
                window,
                Wilson.of(counted),
                held,
                days,
                missing(side, counted, held),
                RungEvidence.idsOf(last));
    }

    private List<Missing> missing(Side side, Proportion counted, int held) {
        if (counted.total() < window) {
            return List.of(new Missing.Asks(side, window - counted.total(), window));
        }
        if (counted.successes() < window) {
            return List.of(new Missing.Successes(side, window - counted.successes(), window));
        }
        return held < days ? List.of(new Missing.Days(side, days - held)) : List.of();
    }
}
