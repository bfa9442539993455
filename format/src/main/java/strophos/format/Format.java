package strophos.format;

import java.util.List;

/**
 * The whole format.
 *
 * @param words vocabularies, in the order of their file
 * @param parts objects and named numbers that payloads share
 * @param kinds by kind, then version
 */
public record Format(List<Words> words, List<Part> parts, List<Scale> scales, List<Kind> kinds) {
    public Format {
        words = List.copyOf(words);
        parts = List.copyOf(parts);
        scales = List.copyOf(scales);
        kinds = List.copyOf(kinds);
    }

    /** Kinds that are marks: something seen or done beside the asks. */
    public List<Kind> marks() {
        return kinds.stream().filter(Kind::isMark).toList();
    }

    /** What kinds count for, each once, in alphabetical order. */
    public List<String> counts() {
        return kinds.stream()
                .flatMap(k -> k.counts().stream())
                .distinct()
                .sorted()
                .toList();
    }

    /** Those that count for this. */
    public List<Kind> counting(String count) {
        return kinds.stream().filter(k -> k.counts().contains(count)).toList();
    }

    /**
     * A kind of entry in one version.
     *
     * @param javaName the name of its record
     * @param hangsOn {@code segment}, {@code exchange} or {@code lesson} for a mark; {@code fold} for what the fold itself
     *     is made of
     * @param counts what it counts for beside being kept and shown
     * @param as the field under which the whole payload is read as one part; empty for a payload of fields
     * @param is interfaces of its record, by name
     * @param oneOf fields of which at least one must be there; empty when it does not matter
     */
    public record Kind(
            String kind,
            int v,
            String javaName,
            String doc,
            String hangsOn,
            List<String> counts,
            List<Field> fields,
            String as,
            List<String> is,
            List<String> oneOf) {
        public Kind {
            counts = List.copyOf(counts);
            fields = List.copyOf(fields);
            is = List.copyOf(is);
            oneOf = List.copyOf(oneOf);
        }

        public boolean isMark() {
            return !hangsOn.equals("fold");
        }
    }

    /**
     * A field of a payload or a part.
     *
     * @param atMost the field it must not exceed; empty for none
     * @param beside the field beside which alone it is told, false where it is left out; empty for none
     * @param isTyped a text that people typed
     */
    public record Field(
            String name, Type type, boolean isRequired, String doc, String atMost, String beside, boolean isTyped) {}

    /** An object that payloads share. */
    public record Part(String name, String javaPackage, String doc, List<Field> fields) {
        public Part {
            fields = List.copyOf(fields);
        }
    }

    /**
     * Whole numbers of which only these are taken.
     *
     * @param list the name of the list of them in TypeScript
     */
    public record Scale(String name, String list, String doc, List<Integer> values) {
        public Scale {
            values = List.copyOf(values);
        }
    }

    /**
     * A vocabulary.
     *
     * @param list the name of its list in TypeScript
     * @param textKey where its words stand in the language files; empty for words that are never shown
     * @param openPattern the form of words that are not listed; empty for a closed vocabulary
     * @param each what each word has, as another vocabulary's word; empty for none
     */
    public record Words(
            String name,
            String javaPackage,
            String list,
            String textKey,
            String doc,
            List<Word> words,
            String openPattern,
            String each,
            String eachWords,
            List<Group> groups) {
        public Words {
            words = List.copyOf(words);
            groups = List.copyOf(groups);
        }

        public boolean isOpen() {
            return !openPattern.isEmpty();
        }

        /** Its words are numbers on the wire. */
        public boolean isNumbered() {
            return words.get(0).number() > 0;
        }

        /** Its words are not the names of its constants. */
        public boolean isSpelled() {
            return !isNumbered() && words.stream().anyMatch(w -> !w.word().equals(w.constant()));
        }
    }

    /**
     * One word.
     *
     * @param number as which it stands on the wire; 0 for a word that stands as text
     * @param each the word of the other vocabulary it has; empty for none
     */
    public record Word(String word, String constant, int number, String doc, String each) {}

    /** Some of the words, under a name. */
    public record Group(String name, String doc, List<String> words) {
        public Group {
            words = List.copyOf(words);
        }
    }
}
