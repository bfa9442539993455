package strophos.core.record;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import strophos.core.cause.Help;
import strophos.core.cause.HelpsMoreThanWaiting;
import strophos.core.cause.HelpsOverDays;
import strophos.core.cause.ProbeDay;
import strophos.core.cause.ProbeEvidence;
import strophos.core.judgement.Judgement;
import strophos.core.stats.Proportion;

/** What the last lessons say of exercises that help. */
public final class Helps {

    private final HelpsOverDays hint;
    private final HelpsMoreThanWaiting more;

    public Helps(HelpsOverDays hint, HelpsMoreThanWaiting more) {
        this.hint = hint;
        this.more = more;
    }

    /** One lesson: its asks, and the coach's word in it. */
    public record DayWithWords(Probes.DayOfAsks asks, List<HelpWord> words) {
        public DayWithWords {
            words = List.copyOf(words);
        }
    }

    /** All that speaks, the strongest first. */
    public List<Help> of(List<DayWithWords> days) {
        List<Probes.DayOfAsks> asks = days.stream().map(DayWithWords::asks).toList();
        Set<HelpWord> pairs = new LinkedHashSet<>();
        asks.forEach(d -> Probes.in(d).forEach(p -> pairs.add(new HelpWord(p.rung(), p.between()))));
        days.forEach(d -> pairs.addAll(d.words()));
        List<Help> all = new ArrayList<>();
        for (HelpWord pair : pairs) {
            byMeasure(pair, Probes.over(pair.rung(), pair.exercise(), asks))
                    .or(() -> byWord(pair, days))
                    .ifPresent(all::add);
        }
        all.sort(Comparator.comparing(Help::basis).thenComparing(h -> -h.days()));
        return List.copyOf(all);
    }

    private Optional<Help> byMeasure(HelpWord pair, List<ProbeDay> days) {
        Judgement hinted = hint.judge(days);
        if (!hinted.isMet()) {
            return Optional.empty();
        }
        Proportion helped = helped(hinted);
        Help.Basis basis = more.judge(days).isMet() ? Help.Basis.MORE_THAN_WAITING : Help.Basis.HINT;
        return Optional.of(new Help(pair.rung(), pair.exercise(), basis, helped.successes(), helped.total()));
    }

    /** On how many of its last days the second measure was higher. */
    public static Proportion helped(Judgement hinted) {
        return hinted.evidence().stream()
                .filter(ProbeEvidence.OfDays.class::isInstance)
                .map(e -> ((ProbeEvidence.OfDays) e).helped())
                .findFirst()
                .orElse(new Proportion(0, 0));
    }

    private static Optional<Help> byWord(HelpWord pair, List<DayWithWords> days) {
        int said = (int) days.stream().filter(d -> d.words().contains(pair)).count();
        return said == 0
                ? Optional.empty()
                : Optional.of(new Help(pair.rung(), pair.exercise(), Help.Basis.WORD, said, days.size()));
    }
}
