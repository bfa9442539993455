package strophos.core.progress;

import strophos.core.exchange.HoldUnit;
import strophos.core.exchange.Side;

/** What a rung still lacks, as data; the sentence is the language file's. */
public sealed interface Missing {

    Side side();

    /** What is there once so many more came. */
    sealed interface Countable extends Missing {
        int more();
    }

    /** So many asks more before the last {@code window} can be judged. */
    record Asks(Side side, int more, int window) implements Countable {}

    /** So many successes more among the last {@code window}. */
    record Successes(Side side, int more, int window) implements Countable {}

    /** So many successes more without an error between. */
    record Running(Side side, int more, int window) implements Countable {}

    /** The rate is there, but its lower end is below what is asked. */
    record Certainty(Side side, double lowerEnd, double asked) implements Missing {}

    /** It held, and must hold in so many lessons more. */
    record Lessons(Side side, int more) implements Countable {}

    /** It held, and must hold on so many days more. */
    record Days(Side side, int more) implements Countable {}

    /** So many stretches more that are kept long enough. */
    record Stretches(Side side, int more, double amount, HoldUnit unit) implements Countable {}

    /** So many lessons more without this fault, each with enough chances for it. */
    record LessonsWithout(Side side, int more, String fault) implements Countable {}

    /**
     * The strides marked last on a clip have no four clear beats: the fore foot of the side {@code feet} lands at this share of the stride
     * behind its hind foot, and the whole of the 95 % interval is too near the hind foot or too near the diagonal one.
     */
    record FourBeats(Side side, Side feet, double share, double low, double high) implements Missing {}

    /** Contact was in the band for less of the time than asked. */
    record InBand(Side side, double share, double asked) implements Missing {}

    /** So many seconds more must be measured. */
    record Seconds(Side side, int more) implements Countable {}

    /** So many mistakes more after which it comes back in time. */
    record Recoveries(Side side, int more, int withinS) implements Countable {}
}
