package strophos.server.debrief;

import strophos.core.stats.Interval;
import strophos.core.stats.Proportion;
import strophos.core.stats.Wilson;

/**
 * YES of so many asks, with the 95 % interval of its share.
 *
 * @param low of the interval; 0 to 1 where nothing was asked
 */
record YesOf(int yes, int asks, double low, double high) {

    static YesOf of(Proportion p) {
        Interval interval = Wilson.of(p);
        return new YesOf(p.successes(), p.total(), interval.low(), interval.high());
    }
}
