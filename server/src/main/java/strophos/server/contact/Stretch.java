package strophos.server.contact;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import strophos.core.contact.Band;
import strophos.core.contact.ReinSeries;
import strophos.core.contact.StretchContact;
import strophos.core.record.Ride;

/**
 * A stretch of riding as far as a recording measured it.
 *
 * @param part its samples; {@code fromS} and {@code toS} where they lie in the recording
 */
record Stretch(Ride.Segment segment, double fromS, double toS, ReinSeries part, StretchContact contact) {

    /** Of a stretch at least so much must have been measured to be told of, in seconds. */
    private static final double LEAST_S = 2;

    /** In the order they were ridden in. */
    static List<Stretch> all(Recording r, ReinSeries series, Ride ride, Optional<Band> band) {
        List<Stretch> stretches = new ArrayList<>();
        for (Ride.Segment segment : ride.segments()) {
            double fromS = Math.max(0, secondsIn(r, segment.atMs()));
            double toS = segment.endMs().isEmpty()
                    ? series.seconds()
                    : Math.min(series.seconds(), secondsIn(r, segment.endMs().getAsLong()));
            if (toS - fromS >= LEAST_S) {
                ReinSeries part = series.part(fromS, toS);
                stretches.add(new Stretch(segment, fromS, toS, part, StretchContact.of(part, segment.gait(), band)));
            }
        }
        return stretches;
    }

    private static double secondsIn(Recording r, long atMs) {
        return Duration.between(r.startedAt(), Instant.ofEpochMilli(atMs)).toMillis() / 1000.0;
    }
}
