package strophos.core.look;

import java.util.List;
import java.util.Optional;

/** One row of the table: what was found, and the focus it makes. */
public interface FocusRow {

    /** Stable name, kept with every advice. */
    String id();

    FocusKind focus();

    /** At or under this score the row fires; −1 for a row that does not go by a score. */
    int threshold();

    Outcome judge(FirstLook look);

    /** Where what it goes by was seen; empty where that was not said, or does not matter. */
    default Optional<StationTicks> at(FirstLook look) {
        return Optional.empty();
    }

    /** What a row says of a look. */
    sealed interface Outcome {

        /** It was found. */
        record Present(List<Mark> seen) implements Outcome {
            public Present {
                seen = List.copyOf(seen);
            }
        }

        /** It was looked for and is not there. */
        record Clear(List<Mark> seen) implements Outcome {
            public Clear {
                seen = List.copyOf(seen);
            }
        }

        /** It was not looked for. */
        record Unchecked(Check check) implements Outcome {}
    }

    /**
     * One thing seen, as data for the sentence.
     *
     * @param what a stable key: the check, with its side where it has one
     * @param value the score, the name of what was seen, or a signed weight, as text
     */
    record Mark(String what, String value) {}
}
