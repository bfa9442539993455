package strophos.core.record;

import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalLong;

/**
 * When the entries of a log were written, in milliseconds since 1970 UTC: what the device's clock said, corrected by what its own
 * person found it to be off. A device belongs to one person, so a clock entry of somebody else for it corrects nothing of that
 * person's.
 *
 * <p>A time is believed before {@link #BELIEVED_BEFORE_MS}, and, once the entry has arrived, from {@link #BELIEVED_FROM_MS} to
 * {@link #AHEAD_MS} after its arrival (common practice, no source: a device that lost its clock says 1970 or any year to come). One that
 * is not believed stands where it arrived; before it has arrived, where it says.
 */
final class Times {

    /** The first moment of 2000: no device that records here is older. */
    static final long BELIEVED_FROM_MS = 946_684_800_000L;

    /** The first moment of 2100. */
    static final long BELIEVED_BEFORE_MS = 4_102_444_800_000L;

    /** A day. */
    static final long AHEAD_MS = 86_400_000L;

    private final Map<DeviceAuthor, Long> offsetMs = new HashMap<>();

    /** Somebody on a device. */
    private record DeviceAuthor(String device, String author) {
        static DeviceAuthor of(Entry e) {
            return new DeviceAuthor(e.device(), e.author());
        }
    }

    /** Of the log these entries are. */
    Times(Collection<ReadEntry> log) {
        Map<DeviceAuthor, ReadEntry> latest = new HashMap<>();
        for (ReadEntry e : log) {
            if (e.payload().orElse(null) instanceof Payload.Clock) {
                latest.merge(DeviceAuthor.of(e.entry()), e, Times::later);
            }
        }
        latest.forEach(
                (writer, e) -> offsetMs.put(writer, ((Payload.Clock) e.payload().orElseThrow()).offsetMs()));
    }

    /** By the device's own count, then by id. */
    private static ReadEntry later(ReadEntry a, ReadEntry b) {
        int bySeq = Long.compare(a.entry().seq(), b.entry().seq());
        return (bySeq != 0 ? bySeq : a.entry().id().compareTo(b.entry().id())) >= 0 ? a : b;
    }

    private long corrected(Entry e) {
        return e.atMs() + offsetMs.getOrDefault(DeviceAuthor.of(e), 0L);
    }

    boolean isBelieved(ReadEntry e) {
        long said = corrected(e.entry());
        OptionalLong arrived = e.receivedAtMs();
        boolean isBeside = arrived.isEmpty() || (said >= BELIEVED_FROM_MS && said <= arrived.getAsLong() + AHEAD_MS);
        return said < BELIEVED_BEFORE_MS && isBeside;
    }

    /** Where the entry stands. */
    long of(ReadEntry e) {
        return isBelieved(e) ? corrected(e.entry()) : e.receivedAtMs().orElse(corrected(e.entry()));
    }

    /** The log in its total order. */
    List<ReadEntry> inOrder(Collection<ReadEntry> log) {
        return log.stream()
                .map(e -> new TimedEntry(of(e), e))
                .sorted(ORDER)
                .map(TimedEntry::read)
                .toList();
    }

    /** An entry and where it stands, which is worked out once. */
    private record TimedEntry(long atMs, ReadEntry read) {
        Entry entry() {
            return read.entry();
        }
    }

    private static final Comparator<TimedEntry> ORDER = Comparator.comparingLong(TimedEntry::atMs)
            .thenComparing(p -> p.entry().device())
            .thenComparingLong(p -> p.entry().seq())
            .thenComparing(p -> p.entry().id());
}
