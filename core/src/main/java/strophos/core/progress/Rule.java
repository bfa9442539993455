package strophos.core.progress;

/** One idea about a rung: {@code Met} says that the sentence in its name holds. */
public interface Rule {

    /** Stable name, kept with every advice. */
    String id();

    /** The thresholds it judges by, by name; shares in [0, 1]. */
    java.util.Map<String, Double> thresholds();

    Judgement judge(RungFacts facts);
}
