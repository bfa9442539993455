package strophos.format;

import java.util.List;
import java.util.stream.Collectors;

/** Writes the tables of {@code docs/formats.md}: what each kind says. */
final class Tables {

    static final String FROM = "<!-- written from format/ by ./strophos kinds: from here -->";
    static final String TO = "<!-- to here -->";

    private final Format format;

    Tables(Format format) {
        this.format = format;
    }

    /** The page with its tables made anew. @throws IllegalArgumentException without the two marks */
    String into(String page) {
        int from = page.indexOf(FROM);
        int to = page.indexOf(TO);
        if (from < 0 || to < from) {
            throw new IllegalArgumentException(
                    "docs/formats.md must hold the lines that say where its tables begin and end.");
        }
        return page.substring(0, from) + FROM + "\n\n" + all() + "\n" + page.substring(to);
    }

    private String all() {
        StringBuilder body = new StringBuilder();
        format.kinds().forEach(k -> body.append(kind(k)).append('\n'));
        format.parts().forEach(p -> body.append("**%s.** %s%n%n%s%n".formatted(p.name(), p.doc(), table(p.fields()))));
        body.append("| words | what |\n| --- | --- |\n");
        format.words()
                .forEach(w -> body.append("| **%s** | %s %s%s |%n"
                        .formatted(w.name(), w.doc(), said(w), w.isOpen() ? " Others are read as written." : "")));
        return body.toString();
    }

    private static String kind(Format.Kind k) {
        String counts = k.counts().isEmpty() ? "kept and shown" : "counts for " + String.join(", ", k.counts());
        String hangs = k.isMark() ? "; a mark of the " + k.hangsOn() + "'s" : "";
        String head = "**`%s`** %d · %s%s. %s%n".formatted(k.kind(), k.v(), counts, hangs, k.doc());
        if (!k.as().isEmpty()) {
            return head
                    + "Its payload is a %s.%n"
                            .formatted(((Type.OfPart) k.fields().get(0).type())
                                    .part()
                                    .name());
        }
        return k.fields().isEmpty() ? head : head + "\n" + table(k.fields());
    }

    private static String table(List<Format.Field> fields) {
        return "| field | form | what |\n| --- | --- | --- |\n"
                + fields.stream()
                        .map(f -> "| `%s`%s | %s | %s |%n"
                                .formatted(
                                        f.name(),
                                        f.isRequired() ? "" : " (may be left out)",
                                        form(f),
                                        f.doc().replace("|", "\\|")))
                        .collect(Collectors.joining());
    }

    private static String form(Format.Field f) {
        Type t = f.type();
        if (t instanceof Type.Text x) {
            return x.name().isEmpty()
                    ? "text" + (x.most() > 0 ? ", at most %d characters".formatted(x.most()) : "")
                    : x.name();
        } else if (t instanceof Type.Whole w) {
            return "%d to %d".formatted(w.least(), w.most());
        } else if (t instanceof Type.OfScale s) {
            return s.scale().values().stream().map(String::valueOf).collect(Collectors.joining(", "));
        } else if (t instanceof Type.Flag) {
            return "true or false";
        } else if (t instanceof Type.Word w) {
            return w.only().isEmpty() ? w.words().name() : String.join(", ", w.only());
        } else if (t instanceof Type.OfPart p) {
            return p.part().name();
        } else if (t instanceof Type.Many m) {
            return "list of %d to %d %s".formatted(m.least(), m.most(), m.part().name());
        }
        return "object";
    }

    private static String said(Format.Words w) {
        return w.words().stream()
                .map(x -> "`%s`%s"
                        .formatted(
                                w.isNumbered() ? x.number() : x.word(),
                                x.doc().isEmpty()
                                        ? ""
                                        : " (" + Text.lowerFirst(x.doc()).replaceAll("\\.$", "") + ")"))
                .collect(Collectors.joining(", ", "", "."));
    }
}
