package strophos.core.judgement;

import java.util.Map;

/**
 * One idea about some facts: {@code Met} says that the sentence in its name holds.
 *
 * @param <F> the facts it looks at
 */
public interface Rule<F> {

    /** Stable name, kept with every advice. */
    String id();

    /** The thresholds it judges by, by name; shares in [0, 1]. */
    Map<String, Double> thresholds();

    Judgement judge(F facts);

    /** The answer with all that is kept of it. */
    default Finding find(F facts) {
        return new Finding(id(), thresholds(), judge(facts));
    }
}
