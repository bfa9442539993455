package strophos.core.plait;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.stream.Collectors;
import java.util.stream.LongStream;
import strophos.core.exchange.Mounted;
import strophos.core.exchange.Side;
import strophos.core.record.Counts;
import strophos.core.record.Payload;
import strophos.core.record.Ride;

/**
 * A lesson as strands that lie under each other.
 *
 * @param fromMs when it begins, in milliseconds since 1970 UTC: its start, or the first thing in it
 * @param toMs when it ends: its end, or the last thing in it
 * @param segments what was ridden, in order, as of the log
 * @param rests in order
 * @param beads all events, in order
 */
public record Plait(long fromMs, long toMs, List<Ride.Segment> segments, List<Ride.Rest> rests, List<Bead> beads) {

    public Plait {
        segments = List.copyOf(segments);
        rests = List.copyOf(rests);
        beads = List.copyOf(beads);
    }

    /** Of a lesson's log; empty while there is nothing in it. */
    public static Optional<Plait> of(Ride ride) {
        List<Bead> beads = new Reader(ride).beads();
        LongStream begins = LongStream.concat(
                stream(ride.startedAtMs()),
                LongStream.concat(
                        ride.segments().stream().mapToLong(Ride.Segment::atMs),
                        beads.stream().mapToLong(Bead::fromMs)));
        OptionalLong from = begins.min();
        if (from.isEmpty()) {
            return Optional.empty();
        }
        long to = LongStream.of(
                        ride.endedAtMs().orElse(from.getAsLong()),
                        ride.segments().stream()
                                .mapToLong(s -> s.endMs().orElse(s.atMs()))
                                .max()
                                .orElse(from.getAsLong()),
                        beads.stream().mapToLong(Bead::toMs).max().orElse(from.getAsLong()))
                .max()
                .orElseThrow();
        return Optional.of(new Plait(from.getAsLong(), to, ride.segments(), ride.rests(), beads));
    }

    private static LongStream stream(OptionalLong of) {
        return of.isEmpty() ? LongStream.empty() : LongStream.of(of.getAsLong());
    }

    /** Reads the beads of a log. */
    private static final class Reader {

        private final Ride ride;
        private final Map<String, Integer> segments = new HashMap<>();
        private final Map<String, Ride.Exchange> exchanges;
        private final List<Bead> beads = new ArrayList<>();

        Reader(Ride ride) {
            this.ride = ride;
            for (int i = 0; i < ride.segments().size(); i++) {
                segments.put(ride.segments().get(i).id(), i);
            }
            exchanges =
                    ride.exchanges().stream().collect(Collectors.toMap(Ride.Exchange::id, x -> x, (one, same) -> one));
        }

        List<Bead> beads() {
            ride.exchanges().forEach(x -> {
                int segment = segments.getOrDefault(x.segment(), -1);
                add(x.id(), ask(x), x.atMs(), x.atMs(), segment);
                add(
                        x.id(),
                        new EventKind(EventKind.Sort.ANSWER, x.response().word(), Side.NONE),
                        x.atMs(),
                        x.atMs(),
                        segment);
            });
            ride.marks().forEach(m -> Counts.plait(m.said(), KIND).ifPresent(kind -> add(m, kind)));
            latched();
            ride.notes()
                    .forEach(n -> add(
                            n.id(),
                            new EventKind(EventKind.Sort.NOTE, "", Side.NONE),
                            n.atMs(),
                            n.atMs(),
                            segmentAt(n.atMs())));
            return beads.stream()
                    .sorted(Comparator.comparingLong(Bead::fromMs)
                            .thenComparing(b -> b.kind().sort())
                            .thenComparing(Bead::entry))
                    .toList();
        }

        private static EventKind ask(Ride.Exchange x) {
            return new EventKind(
                    EventKind.Sort.ASK, Integer.toString(x.strength().level()), Side.NONE);
        }

        private void add(Ride.Mark mark, EventKind kind) {
            int segment = mark.said()
                    .hangsOn()
                    .map(on -> Optional.ofNullable(exchanges.get(on))
                            .map(Ride.Exchange::segment)
                            .orElse(on))
                    .map(on -> segments.getOrDefault(on, -1))
                    .orElseGet(() -> segmentAt(mark.atMs()));
            if (kind.sort() == EventKind.Sort.TALLY && segment >= 0) {
                Ride.Segment turn = ride.segments().get(segment);
                add(
                        mark.id(),
                        kind,
                        turn.atMs(),
                        Math.max(turn.atMs(), turn.endMs().orElse(mark.atMs())),
                        segment);
            } else if (mark.said() instanceof Payload.Voice voice) {
                // it is kept when it was spoken
                add(mark.id(), kind, mark.atMs() - voice.durationMs(), mark.atMs(), segment);
            } else {
                add(mark.id(), kind, mark.atMs(), mark.atMs(), segment);
            }
        }

