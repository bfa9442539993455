package strophos.core.record;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.UUID;
import strophos.format.Draws;
import strophos.format.Format;

/**
 * Writes logs of every kind the format knows, as JSON text: payloads drawn from the schemas, one in four of them odd, on devices
 * that cross, by two authors, taken back and amended at random. A kind that joins the format is drawn by itself.
 */
final class WildLog {

    private static final String LESSON = "01930000-0000-7000-8000-0000000000ff";
    private static final List<String> AUTHORS = List.of(LESSON, "01930000-0000-7000-8000-0000000000fe");
    private static final long START_MS = 1_760_000_000_000L;
    private static final List<Long> NOT_BELIEVED =
            List.of(Times.BELIEVED_BEFORE_MS, 8_639_000_000_000_000L, Times.BELIEVED_FROM_MS);
    /** One payload in so many is odd. */
    private static final int ODD = 4;

    private final Format format;
    private final SplittableRandom random;
    private final Draws draws;
    private final List<String> ids = new ArrayList<>();

    /** What other entries hang on, or give their moment on, by its kind. */
    private final Map<String, List<String>> carrying =
            Map.of("segment", new ArrayList<>(), "exchange", new ArrayList<>(), "time_base", new ArrayList<>());

    private WildLog(Format format, long seed) {
        this.format = format;
        random = new SplittableRandom(seed);
        draws = new Draws(random);
    }

    /** The entries of a log, as a JSON array. */
    static String of(Format format, long seed) {
        WildLog log = new WildLog(format, seed);
        List<String> devices = List.of(log.id(), log.id());
        List<String> entries = new ArrayList<>();
        int length = 5 + log.random.nextInt(40);
        for (int i = 0; i < length; i++) {
            entries.add(log.entry(devices.get(log.random.nextInt(2)), i));
        }
        return "[" + String.join(",", entries) + "]";
    }

    private String entry(String device, int seq) {
        Format.Kind kind = kind();
        boolean isOdd = random.nextInt(ODD) == 0;
        String payload = isOdd ? draws.odd(kind, () -> known(kind)) : payload(kind);
        String id = id();
        ids.add(id);
        carrying.getOrDefault(kind.kind(), new ArrayList<>()).add(id);
        return "{\"id\":\"%s\",\"lesson\":\"%s\",\"device\":\"%s\",\"author\":\"%s\",\"seq\":%d,\"atMs\":%d,\"kind\":\"%s\",\"v\":%d,%s\"payload\":%s}"
                .formatted(
                        id,
                        LESSON,
                        device,
                        AUTHORS.get(random.nextInt(2)),
                        seq,
                        atMs(seq),
                        kind.kind(),
                        random.nextInt(30) == 0 ? 2 : kind.v(),
                        arrival(seq),
                        payload);
    }

    /** Most have arrived, at once or before their time, at both sides of a day before it. */
    private String arrival(int seq) {
        long early = random.nextInt(10) == 0 ? Times.AHEAD_MS + random.nextInt(-3000, 3000) : -2000;
        return random.nextInt(5) == 0 ? "" : "\"receivedAtMs\":%d,".formatted(START_MS + 1000L * seq - early);
    }

    /** Rising, crossed by other devices; now and then a clock that is not believed, at both sides of where belief ends. */
    private long atMs(int seq) {
        return random.nextInt(15) == 0
                ? NOT_BELIEVED.get(random.nextInt(NOT_BELIEVED.size())) + random.nextInt(-90_000, 90_000)
                : START_MS + 1000L * seq + random.nextInt(-1500, 1500);
    }

    /** Segments, asks, clips and amendments more often than their share of the kinds: the others hang on them. */
    private Format.Kind kind() {
        List<String> often = List.of("segment", "exchange", "amend", "void", "time_base");
        String kind = random.nextInt(2) == 0 ? often.get(random.nextInt(often.size())) : "";
        List<Format.Kind> these = format.kinds().stream()
                .filter(k -> kind.isEmpty() || k.kind().equals(kind))
                .toList();
        return these.get(random.nextInt(these.size()));
    }

    /** An amendment holds a payload of some kind, which may be that of what it amends. */
    private String payload(Format.Kind kind) {
        if (!kind.kind().equals("amend")) {
            return draws.fitting(kind, () -> known(kind));
        }
        Format.Kind other = kind();
        return "{\"target\":\"%s\",\"payload\":%s}".formatted(known(kind), draws.fitting(other, () -> known(other)));
    }

    /** An id of this log, mostly; as often as not of what this kind hangs on, else now and then of a clip. */
    private String known(Format.Kind kind) {
        List<String> carriers = carrying.getOrDefault(kind.hangsOn(), carrying.get("segment"));
        if (!carriers.isEmpty() && random.nextBoolean()) {
            return carriers.get(random.nextInt(carriers.size()));
        }
        List<String> bases = carrying.get("time_base");
        if (!bases.isEmpty() && random.nextInt(3) == 0) {
            return bases.get(random.nextInt(bases.size()));
        }
        return ids.isEmpty() || random.nextInt(12) == 0 ? id() : ids.get(random.nextInt(ids.size()));
    }

    private String id() {
        return new UUID(random.nextLong() & ~0xf000L | 0x7000L, random.nextLong() >>> 2 | 1L << 63).toString();
    }
}
