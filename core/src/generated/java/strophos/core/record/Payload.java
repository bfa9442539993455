package strophos.core.record;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.OptionalLong;
import strophos.core.exchange.Aid;
import strophos.core.exchange.AidOrder;
import strophos.core.exchange.Bend;
import strophos.core.exchange.Choice;
import strophos.core.exchange.ClipFile;
import strophos.core.exchange.Drawing;
import strophos.core.exchange.Felt;
import strophos.core.exchange.FilmShot;
import strophos.core.exchange.Footing;
import strophos.core.exchange.FrameLevel;
import strophos.core.exchange.FramePoint;
import strophos.core.exchange.FrameShape;
import strophos.core.exchange.Gait;
import strophos.core.exchange.HoldUnit;
import strophos.core.exchange.KnownLength;
import strophos.core.exchange.Landing;
import strophos.core.exchange.LeadChange;
import strophos.core.exchange.Moment;
import strophos.core.exchange.Mounted;
import strophos.core.exchange.Place;
import strophos.core.exchange.PolesAnswer;
import strophos.core.exchange.PositionAnswer;
import strophos.core.exchange.Rail;
import strophos.core.exchange.Rein;
import strophos.core.exchange.Release;
import strophos.core.exchange.Response;
import strophos.core.exchange.RungShown;
import strophos.core.exchange.Side;
import strophos.core.exchange.Speed;
import strophos.core.exchange.Station;
import strophos.core.exchange.Strength;
import strophos.core.exchange.TakeOff;
import strophos.core.exchange.TimeSource;
import strophos.core.exchange.VoiceBeside;
import strophos.core.exchange.VoiceShown;
import strophos.core.exchange.Watchable;
import strophos.core.look.FirstLook;
import strophos.core.pause.StopSign;
import strophos.core.plain.PlainMap;
import strophos.core.school.CorrectionPolicy;
import strophos.core.school.School;

/** What an entry says, once its kind and version have been understood. */
public sealed interface Payload {

    /** The kind of its entry. */
    String kind();

    /** The version of its kind. */
    int version();

    /** As it stands in an entry: what is not there is left out. */
    Map<String, Object> plain();

    /** When it was, on a second time base; empty for most, which were written as they happened. */
    default Optional<Moment> when() {
        return Optional.empty();
    }

    /** Something seen or done beside the asks. */
    sealed interface Mark extends Payload {

        /** The entry it hangs on, by id: a segment, or the exchange of a release; empty when it is the lesson's. */
        default Optional<String> hangsOn() {
            return Optional.empty();
        }
    }

    /** A mark that hangs on a segment. */
    sealed interface OfSegment extends Mark {
        String segment();

        @Override
        default Optional<String> hangsOn() {
            return Optional.of(segment());
        }
    }

    /** Something seen, by name, with the side of the body it was seen on. */
    sealed interface Sighting extends OfSegment {
        String name();

        Side side();
    }

    /** Puts another payload in place of an earlier entry's, of the same kind and version. */
    record Amend(String target, Map<String, Object> payload) implements Payload {

        @Override
        public String kind() {
            return "amend";
        }

        @Override
        public int version() {
            return 1;
        }

        @Override
        public Map<String, Object> plain() {
            return new PlainMap().put("target", target).put("payload", payload).map();
        }
    }

    /** What the horse chose. */
    record HorseChoice(String segment, Choice choice, OptionalInt returnS, Optional<Moment> when) implements OfSegment {

        @Override
        public String kind() {
            return "choice";
        }

        @Override
        public int version() {
            return 1;
        }

        @Override
        public Map<String, Object> plain() {
            return new PlainMap()
                    .put("segment", segment)
                    .put("choice", choice.word())
                    .maybe("returnS", returnS)
                    .maybe("when", when.map(Moment::plain))
                    .map();
        }
    }

    /**
     * What must be added to this device's times to get the server's. One a device and lesson; the latest
     * counts.
     */
    record Clock(long offsetMs) implements Payload {

        @Override
        public String kind() {
            return "clock";
        }

        @Override
        public int version() {
            return 1;
        }

        @Override
        public Map<String, Object> plain() {
            return new PlainMap().put("offsetMs", offsetMs).map();
        }
    }

