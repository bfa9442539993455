package strophos.core.record;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalLong;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import strophos.core.exchange.Rein;
import strophos.core.exchange.Response;
import strophos.core.exchange.Strength;

/** The forward pass of the {@link Fold}: hears the standing entries in order and tells the ride. */
final class RideTeller implements FoldCases {

    private OptionalLong startedAtMs = OptionalLong.empty();
    private OptionalLong endedAtMs = OptionalLong.empty();
    private final List<Ride.Segment> segments = new ArrayList<>();
    private final List<Ride.Exchange> exchanges = new ArrayList<>();
    private final List<Ride.Note> notes = new ArrayList<>();
    private final List<Ride.Look> looks = new ArrayList<>();
    private final List<Ride.Rest> rests = new ArrayList<>();
    private final List<Ride.Mark> marks = new ArrayList<>();

    @Override
    public void lessonStarted(Entry e, long atMs, Payload.LessonStarted said) {
        startedAtMs = startedAtMs.isPresent() ? startedAtMs : OptionalLong.of(atMs);
        endedAtMs = OptionalLong.empty();
    }

    @Override
    public void lessonEnded(Entry e, long atMs, Payload.LessonEnded said) {
        closeSegment(atMs);
        endedAtMs = OptionalLong.of(atMs);
    }

    @Override
    public void segment(Entry e, long atMs, Payload.Segment said) {
        closeSegment(atMs);
        endedAtMs = OptionalLong.empty();
        segments.add(new Ride.Segment(e.id(), atMs, OptionalLong.empty(), said));
    }

    @Override
    public void exchange(Entry e, long atMs, Payload.Exchange said) {
        exchanges.add(new Ride.Exchange(e.id(), atMs, e.author(), said));
    }

    @Override
    public void firstLook(Entry e, long atMs, Payload.Look said) {
        looks.add(new Ride.Look(e.id(), atMs, e.author(), said.seen()));
    }

    @Override
    public void rest(Entry e, long atMs, Payload.Rest said) {
        closeSegment(atMs);
        rests.add(new Ride.Rest(e.id(), atMs, OptionalLong.empty()));
    }

    @Override
    public void note(Entry e, long atMs, Payload.Note said) {
        notes.add(new Ride.Note(e.id(), atMs, e.author(), said.text()));
    }

    @Override
    public void mark(Entry e, long atMs, Payload.Mark said) {
        marks.add(new Ride.Mark(e.id(), atMs, e.author(), said));
    }

    /** Settled before the ride is told. */
    @Override
    public void clock(Entry e, long atMs, Payload.Clock said) {}

    @Override
    public void voided(Entry e, long atMs, Payload.Void said) {}

    @Override
    public void amend(Entry e, long atMs, Payload.Amend said) {}

    /** Ends what runs: a segment or a rest. */
    private void closeSegment(long atMs) {
        int resting = rests.size() - 1;
        if (resting >= 0 && rests.get(resting).endMs().isEmpty()) {
            Ride.Rest r = rests.get(resting);
            rests.set(resting, new Ride.Rest(r.id(), r.atMs(), OptionalLong.of(atMs)));
        }
        int last = segments.size() - 1;
        if (last >= 0 && segments.get(last).endMs().isEmpty()) {
            segments.set(last, segments.get(last).until(atMs));
        }
    }

    Ride ride(List<StopSigns.Sighting> stopSigns, List<String> voided, List<String> odd) {
        Map<String, Ride.Segment> byId = new HashMap<>();
        segments.forEach(s -> byId.put(s.id(), s));
        List<Ride.Exchange> placed =
                exchanges.stream().filter(x -> byId.containsKey(x.segment())).toList();
        Set<String> known = placed.stream().map(Ride.Exchange::id).collect(Collectors.toSet());
        List<String> loose = new ArrayList<>();
        exchanges.stream()
                .filter(x -> !known.contains(x.id()))
                .map(Ride.Exchange::id)
                .forEach(loose::add);
        marks.stream()
                .filter(m -> !isPlaced(m, byId.keySet(), known))
                .map(Ride.Mark::id)
                .forEach(loose::add);
        return new Ride(
                startedAtMs,
                endedAtMs,
                segments,
                placed,
                notes,
                looks,
                rests,
                marks.stream().filter(m -> isPlaced(m, byId.keySet(), known)).toList(),
                stopSigns,
                reinMs(),
                pads(placed, byId),
                loose,
                voided,
                odd);
    }

    /** What hangs on a segment must name one, and what hangs on an ask must name one. */
    private static boolean isPlaced(Ride.Mark mark, Set<String> segments, Set<String> asks) {
        Set<String> there = mark.said() instanceof Payload.OfSegment ? segments : asks;
        return mark.said().hangsOn().filter(on -> !there.contains(on)).isEmpty();
    }

    private Map<Rein, Long> reinMs() {
        Map<Rein, Long> ms = new EnumMap<>(Rein.class);
        Arrays.stream(Rein.values()).forEach(r -> ms.put(r, 0L));
        for (Ride.Segment s : segments) {
            s.endMs().ifPresent(end -> ms.merge(s.rein(), end - s.atMs(), Long::sum));
        }
        return ms;
    }

    private static List<Ride.PadCounts> pads(List<Ride.Exchange> exchanges, Map<String, Ride.Segment> byId) {
        Map<String, int[][]> counts = new TreeMap<>();
        Map<String, Ride.Segment> sample = new HashMap<>();
        for (Ride.Exchange x : exchanges) {
            Ride.Segment s = byId.get(x.segment());
            String key = pad(s, List.of()).key();
            sample.putIfAbsent(key, s);
            counts.computeIfAbsent(key, k -> new int[Strength.values().length][Response.values().length])[
                    x.strength().ordinal()][x.response().ordinal()]++;
        }
        return counts.entrySet().stream()
                .map(c -> pad(sample.get(c.getKey()), rows(c.getValue())))
                .toList();
    }

    private static Ride.PadCounts pad(Ride.Segment s, List<List<Integer>> counts) {
        return new Ride.PadCounts(s.exercise(), s.gait(), s.place(), s.rein(), s.mounted(), counts);
    }

    private static List<List<Integer>> rows(int[][] counts) {
        return Arrays.stream(counts)
                .map(row -> Arrays.stream(row).boxed().toList())
                .toList();
    }
}
