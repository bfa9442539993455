package strophos.server.contact;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import strophos.core.contact.CueAnswer;
import strophos.core.exchange.Gait;
import strophos.core.exchange.Place;
import strophos.core.exchange.Rein;
import strophos.core.exchange.Side;
import strophos.server.contract.CanBeNull;
import strophos.server.lesson.Lesson;

/**
 * What was measured in a lesson.
 *
 * @param band what the pair aims at; null where nobody has said
 * @param earlier lessons of the pair before this one that were measured, the latest first
 * @param recordings those in the lesson, in order; {@code away} those that were taken out and can be put back
 */
record ContactView(
        Lesson lesson,
        @CanBeNull BandView band,
        List<RecordingView> recordings,
        List<AwayView> away,
        List<EarlierView> earlier) {

    /** A lesson of the same pair that was measured. */
    record EarlierView(UUID lesson, Instant startedAt) {}

    /** From and to, in kilograms a rein. */
    record BandView(double lowKg, double highKg, int version) {}

    record AwayView(UUID id, String name, Instant startedAt, int version) {}

    /**
     * One recording.
     *
     * @param isWhole all of it is here; until then nothing is read from it
     * @param missing minutes that have not come yet
     * @param overview null until it is whole
     * @param mostly null where too little was measured in either rein
     * @param asks null where no ask was measured
     * @param cues by which it was asked, in the order in which each was first asked by; {@code cuesBeside} two of them each
     */
    record RecordingView(
            UUID id,
            String name,
            Instant startedAt,
            double rateHz,
            double seconds,
            int minutes,
            int version,
            boolean isWhole,
            List<Integer> missing,
            double jitterMs,
            List<FaultView> faults,
            @CanBeNull OverviewView overview,
            List<SpanView> spans,
            @CanBeNull MostlyView mostly,
            @CanBeNull AsksView asks,
            List<CueView> cues,
            List<CuesBesideView> cuesBeside) {}

    /**
     * What the beat did after a cue.
     *
     * @param asks beside which the beat could be told; {@code fewest} it takes to say
     * @param change mean, as a share: above 0 it went quicker; null with too few asks, as {@code low} and {@code high}, 95 % for it, are
     */
    record CueView(
            UUID cue,
            String signal,
            String meaning,
            int asks,
            int fewest,
            @CanBeNull Double change,
            @CanBeNull Double low,
            @CanBeNull Double high) {}

    /** By how much more quickly it went after the first than after the second, as a share, with 95 % for it. */
    record CuesBesideView(UUID first, UUID second, double by, double low, double high, CueAnswer.Verdict verdict) {}

    /** What each rein carried in all that was ridden, half of it more: what a rider remembers. */
    record MostlyView(double leftKg, double rightKg) {}

    /**
     * What the hand did while something was asked. The moment of an aid is known to some three seconds before its touch.
     *
     * @param drives asks of which a driving aid was noted
     * @param intoTheHand of these, the hand took with it
     * @param isOften too often; null while too few were measured to say
     * @param fewest asks it takes to say
     * @param riseKg from so much on it took, by the yard's rule
     * @param moments of the hand that took, in seconds from the first sample
     * @param answered good answers for which the hand took something
     * @param heldOn of these, the hand still held as the answer was touched in: the moments, in seconds from the first sample
     */
    record AsksView(
            int drives,
            int intoTheHand,
            @CanBeNull Boolean isOften,
            int fewest,
            double riseKg,
            List<Double> moments,
            int answered,
            List<Double> heldOn,
            List<SizeView> sizes) {}

    /** How big the aids of a gait were, the median. */
    record SizeView(Gait gait, int asks, double kg) {}

    /**
     * What is wrong with the signal.
     *
     * @param amount of a gap its longest in seconds; of a ceiling and a zero that is off kilograms; of drift kilograms a minute; of jitter
     *     milliseconds; else 0
     * @param share of the whole, where it is one; else 0
     */
    record FaultView(Kind kind, Side side, double amount, double share) {
        enum Kind {
            GAPS,
            CEILING,
            DRIFT,
            BELOW_ZERO,
            SILENT,
            JITTER
        }
    }

    /** Each piece's highest and lowest reading, hundredths of a kilogram; −32 768 where it was not measured. */
    record OverviewView(int pieceS, short[] leftHigh, short[] leftLow, short[] rightHigh, short[] rightLow) {}

    /**
     * A stretch of one exercise, as far as it was measured.
     *
     * @param rein the one it was ridden on
     * @param fromS seconds from the first sample; {@code toS} its end
     * @param asymmetry above 0 the right rein carries more; null where it cannot be told, as {@code heavier} is
     * @param given the longest times both reins hung, the longest first
     * @param heavier the rein that carries more; none where both are alike
     * @param heavierBy by what share of the other; null where the other hangs
     * @param inBand both at once; null without a band
     * @param softAgain each time a rein stayed over the band, the first ones
     */
    record SpanView(
            UUID segment,
            String exercise,
            Gait gait,
            Place place,
            Rein rein,
            double fromS,
            double toS,
            @CanBeNull ReinView left,
            @CanBeNull ReinView right,
            @CanBeNull Double asymmetry,
            @CanBeNull Side heavier,
            @CanBeNull Double heavierBy,
            BeatView beat,
            List<GivenView> given,
            @CanBeNull BandTimeView inBand,
            List<SoftAgainView> softAgain) {}

    /** Seconds in which both reins were in the band, of those in which both were measured. */
    record BandTimeView(double insideS, double measuredS) {}

    /** When a rein went over the band, and after how many seconds both were back; null where they were not by the stretch's end. */
    record SoftAgainView(double fromS, @CanBeNull Double afterS) {}

    /**
     * Both reins hung.
     *
     * @param tempoChange of the beat from before to after, as a share; null where it cannot be told
     * @param isKept the beat stayed; null where it cannot be told
     */
    record GivenView(
            double fromS,
            double slackS,
            @CanBeNull Double tempoChange,
            @CanBeNull Boolean isKept) {}

    /**
     * One rein of a stretch.
     *
     * @param meanFromKg the mean level lies between it and {@code meanToKg} (95 %); null where too little was measured
     * @param inBandShare null without a band; {@code overAMinute} too
     * @param heavy null without a band, and where too little was measured
     */
    record ReinView(
            double levelKg,
            double highKg,
            @CanBeNull Double meanFromKg,
            @CanBeNull Double meanToKg,
            double medianKg,
            double slackShare,
            @CanBeNull Double inBandShare,
            @CanBeNull Double overAMinute,
            @CanBeNull HeavyView heavy) {}

    /**
     * How the level moves.
     *
     * @param isGrowing the whole interval lies above 0
     * @param overFromS when it began to stay over the band; null where it never did
     * @param overFromM metres ridden by then; null too where the horse's speed is not known
     * @param letter the last one on the track before that; null too where the arena or where it was begun is not known
     */
    record HeavyView(
            double kgASecond,
            double low,
            double high,
            boolean isGrowing,
            @CanBeNull Double overFromS,
            @CanBeNull Double overFromM,
            @CanBeNull String letter) {}

    /**
     * What comes back evenly.
     *
     * @param peaksAMinute steps at walk and trot, strides at canter; null unless there is a beat; {@code unevenness} too
     * @param insteadOfTouched gaits that beat like this, where the one that was touched does not; else none
     */
    record BeatView(
            Kind kind,
            @CanBeNull Double peaksAMinute,
            @CanBeNull Double unevenness,
            List<Gait> insteadOfTouched) {
        enum Kind {
            REGULAR,
            NOT_REGULAR,
            RATE_TOO_LOW,
            TOO_SHORT
        }
    }
}