    /** What is said about a moment of a clip, or about a span of it. */
    record Comment(
            Moment at,
            OptionalInt untilMs,
            String text,
            Optional<Boolean> cannotTell,
            List<FilmShot> film,
            Optional<Drawing> drawing,
            Optional<String> still,
            Optional<VoiceBeside> spoken) implements Mark {
        public Comment {
            film = List.copyOf(film);
        }

        @Override
        public String kind() {
            return "comment";
        }

        @Override
        public int version() {
            return 1;
        }

        @Override
        public Map<String, Object> plain() {
            return new PlainMap()
                    .put("at", at.plain())
                    .maybe("untilMs", untilMs)
                    .put("text", text)
                    .maybe("cannotTell", cannotTell)
                    .many("film", film, FilmShot::plain)
                    .maybe("drawing", drawing.map(Drawing::plain))
                    .maybe("still", still)
                    .maybe("spoken", spoken.map(VoiceBeside::plain))
                    .map();
        }
    }

    /** Ground and weather; what was not noted is left out, but something was. */
    record Conditions(Optional<Footing> footing, OptionalInt temperatureC, OptionalInt humidityPct) implements Mark {

        @Override
        public String kind() {
            return "conditions";
        }

        @Override
        public int version() {
            return 1;
        }

        @Override
        public Map<String, Object> plain() {
            return new PlainMap().maybe("footing", footing.map(Footing::word)).maybe("temperatureC", temperatureC).maybe("humidityPct", humidityPct).map();
        }
    }

    /** The contact of one rein as felt. */
    record Contact(String segment, Side side, Felt felt, Optional<Moment> when) implements OfSegment {

        @Override
        public String kind() {
            return "contact";
        }

        @Override
        public int version() {
            return 1;
        }

        @Override
        public Map<String, Object> plain() {
            return new PlainMap()
                    .put("segment", segment)
                    .put("side", side.word())
                    .put("felt", felt.word())
                    .maybe("when", when.map(Moment::plain))
                    .map();
        }
    }

    /** An error was corrected, or let pass. */
    record Correction(String segment, boolean made, Optional<Moment> error, Optional<Moment> when) implements OfSegment {

        @Override
        public String kind() {
            return "correction";
        }

        @Override
        public int version() {
            return 1;
        }

        @Override
        public Map<String, Object> plain() {
            return new PlainMap()
                    .put("segment", segment)
                    .put("made", made)
                    .maybe("error", error.map(Moment::plain))
                    .maybe("when", when.map(Moment::plain))
                    .map();
        }
    }

    /** How hard it was: for the horse, and for the rider where asked. */
    record Effort(int horse, OptionalInt rider) implements Mark {

        @Override
        public String kind() {
            return "effort";
        }

        @Override
        public int version() {
            return 1;
        }

        @Override
        public Map<String, Object> plain() {
            return new PlainMap().put("horse", horse).maybe("rider", rider).map();
        }
    }

    /** One ask in the named segment. */
    record Exchange(
            String segment,
            Strength strength,
            Response response,
            Optional<Strength> first,
            List<Aid> aids,
            Optional<AidOrder> order,
            Optional<Moment> asked,
            Optional<Moment> reinforced,
            Optional<Moment> when) implements Payload {
        public Exchange {
            aids = List.copyOf(aids);
        }

        @Override
        public String kind() {
            return "exchange";
        }

        @Override
        public int version() {
            return 1;
        }

        @Override
        public Map<String, Object> plain() {
            return new PlainMap()
                    .put("segment", segment)
                    .put("strength", strength.level())
                    .put("response", response.word())
                    .maybe("first", first.map(Strength::level))
                    .many("aids", aids, Aid::plain)
                    .maybe("order", order.map(AidOrder::word))
                    .maybe("asked", asked.map(Moment::plain))
                    .maybe("reinforced", reinforced.map(Moment::plain))
                    .maybe("when", when.map(Moment::plain))
                    .map();
        }
    }

    /** A position fault (against what this exercise asks) or an aid habit of the rider, by name. */
    record Fault(String segment, String name, Side side, Optional<Moment> when) implements Sighting {

        @Override
        public String kind() {
            return "fault";
        }

        @Override
        public int version() {
            return 1;
        }

        @Override
        public Map<String, Object> plain() {
            return new PlainMap()
                    .put("segment", segment)
                    .put("name", name)
                    .put("side", side.word())
                    .maybe("when", when.map(Moment::plain))
                    .map();
        }
    }

