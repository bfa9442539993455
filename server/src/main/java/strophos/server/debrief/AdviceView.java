package strophos.server.debrief;

import java.util.List;
import java.util.Map;
import strophos.core.exchange.Rein;
import strophos.core.progress.Advice;
import strophos.core.progress.Decision;
import strophos.core.progress.Evidence;
import strophos.core.progress.Judgement;
import strophos.core.stats.Proportion;
import strophos.server.contract.CanBeNull;
import strophos.server.pair.MissingView;

/** An advice with its whole why, as sent and as kept beside the decision. */
public record AdviceView(
        Decision decision, String ruleId, String book, List<FindingView> findings, List<MissingView> missing) {

    /** What a rule answered. */
    public enum Verdict {
        MET,
        BROKEN,
        NOT_ENOUGH_DATA
    }

    /**
     * One rule's answer and numbers.
     *
     * @param asks seen, and {@code needed} at the least; null when there were enough
     */
    public record FindingView(
            String ruleId,
            Map<String, Double> thresholds,
            Verdict verdict,
            @CanBeNull Integer asks,
            @CanBeNull Integer needed,
            List<NumberView> numbers) {}

    /** Which number. */
    public enum NumberKind {
        SUCCESSES,
        STRONGEST,
        TRIES
    }

    /**
     * A count out of a count, with what goes with it; null where it does not apply.
     *
     * @param low the lower end of the 95 % Wilson interval, {@code high} the upper
     * @param meanStrength of the same asks, 1 to 4
     * @param p Fisher's exact two-sided value of the two reins
     */
    public record NumberView(
            NumberKind kind,
            @CanBeNull Rein rein,
            int count,
            int of,
            @CanBeNull Double low,
            @CanBeNull Double high,
            @CanBeNull Integer lessonsHeld,
            @CanBeNull Double meanStrength,
            @CanBeNull Double p) {}

    static AdviceView of(Advice advice) {
        return new AdviceView(
                advice.decision(),
                advice.ruleId(),
                advice.book(),
                advice.findings().stream().map(AdviceView::finding).toList(),
                advice.missing().stream().map(MissingView::of).toList());
    }

    private static FindingView finding(Advice.Finding finding) {
        Judgement j = finding.judgement();
        List<NumberView> numbers =
                j.evidence().stream().flatMap(e -> numbers(e).stream()).toList();
        if (j instanceof Judgement.NotEnoughData few) {
            return new FindingView(
                    finding.ruleId(), finding.thresholds(), Verdict.NOT_ENOUGH_DATA, few.asks(), few.needed(), numbers);
        }
        Verdict verdict = j instanceof Judgement.Met ? Verdict.MET : Verdict.BROKEN;
        return new FindingView(finding.ruleId(), finding.thresholds(), verdict, null, null, numbers);
    }

    private static List<NumberView> numbers(Evidence evidence) {
        if (evidence instanceof Evidence.OfRein e) {
            return List.of(new NumberView(
                    NumberKind.SUCCESSES,
                    e.rein(),
                    e.window().successes(),
                    e.window().of(),
                    e.interval().low(),
                    e.interval().high(),
                    e.lessonsHeld(),
                    null,
                    null));
        } else if (evidence instanceof Evidence.OfForce e) {
            return List.of(plain(NumberKind.STRONGEST, null, e.strongest(), e.meanStrength(), null));
        } else if (evidence instanceof Evidence.OfTries e) {
            return List.of(plain(NumberKind.TRIES, null, e.tries(), null, null));
        }
        Evidence.OfDifference e = (Evidence.OfDifference) evidence;
        return List.of(
                plain(NumberKind.SUCCESSES, Rein.LEFT, e.left(), null, e.p()),
                plain(NumberKind.SUCCESSES, Rein.RIGHT, e.right(), null, e.p()));
    }

    private static NumberView plain(NumberKind kind, Rein rein, Proportion counted, Double meanStrength, Double p) {
        return new NumberView(kind, rein, counted.successes(), counted.of(), null, null, null, meanStrength, p);
    }
}
