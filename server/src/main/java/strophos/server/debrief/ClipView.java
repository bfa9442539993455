package strophos.server.debrief;

import java.util.List;
import java.util.Optional;
import strophos.core.clip.Clip;
import strophos.core.clip.Spread;
import strophos.core.exchange.Drawing;
import strophos.core.exchange.FilmShot;
import strophos.core.exchange.Foot;
import strophos.core.exchange.FramePoint;
import strophos.core.exchange.FrameShape;
import strophos.core.exchange.Shot;
import strophos.core.exchange.VoiceBeside;
import strophos.core.footfall.LandingOrder;
import strophos.core.footfall.SideLag;
import strophos.core.frame.FrameValue;
import strophos.core.record.Payload;
import strophos.server.contract.CanBeNull;

/** A video beside the lesson: the file stays where it is. */
public record ClipView(
        String id,
        String name,
        int durationMs,
        List<CommentView> comments,
        List<FootfallsView> footfalls,
        List<FrameView> frames,
        @CanBeNull TimingView timing) {

    /**
     * What the moments of asks and corrections said; a kind of which none is known is null.
     *
     * @param promptReleases so many came within {@code promptWithinMs} after the answer, by the yard's rules
     */
    public record TimingView(
            @CanBeNull SpreadView waits,
            @CanBeNull SpreadView answers,
            @CanBeNull SpreadView releases,
            @CanBeNull SpreadView toCorrect,
            int promptReleases,
            long promptWithinMs,
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

    /**
     * What was said about a moment, or about a span.
     *
     * @param untilMs null for a moment
     * @param cannotTell it cannot be told from where this was filmed
     * @param film what the coach asks to be filmed next; empty for nothing
     * @param drawing over the frame; null where nothing was drawn
     * @param still the frame as an attachment; null where it was not kept
     * @param spoken the same, spoken, as an attachment; null where it was not
     */
    public record CommentView(
            String id,
            int atMs,
            @CanBeNull Integer untilMs,
            String text,
            boolean cannotTell,
            List<Shot> film,
            @CanBeNull Drawing drawing,
            @CanBeNull String still,
            @CanBeNull VoiceBeside spoken) {}

    /**
     * What was measured on a frame; in degrees, or in metres where a length was known.
     *
     * @param of what it is of; null where nobody said
     * @param tells each with half of its 95 % interval; empty where the points were too near each other
     * @param still the frame as an attachment; null where it was not kept
     */
    public record FrameView(
            int atMs,
            FrameShape shape,
            @CanBeNull String of,
            int width,
            int height,
            List<FramePoint> points,
            List<FrameValue> tells,
            @CanBeNull String still) {}

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
        Payload.Comment said = comment.said();
        return new CommentView(
                comment.id(),
                said.at().ms(),
                said.untilMs().isPresent() ? said.untilMs().getAsInt() : null,
                said.text(),
                said.cannotTell().orElse(false),
                said.film().stream().map(FilmShot::shot).toList(),
                said.drawing().orElse(null),
                said.still().orElse(null),
                said.spoken().orElse(null));
    }

    static FrameView frame(Clip.Frame frame) {
        Payload.FrameMeasure said = frame.said();
        return new FrameView(
                said.at().ms(),
                said.shape(),
                said.of().orElse(null),
                said.width(),
                said.height(),
                said.points(),
                frame.tells(),
                said.still().orElse(null));
    }
}