        /** A latched fault lasts until it is switched off, or until the next ask, which carries it; at most until the work changes. */
        private void latched() {
            Map<EventKind, Ride.Mark> on = new HashMap<>();
            ride.marks()
                    .forEach(m -> Counts.latch(m.said(), l -> l).ifPresent(latch -> {
                        EventKind kind = new EventKind(EventKind.Sort.FAULT, latch.name(), latch.side());
                        Ride.Mark begun = latch.on() ? on.putIfAbsent(kind, m) : on.remove(kind);
                        if (begun != null) {
                            lasted(begun, kind, m.atMs());
                            if (latch.on()) {
                                on.put(kind, m);
                            }
                        }
                    }));
            on.forEach((kind, begun) -> lasted(begun, kind, Long.MAX_VALUE));
        }

        private void lasted(Ride.Mark begun, EventKind kind, long offMs) {
            int segment = begun.said().hangsOn().map(segments::get).orElse(-1);
            long carriedMs = ride.exchanges().stream()
                    .mapToLong(Ride.Exchange::atMs)
                    .filter(at -> at >= begun.atMs())
                    .findFirst()
                    .orElse(Long.MAX_VALUE);
            long changesMs = segment < 0
                    ? begun.atMs()
                    : ride.segments()
                            .get(segment)
                            .endMs()
                            .orElse(ride.endedAtMs().orElse(begun.atMs()));
            long to = Math.min(Math.min(offMs, carriedMs), changesMs);
            add(begun.id(), kind, begun.atMs(), Math.max(begun.atMs(), to), segment);
        }

        private void add(String entry, EventKind kind, long fromMs, long toMs, int segment) {
            boolean isOwn = segment < 0 || ride.segments().get(segment).mounted() == Mounted.RIDER;
            beads.add(new Bead(entry, kind, fromMs, toMs, segment, isOwn));
        }

        private int segmentAt(long atMs) {
            int at = -1;
            for (int i = 0; i < ride.segments().size() && ride.segments().get(i).atMs() <= atMs; i++) {
                at = i;
            }
            return at;
        }
    }

    private static EventKind only(EventKind.Sort sort) {
        return new EventKind(sort, "", Side.NONE);
    }

    private static EventKind named(EventKind.Sort sort, String name) {
        return new EventKind(sort, name, Side.NONE);
    }

    private static final Counts.Plait<EventKind> KIND = new Counts.Plait<>() {
        @Override
        public EventKind choice(Payload.HorseChoice said) {
            return named(EventKind.Sort.CHOICE, said.choice().word());
        }

        @Override
        public EventKind contact(Payload.Contact said) {
            return new EventKind(EventKind.Sort.CONTACT, said.felt().word(), said.side());
        }

        @Override
        public EventKind correction(Payload.Correction said) {
            return named(EventKind.Sort.CORRECTION, said.made() ? "MADE" : "LET_PASS");
        }

        @Override
        public EventKind fault(Payload.Fault said) {
            return new EventKind(EventKind.Sort.FAULT, said.name(), said.side());
        }

        @Override
        public EventKind head(Payload.HeadHeight said) {
            return only(EventKind.Sort.HEAD);
        }

        @Override
        public EventKind held(Payload.Hold said) {
            return only(EventKind.Sort.HELD);
        }

        @Override
        public EventKind help(Payload.Help said) {
            return only(EventKind.Sort.HELP);
        }

        @Override
        public EventKind line(Payload.Line said) {
            return only(EventKind.Sort.LINE);
        }

        @Override
        public EventKind poles(Payload.Poles said) {
            return named(EventKind.Sort.POLES, said.answer().word());
        }

        @Override
        public EventKind position(Payload.Position said) {
            return named(EventKind.Sort.POSITION, said.answer().word());
        }

        @Override
        public EventKind praise(Payload.Praise said) {
            return only(EventKind.Sort.PRAISE);
        }

        @Override
        public EventKind probe(Payload.Probe said) {
            return only(EventKind.Sort.PROBE);
        }

        @Override
        public EventKind release(Payload.Released said) {
            return named(EventKind.Sort.RELEASE, said.release().word());
        }

        @Override
        public EventKind reward(Payload.Reward said) {
            return only(EventKind.Sort.REWARD);
        }

        @Override
        public EventKind sign(Payload.Sign said) {
            return new EventKind(EventKind.Sort.SIGN, said.name(), said.side());
        }

        @Override
        public EventKind slip(Payload.Slip said) {
            return only(EventKind.Sort.SLIP);
        }

        @Override
        public EventKind stopSign(Payload.StopSignMark said) {
            return new EventKind(EventKind.Sort.STOP_SIGN, said.sign().name(), said.side());
        }

        @Override
        public EventKind tally(Payload.Tally said) {
            return only(EventKind.Sort.TALLY);
        }

        @Override
        public EventKind voice(Payload.Voice said) {
            return only(EventKind.Sort.VOICE);
        }
    };
}
