package strophos.core.record;

import java.util.regex.Pattern;
import strophos.core.exchange.Aid;
import strophos.core.exchange.AidOrder;
import strophos.core.exchange.Bend;
import strophos.core.exchange.Better;
import strophos.core.exchange.Choice;
import strophos.core.exchange.ClipFile;
import strophos.core.exchange.Drawing;
import strophos.core.exchange.Felt;
import strophos.core.exchange.FilmShot;
import strophos.core.exchange.Foot;
import strophos.core.exchange.Footing;
import strophos.core.exchange.FrameLevel;
import strophos.core.exchange.FramePoint;
import strophos.core.exchange.FrameShape;
import strophos.core.exchange.Gait;
import strophos.core.exchange.HoldUnit;
import strophos.core.exchange.KnownLength;
import strophos.core.exchange.Landing;
import strophos.core.exchange.LeadChange;
import strophos.core.exchange.Manner;
import strophos.core.exchange.Means;
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
import strophos.core.exchange.Shot;
import strophos.core.exchange.Side;
import strophos.core.exchange.Speed;
import strophos.core.exchange.Station;
import strophos.core.exchange.Strength;
import strophos.core.exchange.Stroke;
import strophos.core.exchange.TakeOff;
import strophos.core.exchange.TimeSource;
import strophos.core.exchange.VoiceBeside;
import strophos.core.exchange.VoiceShown;
import strophos.core.exchange.Watchable;
import strophos.core.look.BendPlace;
import strophos.core.look.Complaint;
import strophos.core.look.FirstLook;
import strophos.core.look.Soundness;
import strophos.core.look.StationTicks;
import strophos.core.pause.StopSign;
import strophos.core.school.CorrectionPolicy;
import strophos.core.school.School;

/** Reads each kind in each version. Null: not known, or not understood. */
final class Readers {

    private static final Pattern FILE_NAME = Pattern.compile("[^ \\t\\r\\n]");
    private static final Pattern FROM = Pattern.compile("[A-Z]");
    private static final Pattern ID = Pattern.compile("[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}");
    private static final Pattern NAME = Pattern.compile("[a-z][a-z0-9-]{0,63}");
    private static final Pattern OF = Pattern.compile("[^ \\t\\r\\n]");
    private static final Pattern RUNG = Pattern.compile("[a-z][a-z0-9-]{0,63}\\.[a-z-]{1,20}\\.[a-z-]{1,20}");
    private static final Pattern SHA256 = Pattern.compile("[0-9a-f]{64}");
    private static final Pattern TEXT = Pattern.compile("[^ \\t\\r\\n]");
    private static final Pattern THINK = Pattern.compile("[^ \\t\\r\\n]");

    private Readers() {}

