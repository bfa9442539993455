package strophos.server.debrief;

import java.util.List;
import strophos.core.aid.AsksLightlyFirst;
import strophos.core.aid.DrivesIntoTheHand;
import strophos.core.judgement.Judgement;
import strophos.core.record.AidUse;
import strophos.core.stats.Proportion;
import strophos.server.contract.CanBeNull;

/**
 * How the rider used the aids, by what was noted of single asks: counts and order, no timing.
 *
 * @param lightly of the clear and strong asks whose first strength was noted, those asked more lightly first
 * @param firstAt how often each strength came first, 1 to 4, where it was noted
 * @param intoTheHand of the asks in which a driving aid was noted, those in which the hand took with it or after it
 * @param whipFirst of the asks in which leg and whip were noted in turn, those in which the whip came first
 */
public record AidUseView(ShareView lightly, List<Integer> firstAt, ShareView intoTheHand, ShareView whipFirst) {

    /**
     * So many of so many.
     *
     * @param isGood null while too few were noted to say
     * @param fewest asks it takes to say
     */
    public record ShareView(int count, int of, @CanBeNull Boolean isGood, int fewest) {}

    static AidUseView of(AidUse use, AsksLightlyFirst lightly, DrivesIntoTheHand hand) {
        return new AidUseView(
                judged(use.lightly(), lightly),
                use.firstAt(),
                judged(use.intoTheHand(), hand),
                counted(use.whipFirst()));
    }

    static ShareView judged(Proportion lightly, AsksLightlyFirst by) {
        return view(lightly, by.judge(lightly), true, by.fewest());
    }

    static ShareView judged(Proportion intoTheHand, DrivesIntoTheHand by) {
        return view(intoTheHand, by.judgeOrder(intoTheHand), false, by.fewest());
    }

    /** Where no rule says what is good. */
    static ShareView counted(Proportion share) {
        return new ShareView(share.successes(), share.total(), null, 0);
    }

    private static ShareView view(Proportion share, Judgement judged, boolean isGoodWhenMet, int fewest) {
        return new ShareView(
                share.successes(),
                share.total(),
                judged instanceof Judgement.NotEnoughData ? null : judged.isMet() == isGoodWhenMet,
                fewest);
    }
}