    /** The first look of the lesson; a later one takes its place. */
    record Look(FirstLook seen) implements Payload {

        @Override
        public String kind() {
            return "first_look";
        }

        @Override
        public int version() {
            return 1;
        }

        @Override
        public Map<String, Object> plain() {
            return seen.plain();
        }
    }

    /** When the horse's feet landed, marked on the frames of a clip. */
    record Footfalls(String base, int frameMs, List<Landing> landings) implements Mark {
        public Footfalls {
            landings = List.copyOf(landings);
        }

        @Override
        public String kind() {
            return "footfalls";
        }

        @Override
        public int version() {
            return 1;
        }

        @Override
        public Map<String, Object> plain() {
            return new PlainMap().put("base", base).put("frameMs", frameMs).many("landings", landings, Landing::plain).map();
        }
    }

    /** What of the debrief the rider is shown: only what is chosen here. The last one said stands. */
    record ForRider(
            List<RungShown> better,
            Optional<String> think,
            boolean homework,
            List<VoiceShown> voices,
            Optional<Boolean> clips) implements Mark {
        public ForRider {
            better = List.copyOf(better);
            voices = List.copyOf(voices);
        }

        @Override
        public String kind() {
            return "for_rider";
        }

        @Override
        public int version() {
            return 1;
        }

        @Override
        public Map<String, Object> plain() {
            return new PlainMap()
                    .many("better", better, RungShown::plain)
                    .maybe("think", think)
                    .put("homework", homework)
                    .many("voices", voices, VoiceShown::plain)
                    .maybe("clips", clips)
                    .map();
        }
    }

    /**
     * What was measured on one frame of a clip: the points that were set, from which everything else is
     * reckoned.
     */
    record FrameMeasure(
            Moment at,
            FrameShape shape,
            int width,
            int height,
            List<FramePoint> points,
            int withinPx,
            Optional<Boolean> facesRight,
            Optional<FrameLevel> level,
            Optional<KnownLength> scale,
            Optional<String> of,
            Optional<String> still) implements Mark {
        public FrameMeasure {
            points = List.copyOf(points);
        }

        @Override
        public String kind() {
            return "frame_measure";
        }

        @Override
        public int version() {
            return 1;
        }

        @Override
        public Map<String, Object> plain() {
            return new PlainMap()
                    .put("at", at.plain())
                    .put("shape", shape.word())
                    .put("width", width)
                    .put("height", height)
                    .many("points", points, FramePoint::plain)
                    .put("withinPx", withinPx)
                    .maybe("facesRight", facesRight)
                    .maybe("level", level.map(FrameLevel::plain))
                    .maybe("scale", scale.map(KnownLength::plain))
                    .maybe("of", of)
                    .maybe("still", still)
                    .map();
        }
    }

    /** Where the ears were carried. */
    record HeadHeight(String segment, int cm, Optional<Moment> when) implements OfSegment {

        @Override
        public String kind() {
            return "head";
        }

        @Override
        public int version() {
            return 1;
        }

        @Override
        public Map<String, Object> plain() {
            return new PlainMap().put("segment", segment).put("cm", cm).maybe("when", when.map(Moment::plain)).map();
        }
    }

    /**
     * What the horse wears on its head in this lesson, where that is not what its tack says; the last one
     * counts.
     */
    record HeadgearWorn(String headgear) implements Mark {

        @Override
        public String kind() {
            return "headgear";
        }

        @Override
        public int version() {
            return 1;
        }

        @Override
        public Map<String, Object> plain() {
            return new PlainMap().put("headgear", headgear).map();
        }
    }

    /** A stretch that was kept for so much. */
    record Hold(String segment, HoldUnit unit, int amount, Optional<Moment> when) implements OfSegment {

        @Override
        public String kind() {
            return "held";
        }

        @Override
        public int version() {
            return 1;
        }

        @Override
        public Map<String, Object> plain() {
            return new PlainMap()
                    .put("segment", segment)
                    .put("unit", unit.word())
                    .put("amount", amount)
                    .maybe("when", when.map(Moment::plain))
                    .map();
        }
    }

    /** The coach's own word: another exercise, ridden before, helped what this segment rides. */
    record Help(String segment, String exercise, Optional<Moment> when) implements OfSegment {

