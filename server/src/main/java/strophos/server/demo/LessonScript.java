package strophos.server.demo;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.SplittableRandom;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Supplier;
import strophos.core.exchange.Choice;
import strophos.core.exchange.Landing;
import strophos.core.exchange.Mounted;
import strophos.core.exchange.PadKind;
import strophos.core.exchange.PolesAnswer;
import strophos.core.exchange.PositionAnswer;
import strophos.core.exchange.Rein;
import strophos.core.exchange.Release;
import strophos.core.exchange.Response;
import strophos.core.exchange.Side;
import strophos.core.exchange.WorkedSide;
import strophos.core.record.Entry;
import strophos.core.stair.Rung;
import strophos.core.stair.RungId;

/** Writes the entries of one simulated lesson, as a device would have. */
final class LessonScript {

    private static final List<String> GOOD = List.of("jaw-soft", "back-swings", "neck-stretches-down");
    private static final List<String> OTHER = List.of("jaw-clamped", "head-up", "hurried");

    private static final int LINE_STRIDES = 5;

    /** A touch comes so much after what it says (common practice, no source). */
    private static final int TOUCH_LATE_MS = 1000;

    private final UUID lesson;
    private final UUID device;
    private final UUID author;
    private final Supplier<UUID> ids;
    private final SplittableRandom random;
    private final SplittableRandom seen;
    private final List<Entry> entries = new ArrayList<>();
    private int sent;
    private Instant at;

    LessonScript(UUID lesson, UUID device, UUID author, Instant start, Supplier<UUID> ids, SplittableRandom random) {
        this.lesson = lesson;
        this.device = device;
        this.author = author;
        this.at = start;
        this.ids = ids;
        this.random = random;
        this.seen = new SplittableRandom(start.getEpochSecond());
    }

    void open() {
        say("clock", Map.of("offsetMs", 0));
    }

    void start() {
        say("lesson_started", Map.of());
    }

    void look(Map<String, Object> checks) {
        say("first_look", checks);
    }

    /** Answers an ask, whatever it is; and what is seen beside it. */
    interface Partner {
        SimulatedAsks.Result answer();

        List<Story.Shown> shown();

        /** In conflict with the hand: how often of the driving aids; empty where the aids are not noted. */
        OptionalDouble conflict();

        /** How often an ask begins more lightly; empty where that is not noted. */
        OptionalDouble lightly();
    }

    /** One turn on one rein: an ask about every fourteen seconds, now and then a slip of the thumb. */
    void turn(Rung rung, PadKind pad, Mounted mounted, DemoHistory.OnRein turn, Side side, Partner partner) {
        Map<String, Object> begun =
                turn.begunAt().<Map<String, Object>>map(l -> Map.of("from", l)).orElse(Map.of());
        String segment = segment(rung, mounted, turn.rein(), side, begun);
        Instant end = at.plusSeconds(turn.seconds());
        while (true) {
            int pause = 10 + random.nextInt(11);
            if (at.plusSeconds(pause).isAfter(end)) {
                break;
            }
            pass(pause);
            ask(segment, pad, partner.answer(), partner);
        }
        at = at.isAfter(end) ? at : end;
    }

    /** A cue of the book, asked by so often that the horse can answer and settle in between. */
    void byCue(Rung rung, PadKind pad, Rein rein, UUID cue, int asks, Partner partner) {
        String segment = segment(rung, Mounted.RIDER, rein, Side.NONE, Map.of("cue", cue.toString()));
        for (int i = 0; i < asks; i++) {
            pass(28);
            ask(segment, pad, partner.answer(), partner);
        }
        pass(12);
    }

    /** One ask after the other, as they were given. */
    void asks(Rung rung, PadKind pad, Rein rein, Side side, List<SimulatedAsks.Result> answers, boolean isProbe) {
        String segment = segment(rung, Mounted.RIDER, rein, side);
        if (isProbe) {
            say("probe", Map.of("segment", segment));
        }
        for (SimulatedAsks.Result each : answers) {
            pass(9 + random.nextInt(11));
            touch(pad, segment, each, Map.of());
        }
    }

    /** It jumps away three times. */
    void fright(Rung rung, Side side) {
        String segment = segment(rung, Mounted.RIDER, Rein.NONE, side);
        for (int i = 0; i < 3; i++) {
            pass(15 + random.nextInt(20));
            say("choice", Map.of("segment", segment, "choice", Choice.FRIGHT.name()));
        }
    }