    static Payload read(String kind, int v, Fields f) {
        return switch (kind) {
            case "amend" -> v == 1 ? readAmend(f) : null;
            case "choice" -> v == 1 ? readHorseChoice(f) : null;
            case "clock" -> v == 1 ? readClock(f) : null;
            case "comment" -> v == 1 ? readComment(f) : null;
            case "conditions" -> v == 1 ? readConditions(f) : null;
            case "contact" -> v == 1 ? readContact(f) : null;
            case "correction" -> v == 1 ? readCorrection(f) : null;
            case "effort" -> v == 1 ? readEffort(f) : null;
            case "exchange" -> v == 1 ? readExchange(f) : null;
            case "fault" -> v == 1 ? readFault(f) : null;
            case "first_look" -> v == 1 ? readLook(f) : null;
            case "footfalls" -> v == 1 ? readFootfalls(f) : null;
            case "for_rider" -> v == 1 ? readForRider(f) : null;
            case "frame_measure" -> v == 1 ? readFrameMeasure(f) : null;
            case "head" -> v == 1 ? readHeadHeight(f) : null;
            case "headgear" -> v == 1 ? readHeadgearWorn(f) : null;
            case "held" -> v == 1 ? readHold(f) : null;
            case "help" -> v == 1 ? readHelp(f) : null;
            case "latch" -> v == 1 ? readLatch(f) : null;
            case "lesson_ended" -> v == 1 ? readLessonEnded(f) : null;
            case "lesson_started" -> v == 1 ? readLessonStarted(f) : null;
            case "line" -> v == 1 ? readLine(f) : null;
            case "next_time" -> v == 1 ? readNextTime(f) : null;
            case "note" -> v == 1 ? readNote(f) : null;
            case "poles" -> v == 1 ? readPoles(f) : null;
            case "position" -> v == 1 ? readPosition(f) : null;
            case "praise" -> v == 1 ? readPraise(f) : null;
            case "probe" -> v == 1 ? readProbe(f) : null;
            case "release" -> v == 1 ? readReleased(f) : null;
            case "rest" -> v == 1 ? readRest(f) : null;
            case "reward" -> v == 1 ? readReward(f) : null;
            case "rider_felt" -> v == 1 ? readRiderFelt(f) : null;
            case "segment" -> v == 1 ? readSegment(f) : null;
            case "sign" -> v == 1 ? readSign(f) : null;
            case "slip" -> v == 1 ? readSlip(f) : null;
            case "stop_sign" -> v == 1 ? readStopSignMark(f) : null;
            case "tally" -> v == 1 ? readTally(f) : null;
            case "time_base" -> v == 1 ? readTimeBase(f) : null;
            case "voice" -> v == 1 ? readVoice(f) : null;
            case "void" -> v == 1 ? readVoid(f) : null;
            case "watch" -> v == 1 ? readWatch(f) : null;
            case "watched" -> v == 1 ? readWatchTick(f) : null;
            default -> null;
        };
    }

    private static Payload readAmend(Fields f) {
        var target = f.text("target", ID);
        var payload = f.object("payload");
        return f.fit() ? new Payload.Amend(target, payload) : null;
    }

    private static Payload readHorseChoice(Fields f) {
        var segment = f.text("segment", ID);
        var choice = f.word("choice", Choice.WORDS);
        var returnS = f.maybeWhole("returnS", 0, 3600);
        var when = f.maybePart("when", Readers::moment);
        return f.fit() ? new Payload.HorseChoice(segment, choice, returnS, when) : null;
    }

    private static Payload readClock(Fields f) {
        var offsetMs = f.longWhole("offsetMs", -315360000000L, 315360000000L);
        return f.fit() ? new Payload.Clock(offsetMs) : null;
    }

    private static Payload readComment(Fields f) {
        var at = f.part("at", Readers::moment);
        var untilMs = f.maybeWhole("untilMs", 0, 86400000);
        var text = f.textWith("text", TEXT, 500);
        var cannotTell = f.maybeFlag("cannotTell");
        var film = f.maybeMany("film", 1, 4, Readers::filmShot);
        var drawing = f.maybePart("drawing", Readers::drawing);
        var still = f.maybeText("still", SHA256);
        var spoken = f.maybePart("spoken", Readers::voiceBeside);
        return f.fit() ? new Payload.Comment(at, untilMs, text, cannotTell, film, drawing, still, spoken) : null;
    }

    private static Payload readConditions(Fields f) {
        var footing = f.maybeWord("footing", Footing.WORDS);
        var temperatureC = f.maybeWhole("temperatureC", -40, 60);
        var humidityPct = f.maybeWhole("humidityPct", 0, 100);
        f.mustHold(footing.isPresent() || temperatureC.isPresent() || humidityPct.isPresent());
        return f.fit() ? new Payload.Conditions(footing, temperatureC, humidityPct) : null;
    }

