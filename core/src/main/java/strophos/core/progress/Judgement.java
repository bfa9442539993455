package strophos.core.progress;

import java.util.List;

/** A rule's answer, never without its numbers. */
public sealed interface Judgement {

    List<? extends Evidence> evidence();

    record Met(List<? extends Evidence> evidence) implements Judgement {
        public Met {
            evidence = List.copyOf(evidence);
        }
    }

    record Broken(List<? extends Evidence> evidence) implements Judgement {
        public Broken {
            evidence = List.copyOf(evidence);
        }
    }

    /** Too little to speak. {@code asks} were seen, {@code needed} are the fewest on which the rule speaks. */
    record NotEnoughData(int asks, int needed, List<? extends Evidence> evidence) implements Judgement {
        public NotEnoughData {
            evidence = List.copyOf(evidence);
        }
    }
}