        @Override
        public String kind() {
            return "help";
        }

        @Override
        public int version() {
            return 1;
        }

        @Override
        public Map<String, Object> plain() {
            return new PlainMap().put("segment", segment).put("exercise", exercise).maybe("when", when.map(Moment::plain)).map();
        }
    }

    /**
     * One fault or habit of the rider's, chosen for the lesson: it is there now, or no more. The next ask
     * carries it and ends it.
     */
    record Latch(String segment, String name, Side side, boolean on) implements OfSegment {

        @Override
        public String kind() {
            return "latch";
        }

        @Override
        public int version() {
            return 1;
        }

        @Override
        public Map<String, Object> plain() {
            return new PlainMap()
                    .put("segment", segment)
                    .put("name", name)
                    .put("side", side.word())
                    .put("on", on)
                    .map();
        }
    }

    /** The lesson ends; judgement waits for this. */
    record LessonEnded(Optional<Moment> when) implements Payload {

        @Override
        public String kind() {
            return "lesson_ended";
        }

        @Override
        public int version() {
            return 1;
        }

        @Override
        public Map<String, Object> plain() {
            return new PlainMap().maybe("when", when.map(Moment::plain)).map();
        }
    }

    /** The lesson begins (or goes on, after an end). */
    record LessonStarted(Optional<Moment> when) implements Payload {

        @Override
        public String kind() {
            return "lesson_started";
        }

        @Override
        public int version() {
            return 1;
        }

        @Override
        public Map<String, Object> plain() {
            return new PlainMap().maybe("when", when.map(Moment::plain)).map();
        }
    }

    /** One line of poles or fences ridden; what was not noted is left out. */
    record Line(
            String segment,
            int ridden,
            OptionalInt planned,
            Optional<TakeOff> takeOff,
            Optional<Side> lead,
            Optional<Boolean> straight,
            Optional<Rail> rail,
            Optional<LeadChange> change,
            Optional<Speed> speed,
            Optional<Moment> when) implements OfSegment {

        @Override
        public String kind() {
            return "line";
        }

        @Override
        public int version() {
            return 1;
        }

        @Override
        public Map<String, Object> plain() {
            return new PlainMap()
                    .put("segment", segment)
                    .put("ridden", ridden)
                    .maybe("planned", planned)
                    .maybe("takeOff", takeOff.map(TakeOff::word))
                    .maybe("lead", lead.map(Side::word))
                    .maybe("straight", straight)
                    .maybe("rail", rail.map(Rail::word))
                    .maybe("change", change.map(LeadChange::word))
                    .maybe("speed", speed.map(Speed::word))
                    .maybe("when", when.map(Moment::plain))
                    .map();
        }
    }

    /** What to think of when the next lesson is planned. The last one said stands. */
    record NextTime(String text) implements Mark {

        @Override
        public String kind() {
            return "next_time";
        }

        @Override
        public int version() {
            return 1;
        }

        @Override
        public Map<String, Object> plain() {
            return new PlainMap().put("text", text).map();
        }
    }

    /** One line in the coach's words. */
    record Note(String text) implements Payload {

        @Override
        public String kind() {
            return "note";
        }

        @Override
        public int version() {
            return 1;
        }

        @Override
        public Map<String, Object> plain() {
            return new PlainMap().put("text", text).map();
        }
    }

    /** Poles ridden once: what the feet did. */
    record Poles(String segment, PolesAnswer answer, Optional<Moment> when) implements OfSegment {

        @Override
        public String kind() {
            return "poles";
        }

        @Override
        public int version() {
            return 1;
        }

        @Override
        public Map<String, Object> plain() {
            return new PlainMap().put("segment", segment).put("answer", answer.word()).maybe("when", when.map(Moment::plain)).map();
        }
    }

    /**
     * Whether the rider's position asked for here holds. Of the rider, in every school; the horse is asked
     * for nothing.
     */
    record Position(String segment, PositionAnswer answer, Optional<Moment> when) implements OfSegment {

        @Override
        public String kind() {
            return "position";
        }

        @Override
        public int version() {
            return 1;
        }

        @Override
        public Map<String, Object> plain() {
            return new PlainMap().put("segment", segment).put("answer", answer.word()).maybe("when", when.map(Moment::plain)).map();
        }
    }

    /** The rider praised. */
    record Praise(String segment, Optional<Moment> when) implements OfSegment {

