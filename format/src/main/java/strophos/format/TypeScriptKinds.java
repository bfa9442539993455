package strophos.format;

import java.util.List;
import java.util.SortedSet;
import java.util.TreeSet;
import java.util.stream.Collectors;

/** Writes what entries say as TypeScript: types, and shapes that a small reader goes by. */
final class TypeScriptKinds {

    private final Format format;

    TypeScriptKinds(Format format) {
        this.format = format;
    }

    String kinds() {
        StringBuilder body = new StringBuilder(TypeScriptWords.HEAD);
        SortedSet<String> types = new TreeSet<>();
        SortedSet<String> lists = new TreeSet<>();
        format.kinds().forEach(k -> k.fields().forEach(f -> names(types, lists, f)));
        format.parts().forEach(p -> p.fields().forEach(f -> names(types, lists, f)));
        format.parts().forEach(p -> types.remove(p.name()));
        body.append(
                "import { flag, list, object, oneOf, open, part, text, whole } from '../shape'\nimport type { Shape } from '../shape'\n");
        body.append("import { %s } from './words'\n".formatted(String.join(", ", lists)));
        body.append("import type { %s } from './words'\n".formatted(String.join(", ", types)));
        format.parts()
                .forEach(p -> body.append('\n')
                        .append(Text.comment("", p.doc()))
                        .append("export interface %s {\n%s}\n".formatted(p.name(), fields("  ", p.fields()))));
        body.append("\n/** What each kind says, once it has been understood. */\nexport interface Payloads {\n");
        latest().forEach(k -> body.append(Text.comment("  ", k.doc()))
                .append("  %s: {%s}\n"
                        .formatted(k.kind(), k.fields().isEmpty() ? "" : "\n" + fields("    ", k.fields()) + "  ")));
        body.append(
                        "}\n\nexport type Kind = keyof Payloads\n\n/** What the payload of each kind is. */\nexport type Writes = ")
                .append(writes())
                .append(
                        "\n\n/** The kinds that are marks, and what each hangs on; null: the lesson itself. */\nexport const HANGS_ON = {\n");
        latest().stream()
                .filter(Format.Kind::isMark)
                .forEach(k -> body.append("  %s: %s,\n"
                        .formatted(
                                k.kind(),
                                k.hangsOn().equals("lesson") ? "null" : TypeScriptWords.quoted(k.hangsOn()))));
        body.append(
                "} as const\nexport type MarkKind = keyof typeof HANGS_ON\n\n/** What a kind counts for beside being kept and shown. */\nexport interface Counts {\n");
        format.counts()
                .forEach(c -> body.append("  %s: %s\n"
                        .formatted(
                                c,
                                format.counting(c).stream()
                                        .map(Format.Kind::kind)
                                        .distinct()
                                        .map(TypeScriptWords::quoted)
                                        .collect(Collectors.joining(" | ")))));
        body.append(
                "}\n\n/** The version each kind is written in. */\nexport const LATEST: Record<Kind, number> = {\n");
        latest().forEach(k -> body.append("  %s: %d,\n".formatted(k.kind(), k.v())));
        body.append("}\n\n");
        patterns(body);
        format.parts().stream()
                .sorted((a, b) -> Boolean.compare(needsParts(a), needsParts(b)))
                .forEach(p -> body.append("const %s: Shape = {\n%s}\n"
                        .formatted(Text.constant(p.name()), shape("  ", p.fields(), List.of()))));
        body.append(
                "\n/** By kind, then version. */\nexport const SHAPES: Record<string, Record<number, Shape>> = {\n");
        byKind().forEach(versions -> {
            body.append("  %s: {\n".formatted(versions.get(0).kind()));
            versions.forEach(k -> body.append(
                    k.as().isEmpty()
                            ? "    %d: {\n%s    },\n".formatted(k.v(), shape("      ", k.fields(), k.oneOf()))
                            : "    %d: { as: %s, of: %s },\n"
                                    .formatted(
                                            k.v(),
                                            TypeScriptWords.quoted(k.as()),
                                            Text.constant(((Type.OfPart)
                                                            k.fields().get(0).type())
                                                    .part()
                                                    .name()))));
            body.append("  },\n");
        });
        return body.append("}\n").append(bounds()).toString();
    }

