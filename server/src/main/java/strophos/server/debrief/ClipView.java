package strophos.server.debrief;

import java.util.List;
import java.util.Optional;
import strophos.core.clip.Clip;
import strophos.core.clip.Spread;
import strophos.core.exchange.Foot;
import strophos.core.footfall.LandingOrder;
import strophos.core.footfall.SideLag;
import strophos.server.contract.CanBeNull;

/** A video beside the lesson: the file stays where it is. */
public record ClipView(
        String id,
        String name,
        int durationMs,
        List<CommentView> comments,
        List<FootfallsView> footfalls,
        @CanBeNull TimingView timing) {

    /** What the moments of asks and corrections said; a kind of which none is known is null. */
    public record TimingView(
            @CanBeNull SpreadView waits,
            @CanBeNull SpreadView answers,
            @CanBeNull SpreadView releases,
            @CanBeNull SpreadView toCorrect,
            int promptReleases,
            int hurriedWaits,
            int longWaits,
            @CanBeNull WhenClearView whenClear,
            List<AidView> aids) {}

    /** An aid began so far after this hind foot landed, as a share of the stride. */
    public record AidView(Foot foot, double share) {}

    /** Of so many corrections where an error is corrected when it is clear, so many came in time. */
    public record WhenClearView(int timely, int of) {}

    /** So many times of one kind, in milliseconds: the least, the middle one and the most. */
    public record SpreadView(int count, int leastMs, int middleMs, int mostMs) {

        @CanBeNull
        static SpreadView of(Optional<Spread> spread) {
            return spread.map(s -> new SpreadView(s.count(), s.leastMs(), s.middleMs(), s.mostMs()))
                    .orElse(null);
        }
    }

    /** What was said about a moment, or about a span; {@code untilMs} is null for a moment. */
    public record CommentView(int atMs, @CanBeNull Integer untilMs, String text) {}

    /** What the landings of some strides said; a side is null with too few of them. */
    public record FootfallsView(
            int atMs,
            double strideS,
            double tempo,
            @CanBeNull LagView left,
            @CanBeNull LagView right) {}

    /** How far the fore foot lands behind the hind foot, as a share of the stride, with 95 % for it. */
    public record LagView(double share, double low, double high, int strides, LandingOrder order) {

        @CanBeNull
        static LagView of(Optional<SideLag> lag) {
            return lag.map(l -> new LagView(l.share(), l.low(), l.high(), l.strides(), l.order()))
                    .orElse(null);
        }
    }

    static CommentView comment(Clip.Comment comment) {
        return new CommentView(
                comment.said().at().ms(),
                comment.said().untilMs().isPresent() ? comment.said().untilMs().getAsInt() : null,
                comment.said().text());
    }
}
