package strophos.server.demo;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.UUID;
import java.util.function.Supplier;
import strophos.core.exchange.Mounted;
import strophos.core.exchange.PadKind;
import strophos.core.exchange.PolesAnswer;
import strophos.core.exchange.PositionAnswer;
import strophos.core.exchange.Rein;
import strophos.core.exchange.Response;
import strophos.core.exchange.Side;
import strophos.core.exchange.WorkedSide;
import strophos.core.plan.Turn;
import strophos.core.record.Entry;
import strophos.core.stair.Rung;
import strophos.core.stair.RungId;

/** Writes the entries of one simulated lesson, as a device would have. */
final class LessonScript {

    private static final List<String> GOOD = List.of("jaw-soft", "back-swings", "neck-stretches-down");
    private static final List<String> OTHER = List.of("jaw-clamped", "head-up", "hurried");

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

    /** One turn on one rein: an ask about every twenty seconds, now and then a slip of the thumb. */
    void turn(
            Rung rung,
            PadKind pad,
            Mounted mounted,
            Turn turn,
            Side side,
            Story.Habit habit,
            Supplier<SimulatedAsks.Result> answers) {
        String segment = say("segment", segment(rung, mounted, turn.rein(), side));
        Instant end = at.plusSeconds(turn.seconds());
        while (true) {
            int pause = 12 + random.nextInt(16);
            if (at.plusSeconds(pause).isAfter(end)) {
                break;
            }
            pass(pause);
            SimulatedAsks.Result ask = answers.get();
            mark(segment, habit, ask);
            String touched = touch(pad, segment, ask);
            if (random.nextInt(60) == 0) {
                // taken back and touched again
                say("void", Map.of("target", touched));
                touch(pad, segment, ask);
            }
        }
        at = at.isAfter(end) ? at : end;
    }

    /** The habit at this ask, and now and then what the horse shows; by chance of their own, so that the asks stay as they are. */
    private void mark(String segment, Story.Habit habit, SimulatedAsks.Result ask) {
        boolean isYes = ask.response() == Response.YES;
        if (seen.nextDouble() < (isYes ? habit.atYes() : habit.atOthers())) {
            say("fault", Map.of("segment", segment, "name", habit.name(), "side", "NONE"));
        }
        if (seen.nextInt(9) == 0) {
            String sign = isYes ? GOOD.get(seen.nextInt(GOOD.size())) : OTHER.get(seen.nextInt(OTHER.size()));
            say("sign", Map.of("segment", segment, "name", sign, "side", "NONE"));
        }
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

    private static Map<String, Object> segment(Rung ridden, Mounted mounted, Rein rein, Side side) {
        RungId rung = ridden.id();
        Map<String, Object> payload = new LinkedHashMap<>();
        payload.put("exercise", rung.exercise());
        payload.put("gait", rung.gait().word());
        payload.put("place", rung.place().word());
        payload.put("rein", rein.name());
        payload.put("mounted", mounted.name());
        if (ridden.works() == WorkedSide.CHOSEN) {
            payload.put("side", side.name());
        }
        return payload;
    }

    /** In the words of the exercise's pad. */
    private String touch(PadKind pad, String segment, SimulatedAsks.Result ask) {
        return switch (pad) {
            case POSITION ->
                say(
                        "position",
                        Map.of(
                                "segment",
                                segment,
                                "answer",
                                position(ask.response()).name()));
            case POLES ->
                say(
                        "poles",
                        Map.of(
                                "segment",
                                segment,
                                "answer",
                                poles(ask.response()).name()));
            case STRENGTH, CHOICE, LINE -> say("exchange", exchange(segment, ask));
        };
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

    private static Map<String, Object> exchange(String segment, SimulatedAsks.Result ask) {
        Map<String, Object> payload = new LinkedHashMap<>();
        payload.put("segment", segment);
        payload.put("strength", ask.strength().level());
        payload.put("response", ask.response().name());
        return payload;
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