    /** The payloads: those that are read under a field of their own are written without it. */
    private String writes() {
        List<Format.Kind> whole =
                latest().stream().filter(k -> !k.as().isEmpty()).toList();
        return whole.isEmpty()
                ? "Payloads"
                : "Omit<Payloads, %s> & { %s }"
                        .formatted(
                                whole.stream()
                                        .map(k -> TypeScriptWords.quoted(k.kind()))
                                        .collect(Collectors.joining(" | ")),
                                whole.stream()
                                        .map(k -> k.kind() + ": "
                                                + type(k.fields().get(0).type()))
                                        .collect(Collectors.joining("; ")));
    }

    private static boolean needsParts(Format.Part p) {
        return p.fields().stream().anyMatch(f -> f.type() instanceof Type.OfPart || f.type() instanceof Type.Many);
    }

    /** The last version of each kind. */
    private List<Format.Kind> latest() {
        return byKind().stream().map(v -> v.get(v.size() - 1)).toList();
    }

    private List<List<Format.Kind>> byKind() {
        return List.copyOf(format.kinds().stream()
                .collect(Collectors.groupingBy(Format.Kind::kind, java.util.TreeMap::new, Collectors.toList()))
                .values());
    }

    private static String fields(String indent, List<Format.Field> fields) {
        return fields.stream()
                .map(f -> Text.comment(indent, f.doc()) + indent + f.name() + (f.isRequired() ? "" : "?") + ": "
                        + type(f.type()) + "\n")
                .collect(Collectors.joining());
    }

    private static String type(Type t) {
        if (t instanceof Type.Text) {
            return "string";
        } else if (t instanceof Type.Whole) {
            return "number";
        } else if (t instanceof Type.OfScale s) {
            return s.scale().name();
        } else if (t instanceof Type.Flag) {
            return "boolean";
        } else if (t instanceof Type.Word w) {
            return w.only().isEmpty()
                    ? w.words().name()
                    : w.only().stream().map(TypeScriptWords::quoted).collect(Collectors.joining(" | "));
        } else if (t instanceof Type.OfPart p) {
            return p.part().name();
        } else if (t instanceof Type.Many m) {
            return m.part().name() + "[]";
        }
        return "Record<string, unknown>";
    }

    private static void names(SortedSet<String> types, SortedSet<String> lists, Format.Field f) {
        if (f.type() instanceof Type.Word w) {
            if (w.only().isEmpty()) {
                types.add(w.words().name());
                if (!w.words().isOpen()) {
                    lists.add(w.words().list());
                }
            }
        } else if (f.type() instanceof Type.OfScale s) {
            types.add(s.scale().name());
            lists.add(s.scale().list());
        }
    }

    private void patterns(StringBuilder body) {
        SortedSet<String> seen = new TreeSet<>();
        List<Format.Field> all = new java.util.ArrayList<>();
        format.kinds().forEach(k -> all.addAll(k.fields()));
        format.parts().forEach(p -> all.addAll(p.fields()));
        for (Format.Field f : all) {
            if (f.type() instanceof Type.Text t && seen.add(constant(f, t))) {
                body.append("const %s = text(/%s/%s)\n"
                        .formatted(constant(f, t), t.pattern(), t.most() > 0 ? ", " + t.most() : ""));
            } else if (f.type() instanceof Type.Word w
                    && w.words().isOpen()
                    && seen.add(w.words().name())) {
                body.append("const %s = open(/%s/)\n"
                        .formatted(Text.constant(w.words().name()), w.words().openPattern()));
            }
        }
    }

