package strophos.core.change;

import java.util.Map;
import strophos.core.exchange.Side;
import strophos.core.stats.Proportion;

/**
 * What share of a lesson's asks on a rung was answered YES, by side.
 *
 * @param bySide of the sides that were asked; empty where the rung was ridden and nothing was asked
 */
public record LessonRates(String lesson, Map<Side, Proportion> bySide) {

    public LessonRates {
        bySide = Map.copyOf(bySide);
    }
}
