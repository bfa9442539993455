package strophos.core.cause;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.TreeMap;
import strophos.core.judgement.Evidence;
import strophos.core.judgement.ThresholdSet;
import strophos.core.judgement.Thresholds;
import strophos.core.stats.BenjaminiHochberg;
import strophos.core.stats.Newcombe;
import strophos.core.stats.Proportion;
import strophos.core.stats.Stratified;

/**
 * What the rider does, beside what the horse gives: for each factor the YES rates with and without it, over the last {@code
 * lessons} lessons. Tested are factors with at least {@code fewest} exchanges with and without, seen in at least {@code
 * inLessons} lessons; the exact test keeps lessons apart, since a bad day has more faults and fewer YES by itself, and within a lesson exercises
 * and reins, since a hard one has, too;
 * Benjamini–Hochberg over all tested at {@code rate}. Shown are the strongest {@code most}, as worth checking.
 */
public record SideBySide(int lessons, int fewest, int inLessons, double rate, int most) {

    public static final ThresholdSet SET = ThresholdSet.of("side-by-side", 1)
            .whole("factor.lessons", 20, 2, 60)
            .whole("factor.fewest", 4, 2, 30)
            .whole("factor.inLessons", 2, 2, 10)
            .share("factor.rate", 0.1, 0.01, 0.3)
            .whole("factor.most", 3, 1, 10)
            .done();

    /** @param t of {@link #SET} */
    public static SideBySide of(Thresholds t) {
        return new SideBySide(
                t.whole("factor.lessons"),
                t.whole("factor.fewest"),
                t.whole("factor.inLessons"),
                t.get("factor.rate"),
                t.whole("factor.most"));
    }

    /** Why a factor was not tested. */
    public enum TooFew {
        WITH,
        WITHOUT,
        LESSONS
    }

    /**
     * One factor, counted where it was seen at all: in the lessons, exercises and reins with it.
     *
     * @param difference with less without, with its 95 % interval
     * @param p exact, lessons and exercises kept apart
     * @param adjusted for all factors tested
     */
    public record Comparison(
            String factor,
            Proportion with,
            Proportion without,
            Newcombe.Difference difference,
            OptionalDouble oddsRatio,
            double p,
            double adjusted,
            List<String> entries)
            implements Evidence {
        public Comparison {
            entries = List.copyOf(entries);
        }
    }

    /**
     * The answer.
     *
     * @param worthChecking the strongest first
     * @param tested all factors tested, by name; the others say why they were not
     */
    public record Result(List<Comparison> worthChecking, List<Comparison> tested, Map<String, TooFew> tooFew) {}

    /** @param told exchanges in order, of one rung or of all */
    public Result compare(List<MarkedAsk> told) {
        Map<String, TooFew> tooFew = new LinkedHashMap<>();
        List<Comparison> raw = new ArrayList<>();
        whereSeen(lastLessons(told)).forEach((factor, where) -> {
            Optional<TooFew> few = tooFew(factor, where);
            few.ifPresentOrElse(why -> tooFew.put(factor, why), () -> raw.add(line(factor, where)));
        });
        List<Comparison> tested = adjusted(raw);
        return new Result(
                tested.stream()
                        .filter(l -> l.adjusted() <= rate + 1e-9)
                        .sorted(Comparator.comparingDouble(Comparison::adjusted)
                                .thenComparing(l -> -Math.abs(l.difference().estimate())))
                        .limit(most)
                        .toList(),
                tested,
                tooFew);
    }

    private List<MarkedAsk> lastLessons(List<MarkedAsk> told) {
        Set<String> kept = new HashSet<>();
        int from = told.size();
        while (from > 0 && (kept.contains(told.get(from - 1).lesson()) || kept.size() < lessons)) {
            from--;
            kept.add(told.get(from).lesson());
        }
        return told.subList(from, told.size());
    }

    /**
     * Of each factor, by name, the asks of a lesson, exercise and rein in which it was seen at all: elsewhere there is nothing alike to lay
     * beside it.
     */
    private static Map<String, List<List<MarkedAsk>>> whereSeen(List<MarkedAsk> asks) {
        Map<String, Map<String, List<MarkedAsk>>> alike = new LinkedHashMap<>();
        asks.forEach(t -> alike.computeIfAbsent(t.lesson(), l -> new LinkedHashMap<>())
                .computeIfAbsent(t.exercise(), e -> new ArrayList<>())
                .add(t));
        Map<String, List<List<MarkedAsk>>> where = new TreeMap<>();
        alike.values().stream().flatMap(l -> l.values().stream()).forEach(like -> {
            Set<String> seen = new HashSet<>();
            like.forEach(t -> seen.addAll(t.factors()));
            seen.forEach(factor ->
                    where.computeIfAbsent(factor, f -> new ArrayList<>()).add(like));
        });
        return where;
    }

    private Optional<TooFew> tooFew(String factor, List<List<MarkedAsk>> where) {
        List<MarkedAsk> all = where.stream().flatMap(List::stream).toList();
        if (count(all, factor, true).total() < fewest) {
            return Optional.of(TooFew.WITH);
        } else if (count(all, factor, false).total() < fewest) {
            return Optional.of(TooFew.WITHOUT);
        }
        boolean isOften = all.stream().map(MarkedAsk::lesson).distinct().count() >= inLessons;
        return isOften ? Optional.empty() : Optional.of(TooFew.LESSONS);
    }

    private static Comparison line(String factor, List<List<MarkedAsk>> where) {
        List<MarkedAsk> all = where.stream().flatMap(List::stream).toList();
        Proportion with = count(all, factor, true);
        Proportion without = count(all, factor, false);
        Stratified.Result test = Stratified.test(where.stream()
                .map(l -> new Stratified.Table(count(l, factor, true), count(l, factor, false)))
                .toList());
        return new Comparison(
                factor,
                with,
                without,
                Newcombe.of(with, without),
                test.oddsRatio(),
                test.p(),
                1,
                all.stream()
                        .filter(t -> t.factors().contains(factor))
                        .map(MarkedAsk::entry)
                        .toList());
    }

    private static List<Comparison> adjusted(List<Comparison> raw) {
        List<Double> p =
                BenjaminiHochberg.adjusted(raw.stream().map(Comparison::p).toList());
        List<Comparison> lines = new ArrayList<>();
        for (int i = 0; i < raw.size(); i++) {
            Comparison l = raw.get(i);
            lines.add(new Comparison(
                    l.factor(), l.with(), l.without(), l.difference(), l.oddsRatio(), l.p(), p.get(i), l.entries()));
        }
        return lines;
    }

    private static Proportion count(List<MarkedAsk> told, String factor, boolean isWith) {
        int yes = 0;
        int of = 0;
        for (MarkedAsk t : told) {
            if (t.factors().contains(factor) == isWith) {
                of++;
                yes += t.yes() ? 1 : 0;
            }
        }
        return new Proportion(yes, of);
    }
}
