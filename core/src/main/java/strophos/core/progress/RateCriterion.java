package strophos.core.progress;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import strophos.core.exchange.Side;
import strophos.core.exchange.Strength;
import strophos.core.judgement.Thresholds;
import strophos.core.stats.Interval;
import strophos.core.stats.Proportion;
import strophos.core.stats.Wilson;

/**
 * The <em>rate</em> criterion: on each side, at least {@code share} of the last {@code window} asks were YES at {@code
 * atMost} or lighter, the lower end of their 95 % Wilson interval is at least {@code lowerEnd}, and this held at the end
 * of each of the last {@code lessons} lessons on that side.
 *
 * <p>The window may reach back into earlier lessons, but a lesson counts for a side only when at least half a window was
 * asked on it. Successes are counted out of all asks not taken back. A coin-flip pair would reach 8 of 10 at some touch
 * in 42 % of 40 touches, so the criterion is judged at lesson ends only.
 *
 * @param share in (0, 1]
 * @param window asks, at least 1
 * @param atMost the strongest ask that still succeeds
 * @param lessons at least 1
 * @param lowerEnd in [0, 1)
 */
public record RateCriterion(double share, int window, Strength atMost, int lessons, double lowerEnd)
        implements Criterion {

    public RateCriterion {
        if (!(share > 0 && share <= 1) || window < 1 || lessons < 1 || !(lowerEnd >= 0 && lowerEnd < 1)) {
            throw new IllegalArgumentException(
                    "A rate needs a share in (0, 1] (%s), a window (%d) and lessons (%d) of at least 1 and a lower end in [0, 1) (%s)."
                            .formatted(share, window, lessons, lowerEnd));
        }
    }

    /** What holds where an exercise names no criterion. */
    static RateCriterion of(Thresholds t) {
        return new RateCriterion(
                t.get("rate.share"),
                t.whole("rate.window"),
                Strength.ofLevel(t.whole("rate.atMost")).orElseThrow(),
                t.whole("rate.lessons"),
                t.get("rate.lowerEnd"));
    }

    @Override
    public String id() {
        return "criterion.rate";
    }

    /** Successes needed among a full window. */
    public int needed() {
        // a share such as 0.8 is not exact in binary: 0.8 * 10 must ask for 8, not for 9
        return (int) Math.ceil(share * window - 1e-9);
    }

    @Override
    public Map<String, Double> thresholds() {
        return Map.of(
                "needed", (double) needed(),
                "window", (double) window,
                "atMost", (double) atMost.level(),
                "lessons", (double) lessons,
                "lowerEnd", lowerEnd);
    }

    @Override
    public RungEvidence.OfSide onSide(RungFacts facts, Side side) {
        List<Ask> last = facts.last(window, side);
        Proportion counted = LastAsks.successes(last, atMost);
        Interval interval = Wilson.of(counted);
        int held = LastAsks.stepsHeld(facts, side, window, LessonFacts::lesson, f -> holds(f, side));
        return new RungEvidence.OfSide(
                side,
                counted,
                (int) last.stream().filter(Ask::isTallied).count(),
                window,
                needed(),
                interval,
                held,
                lessons,
                missing(side, counted, interval, held),
                RungEvidence.idsOf(last));
    }

    private List<Missing> missing(Side side, Proportion counted, Interval interval, int held) {
        List<Missing> missing = new ArrayList<>();
        if (counted.total() < window) {
            missing.add(new Missing.Asks(side, window - counted.total(), window));
        } else if (counted.successes() < needed()) {
            missing.add(new Missing.Successes(side, needed() - counted.successes(), window));
        } else if (interval.low() < lowerEnd) {
            missing.add(new Missing.Certainty(side, interval.low(), lowerEnd));
        } else if (held < lessons) {
            missing.add(new Missing.Lessons(side, lessons - held));
        }
        return missing;
    }

    private boolean holds(RungFacts facts, Side side) {
        Proportion counted = LastAsks.successes(facts.last(window, side), atMost);
        return counted.total() == window
                && counted.successes() >= needed()
                && Wilson.of(counted).low() >= lowerEnd;
    }
}