    private static Payload readContact(Fields f) {
        var segment = f.text("segment", ID);
        var side = f.word("side", Side.WORDS, Side.LEFT, Side.RIGHT);
        var felt = f.word("felt", Felt.WORDS);
        var when = f.maybePart("when", Readers::moment);
        return f.fit() ? new Payload.Contact(segment, side, felt, when) : null;
    }

    private static Payload readCorrection(Fields f) {
        var segment = f.text("segment", ID);
        var made = f.flag("made");
        var error = f.maybePart("error", Readers::moment);
        var when = f.maybePart("when", Readers::moment);
        return f.fit() ? new Payload.Correction(segment, made, error, when) : null;
    }

    private static Payload readEffort(Fields f) {
        var horse = f.oneOf("horse", 0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10);
        var rider = f.maybeOneOf("rider", 0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10);
        return f.fit() ? new Payload.Effort(horse, rider) : null;
    }

    private static Payload readExchange(Fields f) {
        var segment = f.text("segment", ID);
        var strength = f.numbered("strength", Strength.WORDS);
        var response = f.word("response", Response.WORDS);
        var first = f.maybeNumbered("first", Strength.WORDS);
        f.mustHold(first.isEmpty() || f.fit() && first.get().level() <= strength.level());
        var aids = f.maybeMany("aids", 1, 4, Readers::aid);
        var order = f.maybeWord("order", AidOrder.WORDS);
        var asked = f.maybePart("asked", Readers::moment);
        var reinforced = f.maybePart("reinforced", Readers::moment);
        var when = f.maybePart("when", Readers::moment);
        return f.fit() ? new Payload.Exchange(segment, strength, response, first, aids, order, asked, reinforced, when) : null;
    }

    private static Payload readFault(Fields f) {
        var segment = f.text("segment", ID);
        var name = f.text("name", NAME);
        var side = f.word("side", Side.WORDS);
        var when = f.maybePart("when", Readers::moment);
        return f.fit() ? new Payload.Fault(segment, name, side, when) : null;
    }

    private static Payload readLook(Fields f) {
        var seen = firstLook(f);
        return f.fit() ? new Payload.Look(seen) : null;
    }

    private static Payload readFootfalls(Fields f) {
        var base = f.text("base", ID);
        var frameMs = f.whole("frameMs", 1, 1000);
        var landings = f.many("landings", 1, 400, Readers::landing);
        return f.fit() ? new Payload.Footfalls(base, frameMs, landings) : null;
    }

    private static Payload readForRider(Fields f) {
        var better = f.maybeMany("better", 1, 6, Readers::rungShown);
        var think = f.maybeTextWith("think", THINK, 300);
        var homework = f.flag("homework");
        var voices = f.maybeMany("voices", 1, 5, Readers::voiceShown);
        var clips = f.maybeFlag("clips");
        return f.fit() ? new Payload.ForRider(better, think, homework, voices, clips) : null;
    }

    private static Payload readFrameMeasure(Fields f) {
        var at = f.part("at", Readers::moment);
        var shape = f.word("shape", FrameShape.WORDS);
        var width = f.whole("width", 1, 16384);
        var height = f.whole("height", 1, 16384);
        var points = f.many("points", 2, 3, Readers::framePoint);
        var withinPx = f.whole("withinPx", 1, 1000);
        var facesRight = f.maybeFlag("facesRight");
        var level = f.maybePart("level", Readers::frameLevel);
        var scale = f.maybePart("scale", Readers::knownLength);
        var of = f.maybeTextWith("of", OF, 80);
        var still = f.maybeText("still", SHA256);
        return f.fit() ? new Payload.FrameMeasure(at, shape, width, height, points, withinPx, facesRight, level, scale, of, still) : null;
    }

    private static Payload readHeadHeight(Fields f) {
        var segment = f.text("segment", ID);
        var cm = f.whole("cm", -90, 120);
        var when = f.maybePart("when", Readers::moment);
        return f.fit() ? new Payload.HeadHeight(segment, cm, when) : null;
    }