        @Override
        public String kind() {
            return "praise";
        }

        @Override
        public int version() {
            return 1;
        }

        @Override
        public Map<String, Object> plain() {
            return new PlainMap().put("segment", segment).maybe("when", when.map(Moment::plain)).map();
        }
    }

    /**
     * From here on a question is asked: about four asks on what this segment rides, another exercise, four
     * asks again.
     */
    record Probe(String segment, Optional<Moment> when) implements OfSegment {

        @Override
        public String kind() {
            return "probe";
        }

        @Override
        public int version() {
            return 1;
        }

        @Override
        public Map<String, Object> plain() {
            return new PlainMap().put("segment", segment).maybe("when", when.map(Moment::plain)).map();
        }
    }

    /** Whether the rider let go after this exchange. */
    record Released(String exchange, Release release, Optional<Moment> when) implements Mark {

        @Override
        public String kind() {
            return "release";
        }

        @Override
        public int version() {
            return 1;
        }

        @Override
        public Optional<String> hangsOn() {
            return Optional.of(exchange);
        }

        @Override
        public Map<String, Object> plain() {
            return new PlainMap().put("exchange", exchange).put("release", release.word()).maybe("when", when.map(Moment::plain)).map();
        }
    }

    /** From here on nothing is asked: long rein, stretch, stand. Ends the segment before. */
    record Rest(Optional<Moment> when) implements Payload {

        @Override
        public String kind() {
            return "rest";
        }

        @Override
        public int version() {
            return 1;
        }

        @Override
        public Map<String, Object> plain() {
            return new PlainMap().maybe("when", when.map(Moment::plain)).map();
        }
    }

    /** Food or another reward was given. */
    record Reward(String segment, Optional<Moment> when) implements OfSegment {

        @Override
        public String kind() {
            return "reward";
        }

        @Override
        public int version() {
            return 1;
        }

        @Override
        public Map<String, Object> plain() {
            return new PlainMap().put("segment", segment).maybe("when", when.map(Moment::plain)).map();
        }
    }

    /** What the rider felt, asked after riding and before any number was shown. The last one said stands. */
    record RiderFelt(
            Optional<String> text,
            Optional<Side> better,
            OptionalInt leftKg,
            OptionalInt rightKg) implements Mark {

        @Override
        public String kind() {
            return "rider_felt";
        }

        @Override
        public int version() {
            return 1;
        }

        @Override
        public Map<String, Object> plain() {
            return new PlainMap()
                    .maybe("text", text)
                    .maybe("better", better.map(Side::word))
                    .maybe("leftKg", leftKg)
                    .maybe("rightKg", rightKg)
                    .map();
        }
    }

    /**
     * From here on: this exercise, gait, place and rein, with this person in the saddle. Ends the segment
     * before.
     */
    record Segment(
            String exercise,
            Gait gait,
            Place place,
            Rein rein,
            Mounted mounted,
            OptionalInt circleM,
            Optional<Bend> bend,
            List<Aid> aids,
            Optional<Side> side,
            Optional<String> stage,
            Optional<School> school,
            Optional<CorrectionPolicy> correction,
            Optional<String> from,
            Optional<String> cue,
            Optional<Moment> when) implements Payload {
        public Segment {
            aids = List.copyOf(aids);
        }

        @Override
        public String kind() {
            return "segment";
        }

        @Override
        public int version() {
            return 1;
        }

        @Override
        public Map<String, Object> plain() {
            return new PlainMap()
                    .put("exercise", exercise)
                    .put("gait", gait.word())
                    .put("place", place.word())
                    .put("rein", rein.word())
                    .put("mounted", mounted.word())
                    .maybe("circleM", circleM)
                    .maybe("bend", bend.map(Bend::word))
                    .many("aids", aids, Aid::plain)
                    .maybe("side", side.map(Side::word))
                    .maybe("stage", stage)
                    .maybe("school", school.map(School::word))
                    .maybe("correction", correction.map(CorrectionPolicy::word))
                    .maybe("from", from)
                    .maybe("cue", cue)
                    .maybe("when", when.map(Moment::plain))
                    .map();
        }
    }

    /** A sign of the horse's, good or other, by name. */
    record Sign(String segment, String name, Side side, Optional<Moment> when) implements Sighting {

