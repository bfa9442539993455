package strophos.core.record;

import java.util.Map;
import strophos.core.exchange.Gait;
import strophos.core.exchange.Mounted;
import strophos.core.exchange.Place;
import strophos.core.exchange.Rein;
import strophos.core.exchange.Response;
import strophos.core.exchange.Strength;
import strophos.core.look.FirstLook;

/** What an entry says, once its kind and version have been understood. */
public sealed interface Payload {

    /** The lesson begins (or goes on, after an end). */
    record LessonStarted() implements Payload {}

    /** The lesson ends; judgement waits for this. */
    record LessonEnded() implements Payload {}

    /** What must be added to this device's times, in milliseconds, to get the server's. One a device and lesson. */
    record Clock(long offsetMs) implements Payload {}

    /** From here on: this exercise, gait, place and rein, with this person in the saddle. Ends the segment before. */
    record Segment(String exercise, Gait gait, Place place, Rein rein, Mounted mounted) implements Payload {}

    /** One ask in the named segment. */
    record Exchange(String segment, Strength strength, Response response) implements Payload {}

    /** The first look of the lesson; a later one takes its place. */
    record Look(FirstLook seen) implements Payload {}

    /** From here on nothing is asked: long rein, stretch, stand. Ends the segment before. */
    record Rest() implements Payload {}

    /** One line in the coach's words. */
    record Note(String text) implements Payload {}

    /** Takes an earlier entry back; taking back a {@code Void} restores what it took back. */
    record Void(String target) implements Payload {}

    /** Puts another payload in place of an earlier entry's, of the same kind and version. */
    record Amend(String target, Map<String, Object> payload) implements Payload {}
}
