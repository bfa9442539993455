package strophos.format;

import java.util.stream.Collectors;

/** Writes the vocabularies as TypeScript: lists, types, and where their words stand in the language files. */
final class TypeScriptWords {

    static final String HEAD = "// Written from format/ by ./strophos kinds.\n";

    private final Format format;

    TypeScriptWords(Format format) {
        this.format = format;
    }

    String words() {
        StringBuilder body = new StringBuilder(HEAD);
        format.words().forEach(w -> body.append('\n').append(words(w)));
        format.scales()
                .forEach(s -> body.append('\n')
                        .append(Text.comment("", s.doc()))
                        .append("export const %s = [%s] as const\n"
                                .formatted(
                                        s.list(),
                                        s.values().stream().map(String::valueOf).collect(Collectors.joining(", "))))
                        .append("export type %s = (typeof %s)[number]\n".formatted(s.name(), s.list())));
        return body.toString();
    }

    private static String words(Format.Words w) {
        StringBuilder body = new StringBuilder(Text.comment(
                "",
                w.doc()
                        + (w.isOpen()
                                ? " An open vocabulary: a word that is not listed is read as it is written."
                                : "")));
        body.append("export const %s = [%s] as const\n"
                .formatted(w.list(), w.words().stream().map(x -> wire(w, x)).collect(Collectors.joining(", "))));
        body.append("export type %s = (typeof %s)[number]%s\n"
                .formatted(w.name(), w.list(), w.isOpen() ? " | (string & {})" : ""));
        w.groups()
                .forEach(g -> body.append('\n')
                        .append(Text.comment("", g.doc()))
                        .append("export const %s_%s: readonly %s[] = [%s]\n"
                                .formatted(
                                        Text.constant(w.name()),
                                        g.name(),
                                        w.name(),
                                        g.words().stream()
                                                .map(TypeScriptWords::quoted)
                                                .collect(Collectors.joining(", ")))));
        if (!w.each().isEmpty()) {
            body.append("\n/** The %s of each. */\nexport const %s_%s: Record<%s, %s> = {\n"
                    .formatted(w.each(), Text.constant(w.name()), Text.constant(w.each()), w.name(), w.eachWords()));
            w.words().forEach(x -> body.append("  %s: %s,\n".formatted(x.word(), quoted(x.each()))));
            body.append("}\n");
        }
        return body.toString();
    }

    private static String wire(Format.Words w, Format.Word x) {
        return w.isNumbered() ? String.valueOf(x.number()) : quoted(x.word());
    }

    static String quoted(String text) {
        return "'" + text.replace("\\", "\\\\").replace("'", "\\'") + "'";
    }

    /** Where each vocabulary's words stand in the language files; for the test that none is missing. */
    String texts() {
        StringBuilder body = new StringBuilder(
                HEAD
                        + "\n/** The language key of each vocabulary that is shown, and its words. */\nexport const TEXTS: Record<string, readonly (string | number)[]> = {\n");
        format.words().stream()
                .filter(w -> !w.textKey().isEmpty())
                .forEach(w -> body.append("  %s: [%s],\n"
                        .formatted(
                                quoted(w.textKey()),
                                w.words().stream().map(x -> wire(w, x)).collect(Collectors.joining(", ")))));
        return body.append("}\n").toString();
    }
}
