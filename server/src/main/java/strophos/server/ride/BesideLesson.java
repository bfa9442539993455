package strophos.server.ride;

import java.util.List;
import java.util.Optional;
import strophos.core.contact.Band;
import strophos.server.cue.CueForRide;
import strophos.server.intake.IntakeForRide;
import strophos.server.look.StoredLook;
import strophos.server.watch.WatchItem;

/**
 * What lies beside a lesson.
 *
 * @param looksBefore the latest first
 * @param watch the oldest first
 * @param maySpeak whether the lesson may be spoken into
 * @param headgear what the pair's tack says it wears; empty where it does not
 * @param known of the horse and the two together
 * @param note what the debrief of the lesson before left for this one
 * @param band what the pair aims at in each rein
 * @param cues of its book, those in use
 * @param mayKeepStills whether frames of its clips may be kept as pictures
 */
record BesideLesson(
        List<StoredLook> looksBefore,
        List<WatchItem> watch,
        boolean maySpeak,
        Optional<String> headgear,
        IntakeForRide known,
        Optional<String> note,
        Optional<Band> band,
        List<CueForRide> cues,
        boolean mayKeepStills) {}