    private static Payload readHeadgearWorn(Fields f) {
        var headgear = f.text("headgear", NAME);
        return f.fit() ? new Payload.HeadgearWorn(headgear) : null;
    }

    private static Payload readHold(Fields f) {
        var segment = f.text("segment", ID);
        var unit = f.word("unit", HoldUnit.WORDS);
        var amount = f.whole("amount", 1, 10000);
        var when = f.maybePart("when", Readers::moment);
        return f.fit() ? new Payload.Hold(segment, unit, amount, when) : null;
    }

    private static Payload readHelp(Fields f) {
        var segment = f.text("segment", ID);
        var exercise = f.text("exercise", NAME);
        var when = f.maybePart("when", Readers::moment);
        return f.fit() ? new Payload.Help(segment, exercise, when) : null;
    }

    private static Payload readLatch(Fields f) {
        var segment = f.text("segment", ID);
        var name = f.text("name", NAME);
        var side = f.word("side", Side.WORDS);
        var on = f.flag("on");
        return f.fit() ? new Payload.Latch(segment, name, side, on) : null;
    }

    private static Payload readLessonEnded(Fields f) {
        var when = f.maybePart("when", Readers::moment);
        return f.fit() ? new Payload.LessonEnded(when) : null;
    }

    private static Payload readLessonStarted(Fields f) {
        var when = f.maybePart("when", Readers::moment);
        return f.fit() ? new Payload.LessonStarted(when) : null;
    }

    private static Payload readLine(Fields f) {
        var segment = f.text("segment", ID);
        var ridden = f.whole("ridden", 1, 30);
        var planned = f.maybeWhole("planned", 1, 30);
        var takeOff = f.maybeWord("takeOff", TakeOff.WORDS);
        var lead = f.maybeWord("lead", Side.WORDS, Side.LEFT, Side.RIGHT);
        var straight = f.maybeFlag("straight");
        var rail = f.maybeWord("rail", Rail.WORDS);
        var change = f.maybeWord("change", LeadChange.WORDS);
        var speed = f.maybeWord("speed", Speed.WORDS);
        var when = f.maybePart("when", Readers::moment);
        return f.fit() ? new Payload.Line(segment, ridden, planned, takeOff, lead, straight, rail, change, speed, when) : null;
    }

    private static Payload readNextTime(Fields f) {
        var text = f.textWith("text", TEXT, 400);
        return f.fit() ? new Payload.NextTime(text) : null;
    }

    private static Payload readNote(Fields f) {
        var text = f.textWith("text", TEXT, 2000);
        return f.fit() ? new Payload.Note(text) : null;
    }

    private static Payload readPoles(Fields f) {
        var segment = f.text("segment", ID);
        var answer = f.word("answer", PolesAnswer.WORDS);
        var when = f.maybePart("when", Readers::moment);
        return f.fit() ? new Payload.Poles(segment, answer, when) : null;
    }

    private static Payload readPosition(Fields f) {
        var segment = f.text("segment", ID);
        var answer = f.word("answer", PositionAnswer.WORDS);
        var when = f.maybePart("when", Readers::moment);
        return f.fit() ? new Payload.Position(segment, answer, when) : null;
    }

    private static Payload readPraise(Fields f) {
        var segment = f.text("segment", ID);
        var when = f.maybePart("when", Readers::moment);
        return f.fit() ? new Payload.Praise(segment, when) : null;
    }

    private static Payload readProbe(Fields f) {
        var segment = f.text("segment", ID);
        var when = f.maybePart("when", Readers::moment);
        return f.fit() ? new Payload.Probe(segment, when) : null;
    }

    private static Payload readReleased(Fields f) {
        var exchange = f.text("exchange", ID);
        var release = f.word("release", Release.WORDS);
        var when = f.maybePart("when", Readers::moment);
        return f.fit() ? new Payload.Released(exchange, release, when) : null;
    }

