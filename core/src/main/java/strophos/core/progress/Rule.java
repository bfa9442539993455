package strophos.core.progress;

/** One idea about a rung: {@code Met} says that the sentence in its name holds. */
public interface Rule {

    /** Stable name, kept with every advice. */
    String id();

    Judgement judge(RungFacts facts);
}
