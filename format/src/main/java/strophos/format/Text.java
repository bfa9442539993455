package strophos.format;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** Small matters of writing code. */
final class Text {

    private static final int WIDTH = 110;

    private Text() {}

    /** A Javadoc or TSDoc comment, indented; nothing for an empty text. */
    static String comment(String indent, String doc) {
        if (doc.isEmpty()) {
            return "";
        }
        if (indent.length() + doc.length() + 7 <= WIDTH) {
            return indent + "/** " + doc + " */\n";
        }
        StringBuilder written = new StringBuilder(indent + "/**\n");
        wrapped(doc, WIDTH - indent.length() - 3)
                .forEach(l -> written.append(indent).append(" * ").append(l).append('\n'));
        return written.append(indent).append(" */\n").toString();
    }

    static List<String> wrapped(String text, int width) {
        List<String> lines = new ArrayList<>();
        StringBuilder line = new StringBuilder();
        for (String word : text.split(" ")) {
            if (line.length() > 0 && line.length() + 1 + word.length() > width) {
                lines.add(line.toString());
                line.setLength(0);
            }
            line.append(line.length() == 0 ? "" : " ").append(word);
        }
        lines.add(line.toString());
        return lines;
    }

    /** In one line where it fits, else one a line. */
    static String list(String indent, List<String> each) {
        String line = String.join(", ", each);
        return line.length() < 80 ? line : "\n" + indent + String.join(",\n" + indent, each);
    }

    static String lowerFirst(String name) {
        return name.substring(0, 1).toLowerCase(Locale.ROOT) + name.substring(1);
    }

    static String upperFirst(String name) {
        return name.substring(0, 1).toUpperCase(Locale.ROOT) + name.substring(1);
    }

    /** {@code shoulderBoth} as {@code SHOULDER_BOTH}. */
    static String constant(String name) {
        return name.replaceAll("([a-z0-9])([A-Z])", "$1_$2").toUpperCase(Locale.ROOT);
    }

    /** {@code first_look} as {@code firstLook}. */
    static String camel(String kind) {
        StringBuilder camel = new StringBuilder();
        for (String part : kind.split("_")) {
            camel.append(camel.length() == 0 ? part : upperFirst(part));
        }
        return camel.toString();
    }

    /** As a literal of Java and of JSON. */
    static String quoted(String text) {
        return "\"" + text.replace("\\", "\\\\").replace("\"", "\\\"") + "\"";
    }
}
