package strophos.server.debrief;

import java.util.List;
import strophos.core.cause.HelpedToday;
import strophos.core.cause.ProbeEvidence;
import strophos.core.exchange.Gait;
import strophos.core.exchange.Place;
import strophos.core.exchange.Response;
import strophos.core.judgement.Judgement;
import strophos.core.progress.Ask;
import strophos.core.record.Probes;
import strophos.server.contract.CanBeNull;

/**
 * A rung that was asked, then another exercise, then the rung again: did that help?
 *
 * @param between the other exercise's name
 * @param verdict what can be said of this one day; never that it was the cause, since the horse was warmer as well
 * @param p the one-sided value of the permutation test of the scores; null where too few were asked
 * @param fewest asks that each measure needs
 */
public record ProbeView(
        String name,
        Gait gait,
        Place place,
        String between,
        int yesBefore,
        int asksBefore,
        int yesAfter,
        int asksAfter,
        Verdict verdict,
        @CanBeNull Double p,
        int fewest) {

    /** What a probe says of its day. */
    public enum Verdict {
        HELPED_TODAY,
        /** No more than chance would bring. */
        NOT_SHOWN,
        TOO_FEW
    }

    static ProbeView of(Probes.Probe probe, String name, String between, HelpedToday rule) {
        Judgement judged = rule.judge(probe.day());
        Verdict verdict = judged.isMet()
                ? Verdict.HELPED_TODAY
                : judged instanceof Judgement.NotEnoughData ? Verdict.TOO_FEW : Verdict.NOT_SHOWN;
        return new ProbeView(
                name,
                probe.rung().gait(),
                probe.rung().place(),
                between,
                yes(probe.day().before()),
                probe.day().before().size(),
                yes(probe.day().after()),
                probe.day().after().size(),
                verdict,
                judged.evidence().stream()
                        .filter(ProbeEvidence.OfDay.class::isInstance)
                        .map(e -> ((ProbeEvidence.OfDay) e).p())
                        .findFirst()
                        .orElse(null),
                rule.fewest());
    }

    private static int yes(List<Ask> asks) {
        return (int) asks.stream().filter(a -> a.response() == Response.YES).count();
    }
}
