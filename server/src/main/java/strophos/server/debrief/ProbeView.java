package strophos.server.debrief;

import java.util.List;
import strophos.core.cause.HelpedToday;
import strophos.core.cause.HelpsMoreThanWaiting;
import strophos.core.cause.HelpsOverDays;
import strophos.core.cause.ProbeDay;
import strophos.core.cause.ProbeEvidence;
import strophos.core.exchange.Gait;
import strophos.core.exchange.Place;
import strophos.core.exchange.Response;
import strophos.core.judgement.Judgement;
import strophos.core.progress.Ask;
import strophos.core.record.Helps;
import strophos.core.record.Probes;
import strophos.core.stats.Proportion;
import strophos.server.contract.CanBeNull;

/**
 * A rung that was asked, then another exercise, then the rung again: did that help?
 *
 * @param between the other exercise's name
 * @param verdict what can be said of this one day; never that it was the cause, since the horse was warmer as well
 * @param p the one-sided value of the permutation test of the scores; null where too few were asked
 * @param fewest asks that each measure needs
 * @param overDays what the last days say, this one among them
 * @param helped on so many of the last {@code days} the second measure was higher
 * @param daysNeeded before the days say anything
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
        int fewest,
        OverDays overDays,
        int helped,
        int days,
        int daysNeeded) {

    /** What the last days say. */
    public enum OverDays {
        /** More than on days on which nothing was ridden between. */
        HELPS_MORE,
        HINT,
        NO_HINT,
        TOO_FEW
    }

    /** The coach's own word: {@code between} helped. */
    public record WordView(String name, Gait gait, Place place, String between) {}

    /** What a probe says of its day. */
    public enum Verdict {
        HELPED_TODAY,
        /** No more than chance would bring. */
        NOT_SHOWN,
        TOO_FEW
    }

    /** Rules of one day and of several. */
    record ProbeRules(HelpedToday today, HelpsOverDays hint, HelpsMoreThanWaiting more) {}

    /** @param last the pair's last lessons, this one among them */
    static ProbeView of(
            Probes.Probe probe, String name, String between, ProbeRules rules, List<Probes.DayOfAsks> last) {
        Judgement judged = rules.today().judge(probe.day());
        List<ProbeDay> days = Probes.over(probe.rung(), probe.between(), last);
        Judgement hinted = rules.hint().judge(days);
        Proportion helped = Helps.helped(hinted);
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
                rules.today().fewest(),
                overDays(hinted, rules.more().judge(days)),
                helped.successes(),
                helped.total(),
                rules.hint().days());
    }

    private static OverDays overDays(Judgement hinted, Judgement more) {
        if (hinted.isMet()) {
            return more.isMet() ? OverDays.HELPS_MORE : OverDays.HINT;
        }
        return hinted instanceof Judgement.NotEnoughData ? OverDays.TOO_FEW : OverDays.NO_HINT;
    }

    private static int yes(List<Ask> asks) {
        return (int) asks.stream().filter(a -> a.response() == Response.YES).count();
    }
}
