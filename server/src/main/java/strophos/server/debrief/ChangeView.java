package strophos.server.debrief;

import strophos.core.change.Change;
import strophos.core.change.ChangeEvidence;
import strophos.core.change.RungChange;
import strophos.core.exchange.Side;
import strophos.server.contract.CanBeNull;

/**
 * What changed on one side of a rung.
 *
 * @param within the first third of the lesson beside its last
 * @param thirds null where too few were asked one by one
 * @param sinceBefore this lesson beside the last three
 * @param before null where too few were asked
 * @param overLessons all lessons that are kept
 * @param slope null where too few lessons are there
 */
public record ChangeView(
        Side side,
        Change within,
        @CanBeNull ThirdsView thirds,
        Change sinceBefore,
        @CanBeNull BeforeView before,
        Change overLessons,
        @CanBeNull SlopeView slope) {

    /** @param leftOut asks at the end: the run that ended the exercise, and the ask before it */
    record ThirdsView(YesOf first, YesOf last, int leftOut, double p) {
        static ThirdsView of(ChangeEvidence.OfThirds t) {
            return new ThirdsView(YesOf.of(t.first()), YesOf.of(t.last()), t.leftOut(), t.p());
        }
    }

    /**
     * @param lessons before this one
     * @param low of the 95 % interval of the gain, as shares
     */
    record BeforeView(YesOf now, YesOf before, int lessons, double gain, double low, double high) {
        static BeforeView of(RungChange.Beside b) {
            return new BeforeView(
                    YesOf.of(b.now()),
                    YesOf.of(b.before()),
                    b.lessons(),
                    b.gain().estimate(),
                    b.gain().interval().low(),
                    b.gain().interval().high());
        }
    }

    /** Percentage points a lesson, with the 95 % interval. */
    record SlopeView(double points, double low, double high, int lessons) {
        static SlopeView of(ChangeEvidence.OfSlope s) {
            return new SlopeView(s.points(), s.interval().low(), s.interval().high(), s.lessons());
        }
    }

    static ChangeView of(RungChange c) {
        return new ChangeView(
                c.side(),
                c.within(),
                c.thirds().map(ThirdsView::of).orElse(null),
                c.sinceBefore(),
                c.before().map(BeforeView::of).orElse(null),
                c.overLessons(),
                c.slope().map(SlopeView::of).orElse(null));
    }
}
