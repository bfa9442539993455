package strophos.format;

import java.util.List;
import java.util.Map;
import java.util.SortedMap;
import java.util.SortedSet;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;

/** Writes the readers of payloads as Java, and what makes a forgotten kind an error of the compiler. */
final class JavaReaders {

    private final Format format;

    JavaReaders(Format format) {
        this.format = format;
    }

    String readers() {
        SortedSet<String> imports = new TreeSet<>(List.of("java.util.regex.Pattern"));
        StringBuilder methods = new StringBuilder();
        format.kinds().stream().filter(k -> !k.fields().isEmpty()).forEach(k -> {
            k.fields().forEach(f -> ours(imports, f));
            methods.append('\n').append(kind(k));
        });
        format.parts().forEach(p -> {
            p.fields().forEach(f -> ours(imports, f));
            methods.append('\n').append(part(p));
        });
        format.parts().forEach(p -> imports.add("strophos.core.%s.%s".formatted(p.javaPackage(), p.name())));
        StringBuilder body = new StringBuilder("package strophos.core.record;\n\n");
        imports.forEach(i -> body.append("import ").append(i).append(";\n"));
        body.append(
                "\n/** Reads each kind in each version. Null: not known, or not understood. */\nfinal class Readers {\n\n");
        patterns()
                .forEach((name, pattern) -> body.append("    private static final Pattern %s = Pattern.compile(%s);\n"
                        .formatted(name, Text.quoted(pattern))));
        body.append(
                "\n    private Readers() {}\n\n    static Payload read(String kind, int v, Fields f) {\n        return switch (kind) {\n");
        byKind().forEach((kind, versions) ->
                body.append("            case %s -> %s;\n".formatted(Text.quoted(kind), versions(versions))));
        body.append("            default -> null;\n        };\n    }\n");
        return body.append(methods).append("}\n").toString();
    }

    private Map<String, List<Format.Kind>> byKind() {
        return format.kinds().stream()
                .collect(Collectors.groupingBy(Format.Kind::kind, TreeMap::new, Collectors.toList()));
    }

    private static String versions(List<Format.Kind> versions) {
        StringBuilder body = new StringBuilder();
        versions.forEach(k -> body.append("v == %d ? %s : "
                .formatted(
                        k.v(),
                        k.fields().isEmpty() ? "new Payload." + k.javaName() + "()" : "read" + k.javaName() + "(f)")));
        return body.append("null").toString();
    }

    /** The forms of texts, by the names of their constants. */
    private SortedMap<String, String> patterns() {
        SortedMap<String, String> patterns = new TreeMap<>();
        format.kinds().forEach(k -> k.fields().forEach(f -> pattern(patterns, f)));
        format.parts().forEach(p -> p.fields().forEach(f -> pattern(patterns, f)));
        return patterns;
    }

    private static void pattern(SortedMap<String, String> patterns, Format.Field f) {
        if (f.type() instanceof Type.Text t) {
            String before = patterns.put(constant(f, t), unanchored(t.pattern()));
            if (before != null && !before.equals(unanchored(t.pattern()))) {
                throw new IllegalArgumentException(
                        "The field %s has the form %s, but %s where it stands elsewhere: give it a name of its own."
                                .formatted(f.name(), t.pattern(), before));
            }
        }
    }

    private static String constant(Format.Field f, Type.Text t) {
        return Text.constant(t.name().isEmpty() ? f.name() : t.name());
    }

    /** A form that holds from end to end is matched as a whole: {@code $} of Java lets a line end pass. */
    static String unanchored(String pattern) {
        return isAnchored(pattern) ? pattern.substring(1, pattern.length() - 1) : pattern;
    }

    static boolean isAnchored(String pattern) {
        return pattern.startsWith("^") && pattern.endsWith("$");
    }

    private static String kind(Format.Kind k) {
        String wanted = k.as().isEmpty() ? reads(k.fields()) : "";
        String made = k.as().isEmpty()
                ? k.fields().stream().map(Format.Field::name).collect(Collectors.joining(", "))
                : k.as();
        if (!k.as().isEmpty()) {
            Format.Part part = ((Type.OfPart) k.fields().get(0).type()).part();
            wanted = "        var %s = %s(f);\n".formatted(k.as(), Text.lowerFirst(part.name()));
        }
        return "    private static Payload read%s(Fields f) {\n%s%s        return f.fit() ? new Payload.%s(%s) : null;\n    }\n"
                .formatted(k.javaName(), wanted, oneOf(k), k.javaName(), made);
    }

    private static String oneOf(Format.Kind k) {
        return k.oneOf().isEmpty()
                ? ""
                : "        f.mustHold(%s);\n"
                        .formatted(
                                k.oneOf().stream().map(n -> n + ".isPresent()").collect(Collectors.joining(" || ")));
    }

    private static String part(Format.Part p) {
        return "    static %1$s %2$s(Fields f) {\n%3$s        return f.fit() ? new %1$s(%4$s) : null;\n    }\n"
                .formatted(
                        p.name(),
                        Text.lowerFirst(p.name()),
                        reads(p.fields()),
                        p.fields().stream().map(Format.Field::name).collect(Collectors.joining(", ")));
    }

    private static String reads(List<Format.Field> fields) {
        return fields.stream()
                .map(f -> "        var %s = %s;\n".formatted(f.name(), read(f)) + atMost(f))
                .collect(Collectors.joining());
    }

    private static String atMost(Format.Field f) {
        return f.atMost().isEmpty()
                ? ""
                : "        f.mustHold(%1$s.isEmpty() || f.fit() && %1$s.get().level() <= %2$s.level());\n"
                        .formatted(f.name(), f.atMost());
    }

