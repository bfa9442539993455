package strophos.server.contact;

import java.time.Clock;
import java.time.Instant;
import java.util.UUID;
import java.util.function.Supplier;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import strophos.core.contact.Band;
import strophos.core.contact.ReinSeries;
import strophos.server.lesson.Lesson;
import strophos.server.rein.Chunk;
import strophos.server.rein.Recording;
import strophos.server.rein.StoredChunk;
import strophos.server.ride.RideLog;

/** Keeps recordings that were not sent by a browser. */
@Service
@Transactional
public class Recordings {

    private static final double MINUTE_S = 60;

    private final RecordingRepository recordings;
    private final RideLog log;
    private final Supplier<UUID> ids;
    private final Clock clock;

    Recordings(RecordingRepository recordings, RideLog log, Supplier<UUID> ids, Clock clock) {
        this.recordings = recordings;
        this.log = log;
        this.ids = ids;
        this.clock = clock;
    }

    /** All of a series, in a lesson that was found to be visible. */
    public void keep(Lesson lesson, String name, Instant startedAt, ReinSeries series) {
        UUID id = ids.get();
        int minutes = (int) Math.ceil(series.seconds() / MINUTE_S - 1e-9);
        recordings.add(
                new Recording(id, lesson.id(), startedAt, series.rateHz(), minutes, name, 0, 1, false, false),
                clock.instant());
        for (int m = 0; m < minutes; m++) {
            ReinSeries minute = series.part(m * MINUTE_S, (m + 1) * MINUTE_S);
            recordings.add(id, new StoredChunk(m, minute.length(), Chunk.deflated(minute)));
        }
        recordings.markWhole(id, clock.instant());
        log.measuredAnew(lesson);
    }

    /** The first band of a pair that was found to be visible. */
    public void aim(UUID pair, Band band) {
        recordings.change(pair, 0, band.lowKg(), band.highKg(), clock.instant());
    }
}
