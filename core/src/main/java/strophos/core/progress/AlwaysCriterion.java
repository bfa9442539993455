package strophos.core.progress;

import java.util.List;
import java.util.Map;
import strophos.core.exchange.Rein;
import strophos.core.exchange.Strength;
import strophos.core.stats.Proportion;
import strophos.core.stats.Wilson;

/**
 * The <em>always</em> criterion, for stopping: on each rein all of the last {@code window} asks were YES at {@code atMost} or
 * lighter, at the end of each of the last {@code days} days on that rein, before the next gait is allowed. It is shown with
 * its interval: 10 of 10 still means at least 72 %. A day counts for a rein only when at least half a window was asked on it.
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
    public RungEvidence.OfRein onRein(RungFacts facts, Rein rein) {
        List<Ask> last = facts.last(window, rein);
        Proportion counted = LastAsks.successes(last, atMost);
        int held = LastAsks.stepsHeld(
                facts,
                rein,
                window,
                LessonFacts::day,
                f -> LastAsks.successes(f.last(window, rein), atMost).successes() == window);
        return new RungEvidence.OfRein(
                rein,
                counted,
                window,
                window,
                Wilson.of(counted),
                held,
                days,
                missing(rein, counted, held),
                RungEvidence.idsOf(last));
    }

    private List<Missing> missing(Rein rein, Proportion counted, int held) {
        if (counted.total() < window) {
            return List.of(new Missing.Asks(rein, window - counted.total(), window));
        }
        if (counted.successes() < window) {
            return List.of(new Missing.Successes(rein, window - counted.successes(), window));
        }
        return held < days ? List.of(new Missing.Days(rein, days - held)) : List.of();
    }
}
