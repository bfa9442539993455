package strophos.server.debrief;

import java.util.List;
import java.util.Optional;
import strophos.core.clip.Clip;
import strophos.core.clip.Spread;
import strophos.core.clip.Timing;
import strophos.core.footfall.Footfalls;
import strophos.core.footfall.LandingOrder;
import strophos.core.footfall.SideLag;
import strophos.core.record.Ride;
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
            int longWaits) {}

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

    static List<ClipView> of(Ride ride) {
        return Clip.of(ride).stream()
                .map(clip -> new ClipView(
                        clip.id(),
                        clip.file().fileName(),
                        clip.file().durationMs(),
                        clip.comments().stream().map(ClipView::comment).toList(),
                        clip.measured().stream()
                                .flatMap(m -> m.says().map(says -> footfalls(m, says)).stream())
                                .toList(),
                        timing(clip.timing())))
                .toList();
    }

    @CanBeNull
    private static TimingView timing(Timing timing) {
        return timing.isEmpty()
                ? null
                : new TimingView(
                        SpreadView.of(timing.waits()),
                        SpreadView.of(timing.answers()),
                        SpreadView.of(timing.releases()),
                        SpreadView.of(timing.toCorrect()),
                        timing.promptReleases(),
                        timing.hurriedWaits(),
                        timing.longWaits());
    }

    static CommentView comment(Clip.Comment comment) {
        return new CommentView(
                comment.said().at().ms(),
                comment.said().untilMs().isPresent() ? comment.said().untilMs().getAsInt() : null,
                comment.said().text());
    }

    private static FootfallsView footfalls(Clip.Measured measured, Footfalls says) {
        int firstMs = measured.marked().landings().stream()
                .mapToInt(l -> l.ms())
                .min()
                .orElseThrow();
        return new FootfallsView(
                firstMs, says.strideS(), says.tempo(), LagView.of(says.left()), LagView.of(says.right()));
    }
}
