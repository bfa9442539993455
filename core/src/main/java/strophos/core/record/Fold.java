package strophos.core.record;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;
import java.util.Set;

/**
 * Reads a lesson's log: {@code Fold.of(entries)} is a pure function of the <em>set</em> of entries.
 *
 * <p>Three passes over the sorted log, O(n log n) in all: clock offsets; backwards, what is taken back or amended (so
 * that a void is settled before the entry it names); forwards, the ride. Degenerate cases: an empty log is an empty
 * ride; an unknown kind or version, a payload out of its bounds, a void or amend that names no earlier entry are odd;
 * two different entries under one id cannot be stored, and if met the first in order is read.
 */
public final class Fold {

    private static final Set<String> NOT_AMENDABLE = Set.of("clock", "void", "amend");

    private final List<Entry> log;
    private final Map<String, Integer> place = new HashMap<>();
    private final Set<String> voided = new HashSet<>();
    private final Set<String> odd = new HashSet<>();
    private final Map<String, List<Amendment>> amendments = new HashMap<>();
    /** What took an entry back, and whose amendment stands in its place: by its id, the places of those who did. */
    private final Map<String, List<Integer>> removers = new HashMap<>();

    private final Map<String, Payload> said = new HashMap<>();
    private final Map<String, Optional<Payload>> read = new HashMap<>();
    private final Map<String, Long> atMs = new HashMap<>();
    private final Map<String, OptionalLong> arrivedMs = new HashMap<>();
    /** Odd by their time: they take nothing back and move nothing; a stop sign among them counts all the same. */
    private final Set<String> notBelieved = new HashSet<>();

    private record Amendment(int by, Map<String, Object> payload) {}

    private Fold(Collection<ReadEntry> entries) {
        Times times = new Times(entries);
        List<ReadEntry> sorted = sorted(entries, times);
        for (ReadEntry e : sorted) {
            place.put(e.entry().id(), place.size());
            read.put(e.entry().id(), e.payload());
            atMs.put(e.entry().id(), times.of(e));
            arrivedMs.put(e.entry().id(), e.receivedAtMs());
            if (!times.isBelieved(e)) {
                notBelieved.add(e.entry().id());
            }
        }
        log = sorted.stream().map(ReadEntry::entry).toList();
    }

    /** The ride these entries tell, in whatever order and however often they are given. */
    public static Ride of(Collection<Entry> entries) {
        return ofRead(entries.stream().map(ReadEntry::of).toList());
    }

    /** The same of entries that were read already. */
    public static Ride ofRead(Collection<ReadEntry> entries) {
        Fold fold = new Fold(entries);
        for (int i = fold.log.size() - 1; i >= 0; i--) {
            fold.settle(i);
        }
        return fold.tell();
    }

    private static List<ReadEntry> sorted(Collection<ReadEntry> entries, Times times) {
        List<ReadEntry> all = new ArrayList<>(times.inOrder(entries));
        Set<String> seen = new HashSet<>();
        all.removeIf(e -> !seen.add(e.entry().id()));
        return all;
    }

    /** Settles one entry; all later ones are settled, so whatever takes it back or amends it is known. */
    private void settle(int at) {
        Entry e = log.get(at);
        if (voided.contains(e.id())) {
            return;
        }
        if (!isBelieved(e)) {
            odd.add(e.id());
            return;
        }
        Optional<Payload> payload = amended(e).or(() -> read.get(e.id()));
        if (payload.isEmpty()) {
            odd.add(e.id());
        } else if (payload.get() instanceof Payload.Void v) {
            if (isEarlier(v.target(), at)
                    && !log.get(place.get(v.target())).kind().equals("clock")) {
                voided.add(v.target());
                removers.computeIfAbsent(v.target(), t -> new ArrayList<>()).add(at);
            } else {
                odd.add(e.id());
            }
        } else if (payload.get() instanceof Payload.Amend a) {
            if (isEarlier(a.target(), at)
                    && !NOT_AMENDABLE.contains(log.get(place.get(a.target())).kind())) {
                amendments.computeIfAbsent(a.target(), t -> new ArrayList<>()).add(new Amendment(at, a.payload()));
            } else {
                odd.add(e.id());
            }
        } else {
            said.put(e.id(), payload.get());
        }
    }

