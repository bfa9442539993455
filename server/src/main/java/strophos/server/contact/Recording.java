package strophos.server.contact;

import java.time.Instant;
import java.util.UUID;

/**
 * What sensors measured in a lesson.
 *
 * @param startedAt when the first sample was taken, as aligned last
 * @param minutes so many chunks make it whole
 * @param name of the sensor or the file
 * @param jitterMs how unevenly the samples came before they were laid evenly, standard deviation
 * @param isWhole all its chunks are here
 * @param isAway taken out of the lesson; it can be put back
 */
record Recording(
        UUID id,
        UUID lesson,
        Instant startedAt,
        double rateHz,
        int minutes,
        String name,
        double jitterMs,
        int version,
        boolean isWhole,
        boolean isAway) {

    /** Whether another announcement says the same of what is to come; where it stands may have been moved since. */
    boolean isSameHeading(Recording other) {
        return rateHz == other.rateHz
                && minutes == other.minutes
                && name.equals(other.name)
                && jitterMs == other.jitterMs;
    }
}
