package strophos.server.ride;

import java.time.Instant;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import strophos.core.record.AfterRiding;
import strophos.core.record.Ride;

/** The last lessons of a pair, as their logs tell them. */
@Service
@Transactional(readOnly = true)
public class LastRides {

    /** What is older is found from its lesson. */
    private static final int LOOKED_BACK = 5;

    private final EntryRepository entries;

    LastRides(EntryRepository entries) {
        this.entries = entries;
    }

    /** So many at most of those that have ended, the oldest first; of a pair that the viewer was found to see. */
    public List<Ride> of(UUID pair, int most) {
        return entries.ofLastLessons(pair, most).stream().map(RideLog::fold).toList();
    }

    /** Those of so many last lessons on whose clips landings were marked, the oldest first; of a pair that the viewer was found to see. */
    public List<MarkedLesson> marked(UUID pair, int most) {
        return entries.ofLastLessonsWithFootfalls(pair, most).stream()
                .map(log -> {
                    Ride ride = RideLog.fold(log);
                    return new MarkedLesson(
                            UUID.fromString(log.get(0).entry().lesson()),
                            ride.startedAtMs().orElse(log.get(0).entry().atMs()),
                            ride);
                })
                .toList();
    }

    /** Of those that were planned in this time and in which this person wrote, so many at most, the oldest first. */
    public List<Ride> by(UUID person, Instant from, Instant to, int most) {
        return entries.ofLastLessonsBy(person, from, to, most).stream()
                .map(RideLog::fold)
                .toList();
    }

    /** Of each pair's last lessons the latest of which the rider is shown something; of pairs that the viewer was found to see. */
    public Map<UUID, ShownLesson> lastShown(Collection<UUID> pairs) {
        Map<UUID, ShownLesson> shown = new HashMap<>();
        entries.forRider(pairs, LOOKED_BACK)
                .forEach((pair, logs) -> lastShown(logs).ifPresent(s -> shown.put(pair, s)));
        return shown;
    }

    private static Optional<ShownLesson> lastShown(List<List<StoredEntry>> logs) {
        return logs.stream()
                .filter(log -> AfterRiding.of(RideLog.fold(log)).forRider().isPresent())
                .reduce((before, last) -> last)
                .map(log -> new ShownLesson(
                        UUID.fromString(log.get(0).entry().lesson()),
                        Instant.ofEpochMilli(log.get(0).entry().atMs())));
    }
}