    /** The last amendment that can be read as this entry's kind; those passed over on the way are odd. */
    private Optional<Payload> amended(Entry e) {
        Optional<Payload> found = Optional.empty();
        for (Amendment a : amendments.getOrDefault(e.id(), List.of())) {
            Optional<Payload> read = PayloadReader.read(e.kind(), e.v(), a.payload());
            if (read.isEmpty()) {
                odd.add(log.get(a.by()).id());
            } else if (found.isEmpty()) {
                found = read;
                removers.put(e.id(), List.of(a.by()));
            }
        }
        return found;
    }

    private boolean isBelieved(Entry e) {
        return !notBelieved.contains(e.id());
    }

    private boolean isEarlier(String target, int at) {
        Integer there = place.get(target);
        return there != null && there < at;
    }

    private Ride tell() {
        RideTeller teller = new RideTeller();
        for (Standing s : standing()) {
            teller.tell(s.entry(), s.atMs(), s.said());
        }
        return teller.ride(StopSigns.of(heard()), inOrder(voided), inOrder(odd));
    }

    /** An entry that stands, and when what it says happened. */
    private record Standing(Entry entry, long atMs, Payload said) {}

    /** In the order it happened in: as it was written, but for what has a moment on a base that is linked. */
    private List<Standing> standing() {
        TimeBases bases = new TimeBases();
        for (Entry e : log) {
            if (said.get(e.id()) instanceof Payload.TimeBase base) {
                bases.hear(e.id(), base, arrivedMs.getOrDefault(e.id(), OptionalLong.empty()));
            }
        }
        List<Standing> standing = new ArrayList<>();
        for (Entry e : log) {
            Payload payload = said.get(e.id());
            if (payload != null) {
                standing.add(new Standing(e, bases.of(payload.when()).orElse(atMs.get(e.id())), payload));
            }
        }
        standing.sort(Comparator.comparingLong(Standing::atMs));
        return standing;
    }

    /** What says that the work must end, in order: as it stands, or as it stood before somebody removed it who may not. */
    private List<StopSigns.Report> heard() {
        List<StopSigns.Report> heard = new ArrayList<>();
        for (int i = 0; i < log.size(); i++) {
            Entry e = log.get(i);
            Payload stands = said.get(e.id());
            List<Integer> by = removers.getOrDefault(e.id(), List.of());
            if (!isBelieved(e) && !voided.contains(e.id())) {
                read.get(e.id())
                        .filter(StopSigns::isHeard)
                        .ifPresent(p -> heard.add(new StopSigns.Report(e, e, atMs.get(e.id()), p)));
            } else if (stands != null && StopSigns.isHeard(stands)) {
                int saidAt = by.isEmpty() ? i : by.get(0);
                if (!isReplaced(stands, saidAt)) {
                    Entry teller = log.get(saidAt);
                    heard.add(new StopSigns.Report(e, teller, atMs.get(teller.id()), stands));
                }
            } else if (!by.isEmpty() && !isRemovedInTime(i, by)) {
                read.get(e.id())
                        .filter(StopSigns::isHeard)
                        .ifPresent(p -> heard.add(new StopSigns.Report(e, e, atMs.get(e.id()), p)));
            }
        }
        return heard;
    }

    /** A look that whoever took it took again before the lesson ended: the later one speaks for itself. */
    private boolean isReplaced(Payload look, int at) {
        if (!(look instanceof Payload.Look)) {
            return false;
        }
        for (Entry e : log.subList(at + 1, log.size())) {
            Payload later = said.get(e.id());
            if (later instanceof Payload.LessonEnded) {
                return false;
            }
            if (later instanceof Payload.Look && e.author().equals(log.get(at).author())) {
                return true;
            }
        }
        return false;
    }

    /** By its own author, before the lesson ended. */
    private boolean isRemovedInTime(int at, List<Integer> by) {
        return by.stream()
                .anyMatch(r -> log.get(r).author().equals(log.get(at).author())
                        && log.subList(at, r).stream().noneMatch(e -> said.get(e.id()) instanceof Payload.LessonEnded));
    }

    private List<String> inOrder(Set<String> ids) {
        return log.stream().map(Entry::id).filter(ids::contains).toList();
    }
}
