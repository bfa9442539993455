package strophos.format;

import java.util.List;

/** What a field may hold. */
public sealed interface Type {

    /**
     * A text of this form, searched for as JSON Schema does.
     *
     * @param name of the form, such as {@code Id}; empty when it is the field's own
     * @param most longest, in Unicode characters; 0 where the form says it
     */
    record Text(String name, String pattern, int most) implements Type {}

    /** A whole number in [least, most]; 2.0 is one, since a browser cannot tell it from 2. */
    record Whole(String name, long least, long most) implements Type {
        public boolean isInt() {
            return least >= Integer.MIN_VALUE && most <= Integer.MAX_VALUE;
        }
    }

    /** One of a few whole numbers. */
    record OfScale(Format.Scale scale) implements Type {}

    record Flag() implements Type {}

    /**
     * A word.
     *
     * @param only those of its words that are taken here; empty for all
     */
    record Word(Format.Words words, List<String> only) implements Type {
        public Word {
            only = List.copyOf(only);
        }
    }

    /** An object. */
    record OfPart(Format.Part part) implements Type {}

    /** A list of objects. */
    record Many(String name, Format.Part part, int least, int most) implements Type {}

    /** Any object. */
    record Anything() implements Type {}
}