    /** Fields of one name may differ in how long they may be. */
    private static String constant(Format.Field f, Type.Text t) {
        String name = Text.constant(t.name().isEmpty() ? f.name() : t.name());
        return t.most() > 0 ? name + "_" + t.most() : name;
    }

    private static String shape(String indent, List<Format.Field> fields, List<String> oneOf) {
        StringBuilder body = new StringBuilder();
        body.append(members(
                indent, "need", fields.stream().filter(Format.Field::isRequired).toList()));
        body.append(members(
                indent, "may", fields.stream().filter(f -> !f.isRequired()).toList()));
        fields.stream()
                .filter(f -> !f.atMost().isEmpty())
                .forEach(f -> body.append(indent
                        + "atMost: [%s, %s],\n"
                                .formatted(TypeScriptWords.quoted(f.name()), TypeScriptWords.quoted(f.atMost()))));
        fields.stream()
                .filter(f -> !f.beside().isEmpty())
                .forEach(f -> body.append(indent
                        + "beside: [%s, %s],\n"
                                .formatted(TypeScriptWords.quoted(f.name()), TypeScriptWords.quoted(f.beside()))));
        if (!oneOf.isEmpty()) {
            body.append(indent
                    + "oneOf: [%s],\n"
                            .formatted(
                                    oneOf.stream().map(TypeScriptWords::quoted).collect(Collectors.joining(", "))));
        }
        return body.toString();
    }

    private static String members(String indent, String which, List<Format.Field> fields) {
        return fields.isEmpty()
                ? ""
                : indent + which + ": {\n"
                        + fields.stream()
                                .map(f -> indent + "  " + f.name() + ": " + read(f) + ",\n")
                                .collect(Collectors.joining())
                        + indent + "},\n";
    }

    private static String read(Format.Field f) {
        Type t = f.type();
        if (t instanceof Type.Text x) {
            return constant(f, x);
        } else if (t instanceof Type.Whole w) {
            return "whole(%d, %d)".formatted(w.least(), w.most());
        } else if (t instanceof Type.OfScale s) {
            return "oneOf(%s)".formatted(s.scale().list());
        } else if (t instanceof Type.Flag) {
            return "flag";
        } else if (t instanceof Type.Word w) {
            return w.words().isOpen()
                    ? Text.constant(w.words().name())
                    : "oneOf(%s)"
                            .formatted(
                                    w.only().isEmpty()
                                            ? w.words().list()
                                            : w.only().stream()
                                                    .map(TypeScriptWords::quoted)
                                                    .collect(Collectors.joining(", ", "[", "]")));
        } else if (t instanceof Type.OfPart p) {
            return "part(%s)".formatted(Text.constant(p.part().name()));
        } else if (t instanceof Type.Many m) {
            return "list(%s, %d, %d)".formatted(Text.constant(m.part().name()), m.least(), m.most());
        }
        return "object";
    }

    /** What screens need to know of bounds, by kind and field. */
    private String bounds() {
        StringBuilder body = new StringBuilder(
                "\n/** Numbers and lengths that are believed, by kind and field. */\nexport const BOUNDS = {\n");
        for (Format.Kind k : latest()) {
            String inner = k.fields().stream()
                    .map(TypeScriptKinds::bound)
                    .filter(b -> !b.isEmpty())
                    .collect(Collectors.joining(", "));
            if (!inner.isEmpty()) {
                body.append("  %s: { %s },\n".formatted(k.kind(), inner));
            }
        }
        return body.append("} as const\n").toString();
    }

    private static String bound(Format.Field f) {
        if (f.type() instanceof Type.Whole w) {
            return "%s: { least: %d, most: %d }".formatted(f.name(), w.least(), w.most());
        } else if (f.type() instanceof Type.Many m) {
            return "%s: { least: %d, most: %d }".formatted(f.name(), m.least(), m.most());
        }
        return f.type() instanceof Type.Text t && t.most() > 0
                ? "%s: { least: 1, most: %d }".formatted(f.name(), t.most())
                : "";
    }
}
