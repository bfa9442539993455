package strophos.core.record;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import strophos.core.exchange.Aid;
import strophos.core.exchange.AidOrder;
import strophos.core.exchange.Bend;
import strophos.core.exchange.Choice;
import strophos.core.exchange.Felt;
import strophos.core.exchange.Footing;
import strophos.core.exchange.Gait;
import strophos.core.exchange.HoldUnit;
import strophos.core.exchange.LeadChange;
import strophos.core.exchange.Mounted;
import strophos.core.exchange.Place;
import strophos.core.exchange.Rail;
import strophos.core.exchange.Rein;
import strophos.core.exchange.Release;
import strophos.core.exchange.Response;
import strophos.core.exchange.Side;
import strophos.core.exchange.Speed;
import strophos.core.exchange.Strength;
import strophos.core.exchange.TakeOff;
import strophos.core.look.FirstLook;
import strophos.core.pause.StopSign;

/** What an entry says, once its kind and version have been understood. */
public sealed interface Payload {

    /** The lesson begins (or goes on, after an end). */
    record LessonStarted() implements Payload {}

    /** The lesson ends; judgement waits for this. */
    record LessonEnded() implements Payload {}

    /** What must be added to this device's times, in milliseconds, to get the server's. One a device and lesson. */
    record Clock(long offsetMs) implements Payload {}

    /**
     * From here on: this exercise, gait, place and rein, with this person in the saddle. Ends the segment before.
     *
     * @param circleM the circle's diameter in metres
     * @param aids what is usually asked with here, with sides resolved; empty when not known
     */
    record Segment(
            String exercise,
            Gait gait,
            Place place,
            Rein rein,
            Mounted mounted,
            OptionalInt circleM,
            Optional<Bend> bend,
            List<Aid> aids)
            implements Payload {
        public Segment {
            aids = List.copyOf(aids);
        }
    }

    /**
     * One ask in the named segment.
     *
     * @param first the strength first asked at, at most that of the answer; empty when not noted
     * @param aids what was asked with; empty when it was the segment's usual
     * @param order of two aids or more; empty when not noted
     */
    record Exchange(
            String segment,
            Strength strength,
            Response response,
            Optional<Strength> first,
            List<Aid> aids,
            Optional<AidOrder> order)
            implements Payload {
        public Exchange {
            aids = List.copyOf(aids);
        }
    }

    /** The first look of the lesson; a later one takes its place. */
    record Look(FirstLook seen) implements Payload {}

    /** From here on nothing is asked: long rein, stretch, stand. Ends the segment before. */
    record Rest() implements Payload {}

    /** One line in the coach's words. */
    record Note(String text) implements Payload {}

    /** Something seen or done beside the asks. */
    sealed interface Mark extends Payload {

        /** The entry it hangs on, by id: a segment, or the exchange of a release; empty when it is the lesson's. */
        default Optional<String> of() {
            return Optional.empty();
        }
    }

    /** A mark that hangs on a segment. */
    sealed interface OfSegment extends Mark {
        String segment();

        @Override
        default Optional<String> of() {
            return Optional.of(segment());
        }
    }

    /** Something seen, by name, with the side of the body it was seen on. */
    sealed interface Seen extends OfSegment {
        String name();

        Side side();
    }

    /** A position fault (against what this exercise asks) or an aid habit of the rider, by name. */
    record Fault(String segment, String name, Side side) implements Seen {}

    /** A sign of the horse's, good or other, by name. */
    record Sign(String segment, String name, Side side) implements Seen {}

    /** An error was corrected, or let pass. */
    record Correction(String segment, boolean isMade) implements OfSegment {}

    /** Whether the rider let go after this exchange. */
    record Released(String exchange, Release release) implements Mark {
        @Override
        public Optional<String> of() {
            return Optional.of(exchange);
        }
    }

    /** The contact of one rein as felt; {@code side} is LEFT or RIGHT. */
    record Contact(String segment, Side side, Felt felt) implements OfSegment {}

    /** A stretch that was kept for so much. */
    record Held(String segment, HoldUnit unit, int amount) implements OfSegment {}

    /** Where the ears were carried: centimetres above the withers, below them less than 0. */
    record HeadHeight(String segment, int cm) implements OfSegment {}

    /**
     * What the horse chose.
     *
     * @param returnS seconds it was away, for one that came back; empty when not known
     */
    record Chosen(String segment, Choice choice, OptionalInt returnS) implements OfSegment {}

    /** Food or another reward was given. */
    record Reward(String segment) implements OfSegment {}

    /**
     * One line of poles or fences ridden; what was not noted is empty.
     *
     * @param ridden strides, as ridden
     * @param planned strides, as planned
     * @param lead the landing lead, LEFT or RIGHT
     */
    record Line(
            String segment,
            int ridden,
            OptionalInt planned,
            Optional<TakeOff> takeOff,
            Optional<Side> lead,
            Optional<Boolean> isStraight,
            Optional<Rail> rail,
            Optional<LeadChange> change,
            Optional<Speed> speed)
            implements OfSegment {}

    /** A stop sign was seen: the work ends. A mark of the lesson's, since there may be no segment yet. */
    record Stopped(StopSign sign, Side side) implements Mark {}

    /** The rider praised. */
    record Praise(String segment) implements OfSegment {}

    /** Ground and weather; what was not noted is empty, but something was. */
    record Conditions(Optional<Footing> footing, OptionalInt temperatureC, OptionalInt humidityPct) implements Mark {}

    /** How hard it was, in [0, 10]: for the horse, and for the rider where asked. */
    record Effort(int horse, OptionalInt rider) implements Mark {}

    /** A sign of the horse's, or else a fault of the rider's, is put on watch for so many weeks. */
    record Watch(boolean isSign, String name, Side side, int weeks) implements Mark {}

    /** Whether what this entry (of whatever lesson) put on watch was seen today. */
    record WatchTick(String watch, boolean isSeen) implements Mark {}

    /** Takes an earlier entry back; taking back a {@code Void} restores what it took back. */
    record Void(String target) implements Payload {}

    /** Puts another payload in place of an earlier entry's, of the same kind and version. */
    record Amend(String target, Map<String, Object> payload) implements Payload {}
}