    private static Payload readRest(Fields f) {
        var when = f.maybePart("when", Readers::moment);
        return f.fit() ? new Payload.Rest(when) : null;
    }

    private static Payload readReward(Fields f) {
        var segment = f.text("segment", ID);
        var when = f.maybePart("when", Readers::moment);
        return f.fit() ? new Payload.Reward(segment, when) : null;
    }

    private static Payload readRiderFelt(Fields f) {
        var text = f.maybeTextWith("text", TEXT, 1000);
        var better = f.maybeWord("better", Side.WORDS);
        var leftKg = f.maybeWhole("leftKg", 0, 20);
        var rightKg = f.maybeWhole("rightKg", 0, 20);
        f.mustHold(text.isPresent() || better.isPresent() || leftKg.isPresent() || rightKg.isPresent());
        return f.fit() ? new Payload.RiderFelt(text, better, leftKg, rightKg) : null;
    }

    private static Payload readSegment(Fields f) {
        var exercise = f.text("exercise", NAME);
        var gait = f.open("gait", Gait::isWord, Gait::of);
        var place = f.open("place", Place::isWord, Place::of);
        var rein = f.word("rein", Rein.WORDS);
        var mounted = f.word("mounted", Mounted.WORDS);
        var circleM = f.maybeWhole("circleM", 6, 40);
        var bend = f.maybeWord("bend", Bend.WORDS);
        var aids = f.maybeMany("aids", 1, 4, Readers::aid);
        var side = f.maybeWord("side", Side.WORDS, Side.LEFT, Side.RIGHT);
        var stage = f.maybeText("stage", NAME);
        var school = f.maybeWord("school", School.WORDS);
        var correction = f.maybeWord("correction", CorrectionPolicy.WORDS);
        var from = f.maybeText("from", FROM);
        var cue = f.maybeText("cue", ID);
        var when = f.maybePart("when", Readers::moment);
        return f.fit() ? new Payload.Segment(exercise, gait, place, rein, mounted, circleM, bend, aids, side, stage, school, correction, from, cue, when) : null;
    }

    private static Payload readSign(Fields f) {
        var segment = f.text("segment", ID);
        var name = f.text("name", NAME);
        var side = f.word("side", Side.WORDS);
        var when = f.maybePart("when", Readers::moment);
        return f.fit() ? new Payload.Sign(segment, name, side, when) : null;
    }

    private static Payload readSlip(Fields f) {
        var exchange = f.text("exchange", ID);
        return f.fit() ? new Payload.Slip(exchange) : null;
    }

    private static Payload readStopSignMark(Fields f) {
        var sign = f.word("sign", StopSign.WORDS);
        var side = f.word("side", Side.WORDS);
        var when = f.maybePart("when", Readers::moment);
        return f.fit() ? new Payload.StopSignMark(sign, side, when) : null;
    }

    private static Payload readTally(Fields f) {
        var segment = f.text("segment", ID);
        var good = f.whole("good", 0, 60);
        var others = f.whole("others", 0, 60);
        var strength = f.maybeNumbered("strength", Strength.WORDS);
        return f.fit() ? new Payload.Tally(segment, good, others, strength) : null;
    }

    private static Payload readTimeBase(Fields f) {
        var source = f.word("source", TimeSource.WORDS);
        var clip = f.maybePart("clip", Readers::clipFile);
        var copyOf = f.maybeText("copyOf", ID);
        var startMs = f.maybeLongWhole("startMs", 0L, 4102444800000L);
        return f.fit() ? new Payload.TimeBase(source, clip, copyOf, startMs) : null;
    }

    private static Payload readVoice(Fields f) {
        var sha256 = f.text("sha256", SHA256);
        var durationMs = f.whole("durationMs", 1, 61000);
        var felt = f.maybeFlag("felt");
        return f.fit() ? new Payload.Voice(sha256, durationMs, felt) : null;
    }

