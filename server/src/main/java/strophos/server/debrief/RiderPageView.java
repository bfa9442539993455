package strophos.server.debrief;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import strophos.core.clip.Clip;
import strophos.core.exchange.Better;
import strophos.core.exchange.Gait;
import strophos.core.exchange.Place;
import strophos.core.record.Ride;
import strophos.server.contract.CanBeNull;
import strophos.server.homework.AssignmentView;

/**
 * What the coach chose to show of a lesson.
 *
 * @param think the one thing to think of; null where none was said
 * @param homework as it stands now; empty where it is not shown, or none runs
 * @param clips videos on which something was said; empty where that is not shown
 */
record RiderPageView(
        UUID lesson,
        UUID pair,
        UUID horseId,
        String rider,
        String horse,
        Instant at,
        List<BetterView> better,
        @CanBeNull String think,
        List<AssignmentView> homework,
        List<DebriefView.VoiceItem> voices,
        List<RiderClipView> clips) {

    /** A video of the lesson, known again by any of its files. */
    record RiderClipView(
            String id, String name, int durationMs, List<ClipFileView> files, List<ClipView.CommentView> comments) {

        static List<RiderClipView> of(Ride ride) {
            return Clip.of(ride).stream()
                    .filter(clip -> !clip.comments().isEmpty())
                    .map(clip -> new RiderClipView(
                            clip.id(),
                            clip.file().fileName(),
                            clip.file().durationMs(),
                            Stream.concat(Stream.of(clip.file()), clip.copies().stream())
                                    .map(file -> new ClipFileView(file.durationMs(), file.digest()))
                                    .toList(),
                            clip.comments().stream().map(ClipView::comment).toList()))
                    .toList();
        }
    }

    /** What a file is known again by. */
    record ClipFileView(int durationMs, String digest) {}

    /** What got better, and how. */
    record BetterView(String name, Gait gait, Place place, Better better) {}

    /**
     * A page there is.
     *
     * @param wordBy who said something there that the viewer has not read; null where nobody did
     */
    record PageLine(
            UUID lesson,
            UUID pair,
            String rider,
            String horse,
            Instant at,
            @CanBeNull String wordBy) {}
}
