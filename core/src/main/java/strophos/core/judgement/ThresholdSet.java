package strophos.core.judgement;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * All thresholds of one rule book.
 *
 * @param book name of the book
 * @param version rises whenever a rule or a standard changes, so that kept advice can say by what it was made
 */
public record ThresholdSet(String book, int version, List<Threshold> thresholds) {

    public ThresholdSet {
        thresholds = List.copyOf(thresholds);
        if (thresholds.stream().map(Threshold::name).distinct().count() != thresholds.size()) {
            throw new IllegalArgumentException("A threshold stands twice in the set of %s.".formatted(book));
        }
    }

    /** Writes a set, one threshold after the other. */
    public static Writer of(String book, int version) {
        return new Writer(book, version, new ArrayList<>());
    }

    /** A set being written. */
    public record Writer(String book, int version, List<Threshold> lines) {

        public Writer whole(String name, int standard, int least, int most) {
            return with(Threshold.whole(name, standard, least, most));
        }

        /** A share in [0, 1], or another number changed by steps of 0.05. */
        public Writer share(String name, double standard, double least, double most) {
            return with(Threshold.share(name, standard, least, most));
        }

        public Writer number(String name, double standard, double least, double most, double step) {
            return with(new Threshold(name, standard, least, most, step, Threshold.Cap.FREE));
        }

        /** Makes the threshold written last a safety cap. */
        public Writer cap(Threshold.Cap which) {
            lines.set(lines.size() - 1, lines.get(lines.size() - 1).capped(which));
            return this;
        }

        private Writer with(Threshold line) {
            lines.add(line);
            return this;
        }

        public ThresholdSet done() {
            return new ThresholdSet(book, version, lines);
        }
    }

    /** Name and version, as kept with every advice. */
    public String id() {
        return book + "/" + version;
    }

    public Optional<Threshold> find(String name) {
        return thresholds.stream().filter(t -> t.name().equals(name)).findFirst();
    }

    public Thresholds standard() {
        return with(Map.of());
    }

    /**
     * The standards with a yard's changes on top.
     *
     * @throws IllegalArgumentException when a change names no threshold of this sheet, or a value that is not allowed:
     *     ask {@link #refusals} first
     */
    public Thresholds with(Map<String, Double> changes) {
        List<Refusal> refused = refusals(changes);
        if (!refused.isEmpty()) {
            throw new IllegalArgumentException("Not allowed on the sheet of %s: %s".formatted(book, refused));
        }
        Map<String, Double> values = new LinkedHashMap<>();
        thresholds.forEach(t -> values.put(t.name(), changes.getOrDefault(t.name(), t.standard())));
        return new Thresholds(id(), values);
    }

    /** What is wrong with these changes; empty when they may be made. */
    public List<Refusal> refusals(Map<String, Double> changes) {
        List<Refusal> refused = new ArrayList<>();
        changes.forEach((name, value) -> {
            Optional<Threshold> line = find(name);
            if (line.isEmpty()) {
                refused.add(new Refusal(name, Refusal.Why.UNKNOWN, 0, 0));
            } else if (!line.get().allows(value)) {
                Threshold t = line.get();
                boolean isCap = value >= t.least() && value <= t.most() && (value < t.lowest() || value > t.highest());
                refused.add(new Refusal(
                        name, isCap ? Refusal.Why.LOOSENS_A_CAP : Refusal.Why.OUT_OF_RANGE, t.lowest(), t.highest()));
            }
        });
        return refused;
    }

    /** One change that may not be made; what may be chosen lies in [least, most]. */
    public record Refusal(String name, Why why, double least, double most) {

        /** What is wrong. */
        public enum Why {
            UNKNOWN,
            OUT_OF_RANGE,
            LOOSENS_A_CAP
        }
    }
}
