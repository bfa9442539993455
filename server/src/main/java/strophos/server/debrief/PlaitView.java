package strophos.server.debrief;

import java.time.Instant;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import strophos.core.exchange.Gait;
import strophos.core.exchange.Mounted;
import strophos.core.exchange.Rein;
import strophos.core.exchange.Side;
import strophos.core.plait.Bead;
import strophos.core.plait.EventKind;
import strophos.core.plait.Meeting;
import strophos.core.plait.Meetings;
import strophos.core.plait.Plait;
import strophos.core.plait.Strand;
import strophos.core.record.Payload;
import strophos.core.record.Ride;
import strophos.server.contract.CanBeNull;

/**
 * A lesson as strands that lie under each other. Times are milliseconds from its beginning.
 *
 * @param from when it began
 * @param kinds that are in it, from the top
 * @param said what each entry says, as it was last changed
 * @param meetings of any two kinds, those of the pair's own rider
 * @param withinS how far apart in time two events meet, in seconds
 */
public record PlaitView(
        Instant from,
        long lengthMs,
        List<Turn> turns,
        List<Pause> rests,
        List<Kind> kinds,
        List<Event> events,
        List<Entry> said,
        List<Met> meetings,
        long withinS) {

    /** What was ridden, on one rein. */
    record Turn(
            String entry,
            long fromMs,
            long toMs,
            String exercise,
            String name,
            Gait gait,
            Rein rein,
            Mounted mounted) {}

    record Pause(long fromMs, long toMs) {}

    /** @param count of the pair's own */
    record Kind(Strand strand, EventKind.Sort sort, String name, Side side, int count) {}

    /**
     * @param entry its place in {@code said}
     * @param kind its place in {@code kinds}
     * @param isOwn of the pair's own rider
     */
    record Event(int entry, int kind, long fromMs, long toMs, boolean isOwn) {}

    record Entry(String id, String kind, int v, Map<String, Object> payload) {}

    /**
     * @param one its place in {@code kinds}
     * @param other its place in {@code kinds}
     * @param events those that meet, by their place in {@code events}
     * @param adjusted null where there are too few to test
     * @param isOftener than chance would bring
     */
    record Met(
            int one,
            int other,
            int ones,
            int onesMet,
            int others,
            int othersMet,
            List<Integer> events,
            @CanBeNull Double adjusted,
            boolean isOftener) {}

    static PlaitView of(Ride ride, Plait plait, UnaryOperator<String> nameOf) {
        Map<String, Entry> all = said(ride);
        Map<String, Integer> entries = new LinkedHashMap<>();
        plait.beads().forEach(b -> entries.putIfAbsent(b.entry(), entries.size()));
        Map<EventKind, Integer> kinds = new HashMap<>();
        List<EventKind> inOrder = plait.beads().stream()
                .map(Bead::kind)
                .distinct()
                .sorted(EventKind.FROM_THE_TOP)
                .toList();
        inOrder.forEach(k -> kinds.put(k, kinds.size()));
        return new PlaitView(
                Instant.ofEpochMilli(plait.fromMs()),
                plait.toMs() - plait.fromMs(),
                plait.segments().stream()
                        .map(s -> new Turn(
                                s.id(),
                                s.atMs() - plait.fromMs(),
                                s.endMs().orElse(plait.toMs()) - plait.fromMs(),
                                s.exercise(),
                                nameOf.apply(s.exercise()),
                                s.gait(),
                                s.rein(),
                                s.mounted()))
                        .toList(),
                plait.rests().stream()
                        .map(r -> new Pause(r.atMs() - plait.fromMs(), r.endMs().orElse(plait.toMs()) - plait.fromMs()))
                        .toList(),
                inOrder.stream()
                        .map(k -> new Kind(k.strand(), k.sort(), k.name(), k.side(), (int) plait.beads().stream()
                                .filter(b -> b.isOwn() && b.kind().equals(k))
                                .count()))
                        .toList(),
                plait.beads().stream()
                        .map(b -> new Event(
                                entries.get(b.entry()),
                                kinds.get(b.kind()),
                                b.fromMs() - plait.fromMs(),
                                b.toMs() - plait.fromMs(),
                                b.isOwn()))
                        .toList(),
                entries.keySet().stream().map(all::get).toList(),
                Meetings.of(plait).stream().map(m -> met(m, kinds)).toList(),
                Meetings.WITHIN_MS / 1000);
    }

    private static Met met(Meeting m, Map<EventKind, Integer> kinds) {
        return new Met(
                kinds.get(m.one()),
                kinds.get(m.other()),
                m.ones(),
                m.onesMet(),
                m.others(),
                m.othersMet(),
                m.beads(),
                m.adjusted().isPresent() ? m.adjusted().getAsDouble() : null,
                m.isOftener());
    }

    private static Map<String, Entry> said(Ride ride) {
        Map<String, Entry> said = new HashMap<>();
        ride.exchanges().forEach(x -> said.put(x.id(), said(x.id(), x.said())));
        ride.marks().forEach(m -> said.put(m.id(), said(m.id(), m.said())));
        ride.notes().forEach(n -> said.put(n.id(), said(n.id(), new Payload.Note(n.text()))));
        return said;
    }

    private static Entry said(String id, Payload payload) {
        return new Entry(id, payload.kind(), payload.version(), payload.plain());
    }
}