    private static Payload readVoid(Fields f) {
        var target = f.text("target", ID);
        return f.fit() ? new Payload.Void(target) : null;
    }

    private static Payload readWatch(Fields f) {
        var of = f.word("of", Watchable.WORDS);
        var name = f.text("name", NAME);
        var side = f.word("side", Side.WORDS);
        var weeks = f.whole("weeks", 1, 26);
        var station = f.maybeWord("station", Station.WORDS);
        return f.fit() ? new Payload.Watch(of, name, side, weeks, station) : null;
    }

    private static Payload readWatchTick(Fields f) {
        var watch = f.text("watch", ID);
        var seen = f.flag("seen");
        return f.fit() ? new Payload.WatchTick(watch, seen) : null;
    }

    static Aid aid(Fields f) {
        var means = f.word("means", Means.WORDS);
        var side = f.word("side", Side.WORDS);
        var manner = f.maybeWord("manner", Manner.WORDS);
        var foot = f.maybeWord("foot", Foot.WORDS);
        return f.fit() ? new Aid(means, side, manner, foot) : null;
    }

    static Moment moment(Fields f) {
        var base = f.text("base", ID);
        var ms = f.whole("ms", 0, 86400000);
        return f.fit() ? new Moment(base, ms) : null;
    }

    static ClipFile clipFile(Fields f) {
        var fileName = f.textWith("fileName", FILE_NAME, 255);
        var bytes = f.longWhole("bytes", 1L, 1000000000000L);
        var durationMs = f.whole("durationMs", 1, 86400000);
        var digest = f.text("digest", SHA256);
        return f.fit() ? new ClipFile(fileName, bytes, durationMs, digest) : null;
    }

    static FramePoint framePoint(Fields f) {
        var x = f.whole("x", 0, 16384);
        var y = f.whole("y", 0, 16384);
        return f.fit() ? new FramePoint(x, y) : null;
    }

    static FrameLevel frameLevel(Fields f) {
        var from = f.part("from", Readers::framePoint);
        var to = f.part("to", Readers::framePoint);
        return f.fit() ? new FrameLevel(from, to) : null;
    }

    static KnownLength knownLength(Fields f) {
        var from = f.part("from", Readers::framePoint);
        var to = f.part("to", Readers::framePoint);
        var lengthMm = f.whole("lengthMm", 50, 100000);
        return f.fit() ? new KnownLength(from, to, lengthMm) : null;
    }

    static Stroke stroke(Fields f) {
        var points = f.many("points", 2, 100, Readers::framePoint);
        return f.fit() ? new Stroke(points) : null;
    }

    static Drawing drawing(Fields f) {
        var width = f.whole("width", 1, 16384);
        var height = f.whole("height", 1, 16384);
        var strokes = f.many("strokes", 1, 20, Readers::stroke);
        return f.fit() ? new Drawing(width, height, strokes) : null;
    }

    static Landing landing(Fields f) {
        var foot = f.word("foot", Foot.WORDS);
        var ms = f.whole("ms", 0, 86400000);
        return f.fit() ? new Landing(foot, ms) : null;
    }

    static FilmShot filmShot(Fields f) {
        var shot = f.word("shot", Shot.WORDS);
        return f.fit() ? new FilmShot(shot) : null;
    }

    static RungShown rungShown(Fields f) {
        var better = f.word("better", Better.WORDS);
        var rung = f.text("rung", RUNG);
        return f.fit() ? new RungShown(better, rung) : null;
    }

    static VoiceShown voiceShown(Fields f) {
        var sha256 = f.text("sha256", SHA256);
        return f.fit() ? new VoiceShown(sha256) : null;
    }

    static VoiceBeside voiceBeside(Fields f) {
        var sha256 = f.text("sha256", SHA256);
        var durationMs = f.whole("durationMs", 1, 61000);
        return f.fit() ? new VoiceBeside(sha256, durationMs) : null;
    }