    private void ask(String segment, PadKind pad, SimulatedAsks.Result ask, Partner partner) {
        List<Boolean> corrected = mark(segment, partner.shown(), ask);
        Map<String, Object> aids = aids(ask, partner);
        String touched = touch(pad, segment, ask, aids);
        if (random.nextInt(60) == 0) {
            // taken back and touched again
            say("void", Map.of("target", touched));
            touch(pad, segment, ask, aids);
        }
        // after the answer, so that what follows it until the next ask is the time to think
        corrected.forEach(made -> say("correction", Map.of("segment", segment, "made", made)));
    }

    /**
     * What is marked of this ask, and now and then what the horse shows; by chance of their own, so that the asks stay as they are.
     *
     * @return of each error that was to be corrected, whether it was
     */
    private List<Boolean> mark(String segment, List<Story.Shown> shown, SimulatedAsks.Result ask) {
        List<Boolean> corrected = new ArrayList<>();
        boolean isYes = ask.response() == Response.YES;
        for (Story.Shown each : shown) {
            if (seen.nextDouble() < (isYes ? each.atYes() : each.atOthers())) {
                mark(segment, each);
                if (each.corrected() != null) {
                    corrected.add(seen.nextDouble() < each.corrected());
                }
            }
        }
        if (seen.nextInt(9) == 0) {
            String sign = isYes ? GOOD.get(seen.nextInt(GOOD.size())) : OTHER.get(seen.nextInt(OTHER.size()));
            say("sign", Map.of("segment", segment, "name", sign, "side", "NONE"));
        }
        return corrected;
    }

    private void mark(String segment, Story.Shown each) {
        String side = (each.body() == null ? Side.NONE : each.body()).name();
        switch (each.kind() == null ? Story.ShownKind.FAULT : each.kind()) {
            case FAULT -> say("fault", Map.of("segment", segment, "name", each.name(), "side", side));
            case SIGN -> say("sign", Map.of("segment", segment, "name", each.name(), "side", side));
            case CONTACT ->
                say(
                        "contact",
                        Map.of("segment", segment, "felt", each.name(), "side", seen.nextBoolean() ? "LEFT" : "RIGHT"));
        }
    }

    /** Where the aids are noted: leg, and the hand after it or not; the strength that was tried first. */
    private Map<String, Object> aids(SimulatedAsks.Result ask, Partner partner) {
        Map<String, Object> noted = new LinkedHashMap<>();
        partner.conflict().ifPresent(share -> {
            Map<String, Object> leg = Map.of("means", "LEG", "side", "NONE", "manner", "PUSH");
            if (seen.nextDouble() < share) {
                noted.put("aids", List.of(leg, Map.of("means", "REIN", "side", "NONE", "manner", "TAKE")));
                noted.put("order", "IN_TURN");
            } else {
                noted.put("aids", List.of(leg));
            }
        });
        partner.lightly().ifPresent(share -> {
            int level = ask.strength().level();
            noted.put("first", level > 1 && seen.nextDouble() < share ? 1 : level);
        });
        return noted;
    }

    void effort(int horse) {
        say("effort", Map.of("horse", horse));
    }

    void rest(int seconds) {
        if (seconds > 0) {
            say("rest", Map.of());
            pass(seconds);
        }
    }

    void note(String text) {
        say("note", Map.of("text", text));
    }

    /** The drawn clip, looked at in the evening: what was said at its moments, the last good ask on it, and its footfalls. */
    void clip(DemoClip clip, Map<Integer, String> says) {
        Entry last = lastGoodAsk();
        pass(3 * 3600);
        String base =
                say("time_base", Map.of("source", "CLIP", "clip", clip.file().plain()));
        time(last, clip, base);
        new TreeMap<>(says).forEach((ms, text) -> {
            pass(40);
            say("comment", Map.of("at", moment(base, ms), "text", text));
        });
        pass(180);
        List<Map<String, Object>> landings =
                clip.landings().stream().map(Landing::plain).toList();
        say("footfalls", Map.of("base", base, "frameMs", clip.frameMs(), "landings", landings));
    }

    private Entry lastGoodAsk() {
        return entries.stream()
                .filter(e -> e.kind().equals("exchange")
                        && Response.YES.name().equals(e.payload().get("response")))
                .reduce((a, b) -> b)
                .orElseThrow();
    }

