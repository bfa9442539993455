package strophos.server.ride;

import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import strophos.core.record.Ride;

/** The last lessons of a pair, as their logs tell them. */
@Service
@Transactional(readOnly = true)
public class LastRides {

    private final EntryRepository entries;

    LastRides(EntryRepository entries) {
        this.entries = entries;
    }

    /** So many at most of those that have ended, the oldest first; of a pair that the viewer was found to see. */
    public List<Ride> of(UUID pair, int most) {
        return entries.ofLastLessons(pair, most).stream().map(RideLog::fold).toList();
    }
}
