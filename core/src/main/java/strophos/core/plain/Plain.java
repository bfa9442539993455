package strophos.core.plain;

import java.math.BigDecimal;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Objects;

/**
 * What every reader of a value can read, and when two values are the same.
 *
 * <p>A parser of JSON takes more than a browser, a server and a database can keep alike: a number beyond the range of a double
 * (1e400) is infinite in a browser, NUL and half of a surrogate pair are texts no database keeps, and a value may be nested without
 * end. Such a value is refused by every reader. Numbers are compared by what they are, not by how they were written: 100, 1e2 and
 * 100.0 are one number, and so are 0 and −0.
 */
public final class Plain {

    /** The deepest nesting read; an object of plain values is 1. */
    public static final int DEEPEST = 16;

    /** The largest whole number a browser can tell from its neighbours, 2⁵³ − 1. */
    public static final long WHOLE_MOST = (1L << 53) - 1;

    private Plain() {}

    /** Whether every reader can read this. */
    public static boolean isPlain(Object value) {
        return isPlain(value, 0);
    }

    private static boolean isPlain(Object value, int depth) {
        if (value instanceof String text) {
            return isText(text);
        } else if (value instanceof Map<?, ?> object) {
            if (depth == DEEPEST) {
                return false;
            }
            for (Map.Entry<?, ?> field : object.entrySet()) {
                if (!isPlain(field.getKey(), depth + 1) || !isPlain(field.getValue(), depth + 1)) {
                    return false;
                }
            }
            return true;
        } else if (value instanceof List<?> list) {
            if (depth == DEEPEST) {
                return false;
            }
            for (Object each : list) {
                if (!isPlain(each, depth + 1)) {
                    return false;
                }
            }
            return true;
        } else if (value instanceof Number number) {
            return Double.isFinite(number.doubleValue());
        }
        return value == null || value instanceof Boolean;
    }

    /** Whether a text can be kept: no NUL, and no half of a surrogate pair. */
    public static boolean isText(String text) {
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            if (c == 0) {
                return false;
            }
            if (Character.isSurrogate(c)) {
                boolean isPair = Character.isHighSurrogate(c)
                        && i + 1 < text.length()
                        && Character.isLowSurrogate(text.charAt(i + 1));
                if (!isPair) {
                    return false;
                }
                i++;
            }
        }
        return true;
    }

    /**
     * Whether a value is a whole number that both languages tell from its neighbours; 2.0 is one. Its value is {@code
     * ((Number) value).longValue()}.
     */
    public static boolean isWhole(Object value) {
        if (value instanceof Integer) {
            return true;
        } else if (value instanceof Number number) {
            double d = number.doubleValue();
            return d == Math.rint(d) && Math.abs(d) <= WHOLE_MOST;
        }
        return false;
    }

    /** Whether two values say the same, however their numbers were written. Both must be plain. */
    public static boolean isSame(Object a, Object b) {
        if (a instanceof Number n && b instanceof Number m) {
            return decimal(n).compareTo(decimal(m)) == 0;
        } else if (a instanceof Map<?, ?> x && b instanceof Map<?, ?> y) {
            return x.keySet().equals(y.keySet())
                    && x.entrySet().stream().allMatch(e -> isSame(e.getValue(), y.get(e.getKey())));
        } else if (a instanceof List<?> x && b instanceof List<?> y) {
            Iterator<?> others = y.iterator();
            return x.size() == y.size() && x.stream().allMatch(each -> isSame(each, others.next()));
        }
        return Objects.equals(a, b);
    }

    private static BigDecimal decimal(Number number) {
        return new BigDecimal(number.toString());
    }
}
