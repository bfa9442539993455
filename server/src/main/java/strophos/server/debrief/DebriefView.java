package strophos.server.debrief;

import java.time.Instant;
import java.util.List;
import strophos.core.exchange.Better;
import strophos.core.exchange.Gait;
import strophos.core.exchange.Place;
import strophos.core.exchange.Side;
import strophos.core.exchange.WorkedSide;
import strophos.core.pause.StopSign;
import strophos.core.progress.Advice;
import strophos.core.stair.RungState;
import strophos.server.contract.CanBeNull;
import strophos.server.lesson.Lesson;
import strophos.server.stair.PastDecision;

/**
 * A lesson looked back on; advice is there once it has ended.
 *
 * @param weather null where none was noted
 * @param headgear what was worn, where that was said of this lesson; null otherwise
 */
public record DebriefView(
        Lesson lesson,
        long leftMs,
        long rightMs,
        List<RungRow> rows,
        @CanBeNull WeatherView weather,
        @CanBeNull WornView headgear,
        SoftnessView softness,
        List<ProbeView> probes,
        List<ProbeView.WordView> helpWords,
        List<NoteItem> notes,
        List<VoiceItem> voices,
        AfterView after,
        SightingsReader.LessonSightings seen,
        List<StopView> stops,
        List<StopOfLesson> stopSigns,
        boolean isRiddenWhilePaused,
        List<ClipView> clips,
        int kept) {

    /** What the horse wore on its head; the name is null where it is none of the list. */
    public record WornView(String id, @CanBeNull String name) {}

    /** A stop sign of the lesson. */
    public record StopOfLesson(StopSign sign, Side side, Instant at) {}

    /** A spoken note; its sound is the lesson's attachment of this digest. {@code felt}: the rider saying what was felt. */
    public record VoiceItem(Instant at, String sha256, int durationMs, boolean felt) {}

    /** A line the coach wrote. */
    public record NoteItem(Instant at, String text) {}

    /**
     * One exercise at one gait and place.
     *
     * @param rung null when the catalogue has no rung there; then nothing is decided
     * @param state null without a rung
     * @param works the side of the horse it works
     * @param day which of the pair's days on this rung it is, the first ones only; null later, and where it was not ridden by the pair
     * @param pair asks under the pair's own rider; {@code others} those under anybody else
     * @param marks what was touched in beside the asks
     * @param changes of each side that was asked, by the pair's own rider; empty until the lesson has ended
     * @param better how it got better on the side that did most; null where nothing shows that it did
     * @param costs of each side, by the pair's own rider
     * @param handBacks of each side that somebody else was asked on as well
     * @param advice null until the lesson has ended, and without a rung
     * @param decision the coach's, null until made
     */
    public record RungRow(
            String exercise,
            String name,
            Gait gait,
            Place place,
            @CanBeNull String rung,
            @CanBeNull RungState state,
            WorkedSide works,
            @CanBeNull Integer day,
            Sides pair,
            Sides others,
            RungMarks marks,
            List<ChangeView> changes,
            @CanBeNull Better better,
            List<SideCostView> costs,
            List<HandBackView> handBacks,
            @CanBeNull Advice advice,
            @CanBeNull PastDecision decision) {}

    /** Both sides of the horse, and what is known to be of neither. */
    public record Sides(SideView left, SideView right, SideView none) {}

    /**
     * Counts by strength (rows) and response (columns); {@code meanStrength} is null when nothing was asked.
     *
     * @param tallied so many of the asks were counted afterwards, and stand in no row
     */
    public record SideView(
            List<List<Integer>> counts,
            int tallied,
            int yes,
            int asks,
            double low,
            double high,
            @CanBeNull Double meanStrength) {}

    /**
     * What the times of the touches say.
     *
     * @param softAfterS from the beginning to the first run of soft answers; null where none came
     * @param lastTimeS the same of the pair's lesson before; null where none came, or there was no lesson before
     * @param soakS the middle time from a correction to the next ask; null where there is none
     * @param corrections how many that was read from
     */
    public record SoftnessView(
            @CanBeNull Long softAfterS,
            @CanBeNull Long lastTimeS,
            @CanBeNull Long soakS,
            int corrections) {}
}
