package strophos.format;

import java.util.List;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.stream.Collectors;

/** Writes what entries say as Java records: {@code Payload} and the parts they share. */
final class JavaRecords {

    private final Format format;

    JavaRecords(Format format) {
        this.format = format;
    }

    String payload() {
        SortedSet<String> imports = new TreeSet<>(List.of("java.util.Map", "java.util.Optional"));
        format.kinds().forEach(k -> k.fields().forEach(f -> imports(imports, f)));
        imports.add("strophos.core.plain.PlainMap");
        StringBuilder body = new StringBuilder("package strophos.core.record;\n\n");
        imports.forEach(i -> body.append("import ").append(i).append(";\n"));
        body.append("""

                /** What an entry says, once its kind and version have been understood. */
                public sealed interface Payload {

                    /** The kind of its entry. */
                    String kind();

                    /** The version of its kind. */
                    int version();

                    /** As it stands in an entry: what is not there is left out. */
                    Map<String, Object> plain();

                    /** When it was, on a second time base; empty for most, which were written as they happened. */
                    default Optional<Moment> when() {
                        return Optional.empty();
                    }

                    /** Something seen or done beside the asks. */
                    sealed interface Mark extends Payload {

                        /** The entry it hangs on, by id: a segment, or the exchange of a release; empty when it is the lesson's. */
                        default Optional<String> hangsOn() {
                            return Optional.empty();
                        }
                    }

                    /** A mark that hangs on a segment. */
                    sealed interface OfSegment extends Mark {
                        String segment();

                        @Override
                        default Optional<String> hangsOn() {
                            return Optional.of(segment());
                        }
                    }

                    /** Something seen, by name, with the side of the body it was seen on. */
                    sealed interface Sighting extends OfSegment {
                        String name();

                        Side side();
                    }
                """);
        format.kinds().forEach(k -> body.append('\n').append(kind(k)));
        return body.append("}\n").toString();
    }

    private static String kind(Format.Kind k) {
        StringBuilder body = new StringBuilder(Text.comment("    ", k.doc()))
                .append("    record %s(%s) implements %s {\n".formatted(k.javaName(), components(k.fields()), type(k)));
        body.append(copies("        ", k.javaName(), k.fields()));
        body.append(method("String kind", Text.quoted(k.kind()))).append(method("int version", String.valueOf(k.v())));
        if (k.hangsOn().equals("exchange")) {
            body.append(method("Optional<String> hangsOn", "Optional.of(exchange)"));
        }
        body.append(method(
                "Map<String, Object> plain",
                !k.as().isEmpty() ? k.as() + ".plain()" : k.fields().isEmpty() ? "Map.of()" : plain(k.fields())));
        return body.append("    }\n").toString();
    }

    private static String type(Format.Kind k) {
        return !k.is().isEmpty()
                ? String.join(", ", k.is())
                : switch (k.hangsOn()) {
                    case "segment" -> "OfSegment";
                    case "fold" -> "Payload";
                    default -> "Mark";
                };
    }

    private static String method(String head, String value) {
        return "\n        @Override\n        public %s() {\n            return %s;\n        }\n".formatted(head, value);
    }

    String part(Format.Part part) {
        SortedSet<String> imports = new TreeSet<>(List.of("java.util.List", "java.util.Map"));
        part.fields().forEach(f -> imports(imports, f));
        imports.add("strophos.core.plain.PlainMap");
        StringBuilder body = new StringBuilder("package strophos.core.%s;\n\n".formatted(part.javaPackage()));
        imports.stream()
                .filter(i -> !i.startsWith("strophos.core.%s.".formatted(part.javaPackage())))
                .forEach(i -> body.append("import ").append(i).append(";\n"));
        body.append('\n')
                .append(doc(part))
                .append("public record %s(%s) {\n\n".formatted(part.name(), components(part.fields())));
        body.append(
                "    /** Its fields, by name, in order. */\n    public static final List<String> FIELDS = List.of(%s);\n"
                        .formatted(Text.list(
                                "            ",
                                part.fields().stream()
                                        .map(f -> Text.quoted(f.name()))
                                        .toList())));
        body.append(checks(part));
        body.append("\n    /** As it stands in a payload: what is not there is left out. */\n")
                .append("    public Map<String, Object> plain() {\n        return %s;\n    }\n"
                        .formatted(plain(part.fields())));
        return body.append("}\n").toString();
    }

    private static String doc(Format.Part part) {
        StringBuilder doc = new StringBuilder("/**\n * ").append(part.doc()).append("\n *\n");
        part.fields().stream()
                .filter(f -> !f.doc().isEmpty())
                .forEach(f -> doc.append(" * @param %s %s%n".formatted(f.name(), f.doc())));
        return doc.append(" */\n").toString();
    }

    /** A part checks its numbers when it is made: it may be made by others than its reader. */
    private static String checks(Format.Part part) {
        StringBuilder body = new StringBuilder();
        for (Format.Field f : part.fields()) {
            String taken = f.type() instanceof Type.OfScale s
                    ? "!List.of(%s).contains("
                            .formatted(s.scale().values().stream()
                                    .map(String::valueOf)
                                    .collect(Collectors.joining(", ")))
                    : "";
            String value = f.isRequired() ? f.name() : f.name() + ".getAsInt()";
            String is = f.isRequired() ? "" : f.name() + ".isPresent() && ";
            if (!taken.isEmpty()) {
                body.append(thrown(
                        f,
                        is + taken + value + ")",
                        "one of " + ((Type.OfScale) f.type()).scale().values(),
                        value));
            } else if (f.type() instanceof Type.Whole w) {
                String form = w.isInt() ? "(%1$s < %2$d || %1$s > %3$d)" : "(%1$s < %2$dL || %1$s > %3$dL)";
                String outside = form.formatted(value, w.least(), w.most());
                body.append(thrown(f, is + outside, "in [%d, %d]".formatted(w.least(), w.most()), value));
            }
        }
        return body.length() == 0 ? "" : "\n    public %s {\n%s    }\n".formatted(part.name(), body);
    }

    private static String thrown(Format.Field f, String when, String what, String value) {
        return """
                    if (%s) {
                        throw new IllegalArgumentException("The %s (%%d) must be %s.".formatted(%s));
                    }
            """.formatted(when, f.name(), what, value);
    }

    private static String components(List<Format.Field> fields) {
        return Text.list(
                "            ",
                fields.stream().map(f -> JavaTypes.of(f) + " " + f.name()).toList());
    }

    private static String copies(String indent, String name, List<Format.Field> fields) {
        String copies = fields.stream()
                .filter(f -> f.type() instanceof Type.Many)
                .map(f -> indent + "    %1$s = List.copyOf(%1$s);\n".formatted(f.name()))
                .collect(Collectors.joining());
        return copies.isEmpty() ? "" : indent + "public " + name + " {\n" + copies + indent + "}\n";
    }

    private static String plain(List<Format.Field> fields) {
        String step = fields.size() > 3 ? "\n                    " : "";
        return fields.stream()
                .map(f -> step + JavaTypes.plain(f))
                .collect(Collectors.joining("", "new PlainMap()", step + ".map()"));
    }

    private static void imports(SortedSet<String> imports, Format.Field f) {
        String type = JavaTypes.of(f);
        for (String optional : List.of("Optional", "OptionalInt", "OptionalLong", "List")) {
            if (type.equals(optional) || type.startsWith(optional + "<")) {
                imports.add("java.util." + optional);
            }
        }
        if (!JavaTypes.ours(f.type()).isEmpty()) {
            imports.add(JavaTypes.ours(f.type()));
        }
    }
}
