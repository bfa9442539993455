package strophos.server.pair;

import strophos.core.exchange.Rein;
import strophos.core.progress.Missing;
import strophos.server.contract.CanBeNull;

/**
 * What a rung still lacks, as sent; the sentence stands in the language files under {@code kind}.
 *
 * @param more how many; null where a share is lacking
 * @param window of how many; null where it has no meaning
 * @param is the number as it is, where a share or a time is asked for: a lower end, a share of the time
 * @param asked the number asked for: a lower end, a share, an amount, seconds
 * @param what a unit or a fault; null where it has no meaning
 */
public record MissingView(
        Kind kind,
        Rein rein,
        @CanBeNull Integer more,
        @CanBeNull Integer window,
        @CanBeNull Double is,
        @CanBeNull Double asked,
        @CanBeNull String what) {

    /** Which sentence. */
    public enum Kind {
        ASKS,
        SUCCESSES,
        RUNNING,
        CERTAINTY,
        LESSONS,
        DAYS,
        STRETCHES,
        LESSONS_WITHOUT,
        IN_BAND,
        SECONDS,
        RECOVERIES
    }

    public static MissingView of(Missing missing) {
        if (missing instanceof Missing.Asks m) {
            return more(Kind.ASKS, m.rein(), m.more(), m.window());
        } else if (missing instanceof Missing.Successes m) {
            return more(Kind.SUCCESSES, m.rein(), m.more(), m.window());
        } else if (missing instanceof Missing.Running m) {
            return more(Kind.RUNNING, m.rein(), m.more(), m.window());
        } else if (missing instanceof Missing.Certainty m) {
            return new MissingView(Kind.CERTAINTY, m.rein(), null, null, m.lowerEnd(), m.asked(), null);
        } else if (missing instanceof Missing.Lessons m) {
            return more(Kind.LESSONS, m.rein(), m.more(), null);
        } else if (missing instanceof Missing.Days m) {
            return more(Kind.DAYS, m.rein(), m.more(), null);
        } else if (missing instanceof Missing.Stretches m) {
            return new MissingView(
                    Kind.STRETCHES,
                    m.rein(),
                    m.more(),
                    null,
                    null,
                    m.amount(),
                    m.unit().name());
        } else if (missing instanceof Missing.LessonsWithout m) {
            return new MissingView(Kind.LESSONS_WITHOUT, m.rein(), m.more(), null, null, null, m.fault());
        } else if (missing instanceof Missing.InBand m) {
            return new MissingView(Kind.IN_BAND, m.rein(), null, null, m.share(), m.asked(), null);
        } else if (missing instanceof Missing.Seconds m) {
            return more(Kind.SECONDS, m.rein(), m.more(), null);
        }
        Missing.Recoveries m = (Missing.Recoveries) missing;
        return new MissingView(Kind.RECOVERIES, m.rein(), m.more(), null, null, (double) m.withinS(), null);
    }

    private static MissingView more(Kind kind, Rein rein, int more, @CanBeNull Integer window) {
        return new MissingView(kind, rein, more, window, null, null, null);
    }
}
