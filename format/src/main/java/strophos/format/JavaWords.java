package strophos.format;

import java.util.List;
import java.util.stream.Collectors;

/** Writes a vocabulary as Java: an enum, or a record for one that is open. */
final class JavaWords {

    private final Format.Words words;

    JavaWords(Format.Words words) {
        this.words = words;
    }

    String source() {
        String head =
                "package strophos.core.%s;\n\nimport java.util.Collections;\nimport java.util.LinkedHashMap;\n%simport java.util.Map;\n\n"
                        .formatted(
                                words.javaPackage(),
                                words.groups().isEmpty() && !words.isOpen() ? "" : "import java.util.List;\n");
        return head + (words.isOpen() ? open() : closed());
    }

    private String closed() {
        String type = words.isNumbered() ? "Integer" : "String";
        StringBuilder body = new StringBuilder(Text.comment("", words.doc()))
                .append("public enum ")
                .append(words.name())
                .append(" {\n");
        body.append(words.words().stream()
                .map(w -> Text.comment("    ", w.doc()) + "    " + w.constant() + arguments(w))
                .collect(Collectors.joining(",\n")));
        body.append(";\n\n");
        for (Format.Group g : words.groups()) {
            body.append(Text.comment("    ", g.doc()))
                    .append("    public static final List<%s> %s = List.of(%s);\n\n"
                            .formatted(words.name(), g.name(), String.join(", ", g.words())));
        }
        body.append("    /** By what stands on the wire. */\n    public static final Map<%s, %s> WORDS;\n\n"
                        .formatted(type, words.name()))
                .append("""
                            static {
                                Map<%1$s, %2$s> words = new LinkedHashMap<>();
                                for (%2$s each : values()) {
                                    words.put(each.%3$s(), each);
                                }
                                WORDS = Collections.unmodifiableMap(words);
                            }

                        """.formatted(type, words.name(), words.isNumbered() ? "level" : "word"));
        body.append(carried());
        return body.append("}\n").toString();
    }

    private String arguments(Format.Word w) {
        if (words.isSpelled()) {
            return "(" + Text.quoted(w.word()) + ")";
        }
        return words.each().isEmpty() ? "" : "(" + words.eachWords() + "." + w.each() + ")";
    }

    /** What a constant carries and what it says of itself. */
    private String carried() {
        StringBuilder body = new StringBuilder();
        if (words.isSpelled()) {
            body.append("    private final String word;\n\n    %s(String word) {\n        this.word = word;\n    }\n\n"
                    .formatted(words.name()));
        }
        if (!words.each().isEmpty()) {
            body.append(
                    "    private final %1$s %2$s;\n\n    %3$s(%1$s %2$s) {\n        this.%2$s = %2$s;\n    }\n\n    public %1$s %2$s() {\n        return %2$s;\n    }\n\n"
                            .formatted(words.eachWords(), words.each(), words.name()));
        }
        return body.append(
                        words.isNumbered()
                                ? "    /** As it stands on the wire; from 1 on. */\n    public int level() {\n        return ordinal() + 1;\n    }\n\n    /** The one of this level; empty for another number. */\n    public static java.util.Optional<%1$s> ofLevel(long level) {\n        return level < 1 || level > values().length ? java.util.Optional.empty() : java.util.Optional.of(values()[(int) level - 1]);\n    }\n"
                                        .formatted(words.name())
                                : "    /** As it stands on the wire. */\n    public String word() {\n        return %s;\n    }\n"
                                        .formatted(words.isSpelled() ? "word" : "name()"))
                .toString();
    }

    private String open() {
        String name = words.name();
        StringBuilder body = new StringBuilder(
                        Text.comment(
                                "",
                                words.doc()
                                        + " An open vocabulary: a word that is not listed is read as it is written, and comes after those listed."))
                .append("""
                        public record %1$s(String word) implements Comparable<%1$s> {

                            // before the words, which are checked by it
                            private static final java.util.regex.Pattern FORM = java.util.regex.Pattern.compile(%2$s);

                        """.formatted(name, Text.quoted(JavaReaders.unanchored(words.openPattern()))));
        for (Format.Word w : words.words()) {
            body.append(Text.comment("    ", w.doc()))
                    .append("    public static final %1$s %2$s = new %1$s(\"%2$s\");\n".formatted(name, w.constant()));
        }
        List<String> constants =
                words.words().stream().map(Format.Word::constant).toList();
        return body.append("""

                            /** Those listed, in order. */
                            public static final List<%1$s> LISTED = List.of(%2$s);

                            private static final Map<String, %1$s> WORDS;

                            static {
                                Map<String, %1$s> words = new LinkedHashMap<>();
                                LISTED.forEach(each -> words.put(each.word, each));
                                WORDS = Collections.unmodifiableMap(words);
                            }

                            public %1$s {
                                if (!isWord(word)) {
                                    throw new IllegalArgumentException(
                                            "The word (%%s) must be capitals and underscores, at most 32.".formatted(word));
                                }
                            }

                            /** Whether this may be such a word. */
                            public static boolean isWord(String word) {
                                return FORM.matcher(word).matches();
                            }

                            /** The %3$s of this word. @throws IllegalArgumentException for what is no word */
                            public static %1$s of(String word) {
                                %1$s listed = WORDS.get(word);
                                return listed == null ? new %1$s(word) : listed;
                            }

                            public boolean isListed() {
                                return WORDS.containsKey(word);
                            }

                            @Override
                            public int compareTo(%1$s other) {
                                int byPlace = Integer.compare(place(), other.place());
                                return byPlace == 0 ? word.compareTo(other.word) : byPlace;
                            }

                            private int place() {
                                int place = LISTED.indexOf(this);
                                return place < 0 ? LISTED.size() : place;
                            }

                            @Override
                            public String toString() {
                                return word;
                            }
                        }
                        """.formatted(name, String.join(", ", constants), Text.lowerFirst(name)))
                .toString();
    }
}
