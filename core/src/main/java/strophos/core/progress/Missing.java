package strophos.core.progress;

import strophos.core.exchange.Rein;

/** What a rung still lacks, as data; the sentence is the language file's. */
public sealed interface Missing {

    Rein rein();

    /** So many asks more before the last {@code window} can be judged. */
    record Asks(Rein rein, int more, int window) implements Missing {}

    /** So many successes more among the last {@code window}. */
    record Successes(Rein rein, int more, int window) implements Missing {}

    /** The rate is there, but its lower end is below what is asked. */
    record Certainty(Rein rein, double lowerEnd, double asked) implements Missing {}

    /** It held, and must hold in so many lessons more. */
    record Lessons(Rein rein, int more) implements Missing {}
}