    static StationTicks stationTicks(Fields f) {
        var standing = f.maybeFlag("standing");
        var inHand = f.maybeFlag("inHand");
        var mounted = f.maybeFlag("mounted");
        return f.fit() ? new StationTicks(standing, inHand, mounted) : null;
    }

    static FirstLook firstLook(Fields f) {
        var soundness = f.maybeWord("soundness", Soundness.WORDS);
        var calm = f.maybeOneOf("calm", 0, 1, 2, 3, 4);
        var attention = f.maybeOneOf("attention", 0, 1, 2, 3, 4);
        var rider = f.maybeOneOf("rider", 0, 1, 2, 3, 4);
        var seat = f.maybeOneOf("seat", 0, 1, 2, 3, 4);
        var tension = f.maybeOneOf("tension", 0, 1, 2, 3, 4);
        var breath = f.maybeOneOf("breath", 0, 1, 2, 3, 4);
        var complaint = f.maybeWord("complaint", Complaint.WORDS);
        var halt = f.maybeOneOf("halt", 0, 1, 2, 3, 4);
        var haltFaster = f.maybeOneOf("haltFaster", 0, 1, 2, 3, 4);
        var leg = f.maybeOneOf("leg", 0, 1, 2, 3, 4);
        var balks = f.maybeFlag("balks");
        var tempo = f.maybeOneOf("tempo", 0, 1, 2, 3, 4);
        var hand = f.maybeOneOf("hand", 0, 1, 2, 3, 4);
        var jawLeft = f.maybeOneOf("jawLeft", 0, 1, 2, 3, 4);
        var jawRight = f.maybeOneOf("jawRight", 0, 1, 2, 3, 4);
        var bendLeft = f.maybeOneOf("bendLeft", 0, 1, 2, 3, 4);
        var bendRight = f.maybeOneOf("bendRight", 0, 1, 2, 3, 4);
        var placeLeft = f.maybeWord("placeLeft", BendPlace.WORDS);
        var placeRight = f.maybeWord("placeRight", BendPlace.WORDS);
        var circleLeft = f.maybeOneOf("circleLeft", 20, 15, 12, 10, 8, 0);
        var circleRight = f.maybeOneOf("circleRight", 20, 15, 12, 10, 8, 0);
        var shoulder = f.maybeWhole("shoulder", -2, 2);
        var shoulderBoth = f.flagBeside("shoulderBoth", shoulder.isPresent());
        var shoulderInside = f.maybeFlag("shoulderInside");
        var hindLeft = f.maybeOneOf("hindLeft", 0, 1, 2, 3, 4);
        var hindRight = f.maybeOneOf("hindRight", 0, 1, 2, 3, 4);
        var neckTwists = f.maybeFlag("neckTwists");
        var riddenToday = f.maybeOneOf("riddenToday", 0, 20, 40, 60);
        var riddenYesterday = f.maybeOneOf("riddenYesterday", 0, 20, 40, 60);
        var haltAt = f.maybePart("haltAt", Readers::stationTicks);
        var legAt = f.maybePart("legAt", Readers::stationTicks);
        var jawAt = f.maybePart("jawAt", Readers::stationTicks);
        var bendAt = f.maybePart("bendAt", Readers::stationTicks);
        var shouldersAt = f.maybePart("shouldersAt", Readers::stationTicks);
        var hindAt = f.maybePart("hindAt", Readers::stationTicks);
        return f.fit() ? new FirstLook(soundness, calm, attention, rider, seat, tension, breath, complaint, halt, haltFaster, leg, balks, tempo, hand, jawLeft, jawRight, bendLeft, bendRight, placeLeft, placeRight, circleLeft, circleRight, shoulder, shoulderBoth, shoulderInside, hindLeft, hindRight, neckTwists, riddenToday, riddenYesterday, haltAt, legAt, jawAt, bendAt, shouldersAt, hindAt) : null;
    }
}
