package strophos.core.judgement;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Function;

/**
 * Worked cases of one rule book, in which every threshold shows: each case answers by given thresholds, and is true with the
 * standard ones. A threshold is held when moving it by a step makes some case answer otherwise.
 */
public final class Cases {

    private final ThresholdSet sheet;
    private final List<Case> cases = new ArrayList<>();

    /** One case; the answer as text, so that a table can be read. */
    public record Case(ThresholdSet sheet, String name, Function<Thresholds, String> answer, String expected) {
        @Override
        public String toString() {
            return sheet.book() + ": " + name;
        }
    }

    public Cases(ThresholdSet sheet) {
        this.sheet = sheet;
    }

    public Cases with(String name, Function<Thresholds, String> answer, String expected) {
        cases.add(new Case(sheet, name, answer, expected));
        return this;
    }

    public List<Case> all() {
        return List.copyOf(cases);
    }

    public ThresholdSet sheet() {
        return sheet;
    }

    /** The same thresholds with one moved; a yard could not loosen a cap, a careless hand in the code could. */
    public static Thresholds moved(Thresholds from, String name, double value) {
        Map<String, Double> values = new java.util.HashMap<>();
        from.names().forEach(n -> values.put(n, from.get(n)));
        values.put(name, value);
        return new Thresholds(from.book(), values);
    }

    /** {@code MET}, {@code BROKEN} or {@code FEW}. */
    public static String word(Judgement judgement) {
        return judgement instanceof Judgement.NotEnoughData ? "FEW" : judgement.isMet() ? "MET" : "BROKEN";
    }
}