    /** A touch of the ride is found on the clip: that says where the clip lies, and its moments are read from the frames. */
    private void time(Entry ask, DemoClip clip, String base) {
        DemoClip.OneAsk moments = clip.ask();
        long startMs = ask.atMs() - TOUCH_LATE_MS - moments.answerMs();
        pass(60);
        say(
                "amend",
                Map.of(
                        "target",
                        base,
                        "payload",
                        Map.of("source", "CLIP", "clip", clip.file().plain(), "startMs", startMs)));
        Map<String, Object> timed = new LinkedHashMap<>(ask.payload());
        timed.put("asked", moment(base, moments.askedMs()));
        timed.put("reinforced", moment(base, moments.reinforcedMs()));
        timed.put("when", moment(base, moments.answerMs()));
        pass(30);
        say("amend", Map.of("target", ask.id(), "payload", timed));
        pass(5);
        say(
                "release",
                Map.of(
                        "exchange",
                        ask.id(),
                        "release",
                        Release.PROMPT.name(),
                        "when",
                        moment(base, moments.letGoMs())));
    }

    private static Map<String, Object> moment(String base, int ms) {
        return Map.of("base", base, "ms", ms);
    }

    void end() {
        pass(60);
        say("lesson_ended", Map.of());
    }

    void pass(int seconds) {
        at = at.plus(Duration.ofSeconds(seconds));
    }

    Instant now() {
        return at;
    }

    /** What was written since this was asked last. */
    List<Entry> fresh() {
        List<Entry> fresh = List.copyOf(entries.subList(sent, entries.size()));
        sent = entries.size();
        return fresh;
    }

    private String segment(Rung ridden, Mounted mounted, Rein rein, Side side) {
        return segment(ridden, mounted, rein, side, Map.of());
    }

    private String segment(Rung ridden, Mounted mounted, Rein rein, Side side, Map<String, Object> more) {
        RungId rung = ridden.id();
        Map<String, Object> payload = new LinkedHashMap<>(more);
        payload.put("exercise", rung.exercise());
        payload.put("gait", rung.gait().word());
        payload.put("place", rung.place().word());
        payload.put("rein", rein.name());
        payload.put("mounted", mounted.name());
        if (ridden.works() == WorkedSide.CHOSEN && side != Side.NONE) {
            payload.put("side", side.name());
        }
        return say("segment", payload);
    }

    /** In the words of the exercise's pad. */
    private String touch(PadKind pad, String segment, SimulatedAsks.Result ask, Map<String, Object> aids) {
        Map<String, Object> payload = new LinkedHashMap<>();
        payload.put("segment", segment);
        switch (pad) {
            case POSITION -> payload.put("answer", position(ask.response()).name());
            case POLES -> payload.put("answer", poles(ask.response()).name());
            case CHOICE -> payload.put("choice", choice(ask.response()).name());
            case LINE -> payload.putAll(line(ask.response()));
            case STRENGTH -> {
                payload.put("strength", ask.strength().level());
                payload.put("response", ask.response().name());
                payload.putAll(aids);
            }
        }
        return say(
                switch (pad) {
                    case POSITION -> "position";
                    case POLES -> "poles";
                    case CHOICE -> "choice";
                    case LINE -> "line";
                    case STRENGTH -> "exchange";
                },
                payload);
    }

    private static Choice choice(Response response) {
        return switch (response) {
            case YES -> Choice.COMES;
            case TRY -> Choice.RETURNS;
            case NONE, BRACE, WRONG -> Choice.LEAVES;
        };
    }

    /** A line of five strides: it comes out, or takes one or two more. */
    private static Map<String, Object> line(Response response) {
        int more = response == Response.YES ? 0 : response == Response.WRONG ? 2 : 1;
        return Map.of(
                "planned",
                LINE_STRIDES,
                "ridden",
                LINE_STRIDES + more,
                "takeOff",
                more == 0 ? "RIGHT" : "DEEP",
                "rail",
                more < 2 ? "CLEAR" : "TOUCHED");
    }

    private static PositionAnswer position(Response response) {
        return switch (response) {
            case YES -> PositionAnswer.HOLDS;
            case TRY, BRACE -> PositionAnswer.COMES_AND_GOES;
            case NONE, WRONG -> PositionAnswer.LOST;
        };
    }

    private static PolesAnswer poles(Response response) {
        return switch (response) {
            case YES -> PolesAnswer.CLEAN;
            case TRY, NONE -> PolesAnswer.TOUCHED;
            case BRACE -> PolesAnswer.RUSHED;
            case WRONG -> PolesAnswer.TRIPPED;
        };
    }

    private String say(String kind, Map<String, Object> payload) {
        at = at.plusMillis(1);
        String id = ids.get().toString();
        entries.add(new Entry(
                id,
                lesson.toString(),
                device.toString(),
                author.toString(),
                entries.size(),
                at.toEpochMilli(),
                kind,
                1,
                payload));
        return id;
    }
}
