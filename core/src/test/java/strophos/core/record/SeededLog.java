package strophos.core.record;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.UUID;
import strophos.core.exchange.AidOrder;
import strophos.core.exchange.Bend;
import strophos.core.exchange.Choice;
import strophos.core.exchange.Felt;
import strophos.core.exchange.Foot;
import strophos.core.exchange.Footing;
import strophos.core.exchange.Gait;
import strophos.core.exchange.HoldUnit;
import strophos.core.exchange.LeadChange;
import strophos.core.exchange.Manner;
import strophos.core.exchange.Means;
import strophos.core.exchange.Mounted;
import strophos.core.exchange.Place;
import strophos.core.exchange.Rail;
import strophos.core.exchange.Rein;
import strophos.core.exchange.Release;
import strophos.core.exchange.Response;
import strophos.core.exchange.Side;
import strophos.core.exchange.Speed;
import strophos.core.exchange.TakeOff;
import strophos.core.look.BendPlace;
import strophos.core.look.Soundness;
import strophos.core.pause.StopSign;

/**
 * Writes logs that no careful device would: wrong clocks, crossed devices, voids of voids, amendments of what is gone,
 * unknown kinds and versions, payloads out of bounds, targets that do not exist.
 */
final class SeededLog {

    /** Those that were listed when the digests of the seeds were taken. */
    private static final List<Gait> GAITS = List.of(Gait.HALT, Gait.WALK, Gait.TROT, Gait.CANTER, Gait.REIN_BACK);

    /** Those there were when the digests of these logs were taken. */
    private static final List<Place> PLACES = List.of(Place.RAIL, Place.CIRCLE, Place.ACROSS);

    private static final String LESSON = "01930000-0000-7000-8000-0000000000ff";
    private static final List<String> EXERCISES = List.of("counter-bend", "inside-bend", "circle-bend");

    private static final List<String> SIGNS = List.of("jaw-soft", "uneven-step", "stumbles", "bucks");
    /** Two people write: who may not take back what the other saw. */
    private static final List<String> AUTHORS = List.of(LESSON, "01930000-0000-7000-8000-0000000000fe");

    private final SplittableRandom random;
    private final List<Entry> entries = new ArrayList<>();
    private final List<String> segments = new ArrayList<>();
    private final Map<String, Long> clock = new HashMap<>();
    private final Map<String, Long> count = new HashMap<>();

    private SeededLog(long seed) {
        random = new SplittableRandom(seed);
    }

    static List<Entry> of(long seed) {
        SeededLog log = new SeededLog(seed);
        List<String> devices = new ArrayList<>();
        for (int i = 0; i < 1 + log.random.nextInt(3); i++) {
            devices.add(log.id());
        }
        int length = 4 + log.random.nextInt(40);
        for (int i = 0; i < length; i++) {
            log.add(devices.get(log.random.nextInt(devices.size())));
        }
        return log.entries;
    }

    private void add(String device) {
        int what = random.nextInt(100);
        if (what < 5) {
            say(device, "clock", 1, Map.of("offsetMs", random.nextInt(-90_000, 90_000)));
        } else if (what < 10) {
            say(device, what < 7 ? "lesson_started" : "lesson_ended", 1, Map.of());
        } else if (what < 26) {
            segments.add(say(device, "segment", 1, segment()));
        } else if (what < 58) {
            say(device, "exchange", 1, exchange());
        } else if (what < 68) {
            Map.Entry<String, Map<String, Object>> mark = mark();
            say(device, mark.getKey(), 1, mark.getValue());
        } else if (what < 70) {
            say(device, "rest", 1, Map.of());
        } else if (what < 73) {
            say(device, "first_look", 1, look());
        } else if (what < 75) {
            say(device, "note", 1, Map.of("text", what < 74 ? "softer" : "  "));
        } else if (what < 84) {
            say(device, "void", 1, Map.of("target", target()));
        } else if (what < 94) {
            say(
                    device,
                    "amend",
                    1,
                    Map.of("target", target(), "payload", random.nextBoolean() ? exchange() : segment()));
        } else if (what < 97) {
            say(device, "measured_later", 1, Map.of("metres", 12.5));
        } else {
            say(device, "exchange", what < 99 ? 2 : 1, Map.of("segment", "not an id", "strength", 7));
        }
    }

