package strophos.server.debrief;

import java.util.List;
import java.util.Map;
import strophos.core.exchange.Rein;
import strophos.core.judgement.Evidence;
import strophos.core.judgement.Finding;
import strophos.core.judgement.Judgement;
import strophos.core.progress.Advice;
import strophos.core.progress.Decision;
import strophos.core.progress.RungEvidence;
import strophos.core.stats.Proportion;
import strophos.server.contract.CanBeNull;
import strophos.server.pair.MissingView;

/**
 * An advice with its whole why, as sent and as kept beside the decision.
 *
 * @param choices all that may be chosen, in the order they are shown
 * @param beside what is offered as well
 */
public record AdviceView(
        Decision decision,
        List<Decision> choices,
        List<Decision> beside,
        String ruleId,
        String book,
        List<FindingView> findings,
        List<MissingView> missing) {

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
        TRIES,
        STEP_BACKS,
        FRIGHTS,
        LESSONS_WITHOUT_ERROR,
        ON_A_DAY,
        SIGN
    }

    /**
     * A count out of a count, with what goes with it; null where it does not apply.
     *
     * @param low the lower end of the 95 % Wilson interval, {@code high} the upper
     * @param lessonsHeld lessons (or days) running in which it held
     * @param meanStrength of the same asks, 1 to 4
     * @param p Fisher's exact two-sided value of the two reins
     * @param what a sign of pain, or a day
     * @param entries counted, by id
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
            @CanBeNull Double p,
            @CanBeNull String what,
            List<String> entries) {}

    static AdviceView of(Advice advice) {
        return new AdviceView(
                advice.decision(),
                advice.choices(),
                advice.beside(),
                advice.ruleId(),
                advice.book(),
                advice.findings().stream().map(AdviceView::finding).toList(),
                advice.missing().stream().map(MissingView::of).toList());
    }

    private static FindingView finding(Finding finding) {
        Judgement j = finding.judgement();
        List<NumberView> numbers =
                j.evidence().stream().flatMap(e -> numbers(e).stream()).toList();
        if (j instanceof Judgement.NotEnoughData few) {
            return new FindingView(
                    finding.ruleId(), finding.thresholds(), Verdict.NOT_ENOUGH_DATA, few.seen(), few.needed(), numbers);
        }
        Verdict verdict = j instanceof Judgement.Met ? Verdict.MET : Verdict.BROKEN;
        return new FindingView(finding.ruleId(), finding.thresholds(), verdict, null, null, numbers);
    }

    private static List<NumberView> numbers(Evidence evidence) {
        List<String> entries = evidence.entries();
        if (evidence instanceof RungEvidence.OfRein e) {
            return List.of(new NumberView(
                    NumberKind.SUCCESSES,
                    e.rein(),
                    e.counted().successes(),
                    e.counted().of(),
                    e.interval().low(),
                    e.interval().high(),
                    e.held(),
                    null,
                    null,
                    null,
                    entries));
        } else if (evidence instanceof RungEvidence.OfForce e) {
            return List.of(new NumberView(
                    NumberKind.STRONGEST,
                    null,
                    e.strongest().successes(),
                    e.strongest().of(),
                    null,
                    null,
                    null,
                    e.meanStrength(),
                    null,
                    null,
                    entries));
        } else if (evidence instanceof RungEvidence.OfTries e) {
            return List.of(plain(NumberKind.TRIES, null, e.tries(), null, null, entries));
        } else if (evidence instanceof RungEvidence.OfDifference e) {
            return List.of(
                    plain(NumberKind.SUCCESSES, Rein.LEFT, e.left(), e.p(), null, entries),
                    plain(NumberKind.SUCCESSES, Rein.RIGHT, e.right(), e.p(), null, List.of()));
        } else if (evidence instanceof RungEvidence.OfTimes e) {
            return List.of(new NumberView(
                    NumberKind.valueOf(e.what().name()),
                    null,
                    e.times(),
                    e.needed(),
                    null,
                    null,
                    null,
                    null,
                    null,
                    null,
                    entries));
        } else if (evidence instanceof RungEvidence.OfDay e) {
            return List.of(plain(
                    NumberKind.ON_A_DAY, e.rein(), e.successes(), null, e.day().toString(), entries));
        }
        return ((RungEvidence.OfSigns) evidence)
                .signs().stream()
                        .map(sign -> plain(NumberKind.SIGN, null, new Proportion(1, 1), null, sign, entries))
                        .toList();
    }

    private static NumberView plain(
            NumberKind kind, Rein rein, Proportion counted, Double p, String what, List<String> entries) {
        return new NumberView(kind, rein, counted.successes(), counted.of(), null, null, null, null, p, what, entries);
    }
}