    private static String read(Format.Field f) {
        String name = Text.quoted(f.name());
        String may = f.isRequired() ? "" : "maybe";
        Type t = f.type();
        if (t instanceof Type.Text x) {
            String method = isAnchored(x.pattern()) ? "text" : "textWith";
            return call(may, method, name, constant(f, x) + (x.most() > 0 ? ", " + x.most() : ""));
        } else if (t instanceof Type.Whole w) {
            return call(
                    may,
                    w.isInt() ? "whole" : "longWhole",
                    name,
                    w.least() + (w.isInt() ? ", " : "L, ") + w.most() + (w.isInt() ? "" : "L"));
        } else if (t instanceof Type.OfScale s) {
            return call(
                    may,
                    "oneOf",
                    name,
                    s.scale().values().stream().map(String::valueOf).collect(Collectors.joining(", ")));
        } else if (t instanceof Type.Flag) {
            return f.beside().isEmpty()
                    ? call(may, "flag", name, "")
                    : "f.flagBeside(%s, %s.isPresent())".formatted(name, f.beside());
        } else if (t instanceof Type.Word w) {
            return word(may, name, w);
        } else if (t instanceof Type.Many m) {
            return call(
                    may,
                    "many",
                    name,
                    "%d, %d, Readers::%s"
                            .formatted(
                                    m.least(),
                                    m.most(),
                                    Text.lowerFirst(m.part().name())));
        } else if (t instanceof Type.OfPart p) {
            return call(
                    may, "part", name, "Readers::" + Text.lowerFirst(p.part().name()));
        }
        return call(may, "object", name, "");
    }

    private static String word(String may, String name, Type.Word w) {
        if (w.words().isOpen()) {
            return call(
                    may,
                    "open",
                    name,
                    "%1$s::isWord, %1$s::of".formatted(w.words().name()));
        }
        String only = w.only().isEmpty()
                ? ""
                : w.only().stream().map(o -> ", " + w.words().name() + "." + o).collect(Collectors.joining());
        return call(
                may,
                w.words().isNumbered() ? "numbered" : "word",
                name,
                w.words().name() + ".WORDS" + only);
    }

    private static String call(String may, String method, String name, String more) {
        return "f.%s(%s%s)"
                .formatted(
                        may.isEmpty() ? method : may + Text.upperFirst(method),
                        name,
                        more.isEmpty() ? "" : ", " + more);
    }

    private static void ours(SortedSet<String> imports, Format.Field f) {
        String type = JavaTypes.ours(f.type());
        if (!type.isEmpty()) {
            imports.add(type);
        }
    }

    /** For each count that marks take part in, a case a kind: whoever reads it says what each is, or is not compiled. */
    String counts() {
        StringBuilder body = new StringBuilder("""
                package strophos.core.record;

                import java.util.Optional;

                /**
                 * What kinds count for beside being kept and shown. Whoever reads a count says what each of its kinds is: when a kind joins,
                 * whoever forgets it is not compiled. What the fold itself is made of stands in {@link FoldCases}.
                 */
                public final class Counts {

                    private Counts() {}
                """);
        for (String count : format.counts()) {
            List<Format.Kind> kinds = format.counting(count);
            if (kinds.stream().anyMatch(Format.Kind::isMark)) {
                body.append('\n').append(count(count, kinds));
            }
        }
        return body.append("}\n").toString();
    }

    private static String count(String count, List<Format.Kind> kinds) {
        String name = Text.upperFirst(Text.camel(count));
        StringBuilder body =
                new StringBuilder("    /** One case a kind that counts for %1$s. */\n    public interface %2$s<R> {\n"
                        .formatted(count.replace('_', ' '), name));
        kinds.forEach(
                k -> body.append("        R %s(Payload.%s said);\n\n".formatted(Text.camel(k.kind()), k.javaName())));
        body.setLength(body.length() - 1);
        body.append("    }\n\n    /** What it is, for one that counts; empty for another. */\n")
                .append("    public static <R> Optional<R> %s(Payload said, %s<R> cases) {\n"
                        .formatted(Text.camel(count), name));
        kinds.forEach(k -> body.append(
                "        if (said instanceof Payload.%s s) {\n            return Optional.of(cases.%s(s));\n        }\n"
                        .formatted(k.javaName(), Text.camel(k.kind()))));
        return body.append("        return Optional.empty();\n    }\n").toString();
    }

    /** A method's name for a kind, which may be a word of Java's. */
    private static String called(Format.Kind k) {
        String name = Text.camel(k.kind());
        return name.equals("void") ? "voided" : name;
    }

    /** One case a kind of which the fold itself is made, and one for all marks. */
    String foldCases() {
        List<Format.Kind> own = format.kinds().stream().filter(k -> !k.isMark()).toList();
        StringBuilder body = new StringBuilder(
                "package strophos.core.record;\n\n/** What the fold itself is made of, a case a kind, and all marks. */\ninterface FoldCases {\n\n");
        own.forEach(k -> body.append(
                "    void %s(Entry entry, long atMs, Payload.%s said);\n\n".formatted(called(k), k.javaName())));
        body.append(
                "    void mark(Entry entry, long atMs, Payload.Mark said);\n\n    default void tell(Entry entry, long atMs, Payload said) {\n        ");
        own.forEach(
                k -> body.append("if (said instanceof Payload.%s s) {\n            %s(entry, atMs, s);\n        } else "
                        .formatted(k.javaName(), called(k))));
        return body.append("{\n            mark(entry, atMs, (Payload.Mark) said);\n        }\n    }\n}\n")
                .toString();
    }
}