    private Map<String, Object> segment() {
        Map<String, Object> segment = new LinkedHashMap<>(Map.of(
                "exercise", EXERCISES.get(random.nextInt(EXERCISES.size())),
                "gait", pick(GAITS).word(),
                "place", pick(PLACES).word(),
                "rein", pick(Rein.values()),
                "mounted", pick(Mounted.values())));
        now(3, segment, "circleM", 5 + random.nextInt(37));
        now(3, segment, "bend", pick(Bend.values()));
        now(3, segment, "aids", aids());
        return segment;
    }

    /** Now and then, one time in so many, the detail is there. */
    private void now(int andThen, Map<String, Object> payload, String detail, Object value) {
        if (random.nextInt(andThen) == 0) {
            payload.put(detail, value);
        }
    }

    /** Mostly one to four aids; now and then none, or too many, or one that is none. */
    private List<Map<String, Object>> aids() {
        List<Map<String, Object>> aids = new ArrayList<>();
        for (int i = random.nextInt(24) == 0 ? 1 + random.nextInt(6) : 1; i > 0; i--) {
            Map<String, Object> aid = new LinkedHashMap<>(Map.of(
                    "means", random.nextInt(40) == 0 ? "SPUR" : pick(Means.values()), "side", pick(Side.values())));
            now(2, aid, "manner", pick(Manner.values()));
            now(4, aid, "foot", pick(Foot.values()));
            aids.add(aid);
        }
        return random.nextInt(30) == 0 ? List.of() : aids;
    }

    /** Some checks made, some not, now and then one out of its bounds. */
    private Map<String, Object> look() {
        Map<String, Object> look = new LinkedHashMap<>();
        for (String check : List.of("calm", "rider", "halt", "leg", "bendLeft", "bendRight")) {
            if (random.nextBoolean()) {
                look.put(check, random.nextInt(random.nextInt(9) == 0 ? 7 : 5));
            }
        }
        look.put("soundness", random.nextInt(4) == 0 ? null : pick(Soundness.values()));
        look.put("placeLeft", pick(BendPlace.values()));
        look.put("circleRight", List.of(20, 15, 12, 10, 8, 0).get(random.nextInt(6)));
        look.put("shoulder", random.nextInt(-2, 3));
        if (random.nextBoolean()) {
            look.put("shoulderBoth", random.nextBoolean());
        }
        return look;
    }

    private Map<String, Object> exchange() {
        String segment =
                segments.isEmpty() || random.nextInt(12) == 0 ? id() : segments.get(random.nextInt(segments.size()));
        Map<String, Object> exchange = new LinkedHashMap<>(
                Map.of("segment", segment, "strength", 1 + random.nextInt(4), "response", pick(Response.values())));
        now(4, exchange, "first", 1 + random.nextInt(2));
        now(4, exchange, "aids", aids());
        now(6, exchange, "order", pick(AidOrder.values()));
        return exchange;
    }