        @Override
        public String kind() {
            return "sign";
        }

        @Override
        public int version() {
            return 1;
        }

        @Override
        public Map<String, Object> plain() {
            return new PlainMap()
                    .put("segment", segment)
                    .put("name", name)
                    .put("side", side.word())
                    .maybe("when", when.map(Moment::plain))
                    .map();
        }
    }

    /**
     * The rider asked wrongly, and knows it: this exchange counts for the rider and leaves the horse's rate.
     */
    record Slip(String exchange) implements Mark {

        @Override
        public String kind() {
            return "slip";
        }

        @Override
        public int version() {
            return 1;
        }

        @Override
        public Optional<String> hangsOn() {
            return Optional.of(exchange);
        }

        @Override
        public Map<String, Object> plain() {
            return new PlainMap().put("exchange", exchange).map();
        }
    }

    /** A stop sign was seen: the work ends. A mark of the lesson's, since there may be no segment yet. */
    record StopSignMark(StopSign sign, Side side, Optional<Moment> when) implements Mark {

        @Override
        public String kind() {
            return "stop_sign";
        }

        @Override
        public int version() {
            return 1;
        }

        @Override
        public Map<String, Object> plain() {
            return new PlainMap().put("sign", sign.word()).put("side", side.word()).maybe("when", when.map(Moment::plain)).map();
        }
    }

    /**
     * A turn's answers counted afterwards, those that were touched in among them: about how many were good,
     * and how many were not. They have no order and no times. Of several of one turn the last stands.
     */
    record Tally(String segment, int good, int others, Optional<Strength> strength) implements OfSegment {

        @Override
        public String kind() {
            return "tally";
        }

        @Override
        public int version() {
            return 1;
        }

        @Override
        public Map<String, Object> plain() {
            return new PlainMap()
                    .put("segment", segment)
                    .put("good", good)
                    .put("others", others)
                    .maybe("strength", strength.map(Strength::level))
                    .map();
        }
    }

    /** A second time base: the clock of a clip or a sensor, which other entries may give their moment on. */
    record TimeBase(
            TimeSource source,
            Optional<ClipFile> clip,
            Optional<String> copyOf,
            OptionalLong startMs) implements Mark {

        @Override
        public String kind() {
            return "time_base";
        }

        @Override
        public int version() {
            return 1;
        }

        @Override
        public Map<String, Object> plain() {
            return new PlainMap()
                    .put("source", source.word())
                    .maybe("clip", clip.map(ClipFile::plain))
                    .maybe("copyOf", copyOf)
                    .maybe("startMs", startMs)
                    .map();
        }
    }

    /** A spoken note, written when it ends; its sound is kept beside the record, under its digest. */
    record Voice(String sha256, int durationMs, Optional<Boolean> felt) implements Mark {

        @Override
        public String kind() {
            return "voice";
        }

        @Override
        public int version() {
            return 1;
        }

        @Override
        public Map<String, Object> plain() {
            return new PlainMap().put("sha256", sha256).put("durationMs", durationMs).maybe("felt", felt).map();
        }
    }

    /** Takes an earlier entry back; taking back a void restores what it took back. */
    record Void(String target) implements Payload {

        @Override
        public String kind() {
            return "void";
        }

        @Override
        public int version() {
            return 1;
        }

        @Override
        public Map<String, Object> plain() {
            return new PlainMap().put("target", target).map();
        }
    }

    /** A sign of the horse's or a fault of the rider's is put on watch. */
    record Watch(Watchable of, String name, Side side, int weeks, Optional<Station> station) implements Mark {

        @Override
        public String kind() {
            return "watch";
        }

        @Override
        public int version() {
            return 1;
        }

        @Override
        public Map<String, Object> plain() {
            return new PlainMap()
                    .put("of", of.word())
                    .put("name", name)
                    .put("side", side.word())
                    .put("weeks", weeks)
                    .maybe("station", station.map(Station::word))
                    .map();
        }
    }

    /** Whether what an entry (of whatever lesson) put on watch was seen today. */
    record WatchTick(String watch, boolean seen) implements Mark {

        @Override
        public String kind() {
            return "watched";
        }

        @Override
        public int version() {
            return 1;
        }

        @Override
        public Map<String, Object> plain() {
            return new PlainMap().put("watch", watch).put("seen", seen).map();
        }
    }
}
