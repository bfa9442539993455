package strophos.core.judgement;

import java.util.Map;
import java.util.Set;

/** The values of one sheet, a yard's changes included. Made by {@link ThresholdSet}. */
public final class Thresholds {

    private final String book;
    private final Map<String, Double> values;

    Thresholds(String book, Map<String, Double> values) {
        this.book = book;
        this.values = Map.copyOf(values);
    }

    /** Name and version of the book. */
    public String book() {
        return book;
    }

    public double get(String name) {
        Double value = values.get(name);
        if (value == null) {
            throw new IllegalArgumentException("%s has no threshold %s.".formatted(book, name));
        }
        return value;
    }

    public int whole(String name) {
        return (int) Math.round(get(name));
    }

    public Set<String> names() {
        return values.keySet();
    }
}
