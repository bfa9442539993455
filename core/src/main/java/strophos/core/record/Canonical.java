package strophos.core.record;

import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * An entry as one text: two entries that say the same have the same text, however their numbers were written and their fields were
 * ordered. Fields stand in the order of their names, numbers without exponent and without zeros at their end, texts quoted with
 * backslash and quote escaped. Every value must be plain; see {@link strophos.core.plain.Plain}.
 */
public final class Canonical {

    private Canonical() {}

    public static String of(Entry e) {
        StringBuilder text = new StringBuilder();
        for (Object value :
                List.of(e.id(), e.lesson(), e.device(), e.author(), e.seq(), e.atMs(), e.kind(), e.v(), e.payload())) {
            write(value, text);
            text.append('\n');
        }
        return text.toString();
    }

    private static void write(Object value, StringBuilder text) {
        if (value instanceof String words) {
            quote(words, text);
        } else if (value instanceof Number number) {
            BigDecimal exact = new BigDecimal(number.toString());
            text.append(exact.signum() == 0 ? "0" : exact.stripTrailingZeros().toPlainString());
        } else if (value instanceof Map<?, ?> object) {
            text.append('{');
            new TreeMap<>(object).forEach((name, field) -> {
                quote((String) name, text);
                text.append(':');
                write(field, text);
                text.append(',');
            });
            text.append('}');
        } else if (value instanceof List<?> list) {
            text.append('[');
            list.forEach(each -> {
                write(each, text);
                text.append(',');
            });
            text.append(']');
        } else {
            text.append(value);
        }
    }

    private static void quote(String words, StringBuilder text) {
        text.append('"')
                .append(words.replace("\\", "\\\\").replace("\"", "\\\""))
                .append('"');
    }
}