    /** Any mark; now and then one that names nothing known, or a value out of its bounds. */
    private Map.Entry<String, Map<String, Object>> mark() {
        String segment =
                segments.isEmpty() || random.nextInt(8) == 0 ? id() : segments.get(random.nextInt(segments.size()));
        return switch (random.nextInt(19)) {
            case 0 -> Map.entry("fault", Map.of("segment", segment, "name", "leg-back", "side", pick(Side.values())));
            case 1, 14, 15 ->
                Map.entry(
                        "sign",
                        Map.of(
                                "segment",
                                segment,
                                "name",
                                SIGNS.get(random.nextInt(SIGNS.size())),
                                "side",
                                pick(Side.values())));
            case 16, 17 ->
                Map.entry(
                        "stop_sign",
                        Map.of(
                                "sign",
                                random.nextInt(20) == 0 ? "TIRED" : pick(StopSign.values()),
                                "side",
                                pick(Side.values())));
            case 2 -> Map.entry("correction", Map.of("segment", segment, "made", random.nextBoolean()));
            case 3 -> Map.entry("release", Map.of("exchange", target(), "release", pick(Release.values())));
            case 4 ->
                Map.entry(
                        "contact",
                        Map.of("segment", segment, "side", pick(Side.values()), "felt", pick(Felt.values())));
            case 5 ->
                Map.entry(
                        "held",
                        Map.of("segment", segment, "unit", pick(HoldUnit.values()), "amount", random.nextInt(12)));
            case 6 -> Map.entry("praise", Map.of("segment", segment));
            case 7 ->
                Map.entry(
                        "conditions",
                        Map.of("footing", pick(Footing.values()), "temperatureC", random.nextInt(-50, 70)));
            case 8 -> Map.entry("head", Map.of("segment", segment, "cm", random.nextInt(-100, 130)));
            case 9 -> Map.entry("choice", choice(segment));
            case 10 -> Map.entry("reward", Map.of("segment", segment));
            case 11 -> Map.entry("line", line(segment));
            case 12 ->
                Map.entry(
                        "watch",
                        Map.of(
                                "of",
                                random.nextBoolean() ? "sign" : "fault",
                                "name",
                                "leg-back",
                                "side",
                                pick(Side.values()),
                                "weeks",
                                random.nextInt(29)));
            case 13 -> Map.entry("watched", Map.of("watch", target(), "seen", random.nextBoolean()));
            default -> Map.entry("effort", Map.of("horse", random.nextInt(12), "rider", random.nextInt(11)));
        };
    }

    private Map<String, Object> choice(String segment) {
        Map<String, Object> choice = new LinkedHashMap<>(Map.of("segment", segment, "choice", pick(Choice.values())));
        now(3, choice, "returnS", random.nextInt(-1, 60));
        return choice;
    }

    private Map<String, Object> line(String segment) {
        Map<String, Object> line = new LinkedHashMap<>(Map.of("segment", segment, "ridden", random.nextInt(33)));
        now(2, line, "planned", random.nextInt(32));
        now(2, line, "takeOff", pick(TakeOff.values()));
        now(2, line, "lead", pick(Side.values()));
        now(2, line, "straight", random.nextBoolean());
        now(2, line, "rail", pick(Rail.values()));
        now(2, line, "change", pick(LeadChange.values()));
        now(2, line, "speed", pick(Speed.values()));
        return line;
    }

    private String target() {
        return entries.isEmpty() || random.nextInt(15) == 0
                ? id()
                : entries.get(random.nextInt(entries.size())).id();
    }

    private <T> T pick(List<T> words) {
        return words.get(random.nextInt(words.size()));
    }

    private String pick(Enum<?>[] words) {
        return words[random.nextInt(words.length)].name();
    }

    private String say(String device, String kind, int v, Map<String, Object> payload) {
        long at = clock.getOrDefault(device, 1_764_000_000_000L + random.nextInt(5_000)) + random.nextInt(20_000);
        long seq = count.merge(device, 1L, Long::sum);
        clock.put(device, at + 1);
        String id = id();
        // a device belongs to one person
        String author = AUTHORS.get(Math.floorMod(device.hashCode(), 4) == 0 ? 1 : 0);
        entries.add(new Entry(id, LESSON, device, author, seq, at, kind, v, payload));
        return id;
    }

    private String id() {
        return new UUID(random.nextLong(), random.nextLong()).toString();
    }
}
