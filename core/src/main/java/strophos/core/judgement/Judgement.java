package strophos.core.judgement;

import java.util.List;

/** A rule's answer, never without its numbers. */
public sealed interface Judgement {

    List<? extends Evidence> evidence();

    /** The sentence in the rule's name holds. */
    record Met(List<? extends Evidence> evidence) implements Judgement {
        public Met {
            evidence = List.copyOf(evidence);
        }

        public Met(Evidence only) {
            this(List.of(only));
        }
    }

    /** It does not hold. */
    record Broken(List<? extends Evidence> evidence) implements Judgement {
        public Broken {
            evidence = List.copyOf(evidence);
        }
    }

    /** Too little to speak: so many were {@code seen}, {@code needed} are the fewest on which the rule speaks. */
    record NotEnoughData(int seen, int needed, List<? extends Evidence> evidence) implements Judgement {
        public NotEnoughData {
            evidence = List.copyOf(evidence);
        }

        public NotEnoughData(int seen, int needed) {
            this(seen, needed, List.of());
        }
    }

    /** {@code Met} or {@code Broken}, with the numbers that say so. */
    static Judgement of(boolean holds, Evidence only) {
        return holds ? new Met(only) : new Broken(List.of(only));
    }

    default boolean isMet() {
        return this instanceof Met;
    }
}
