package strophos.server.rein;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import strophos.core.contact.ReinSeries;

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
public record Recording(
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
    public boolean isSameHeading(Recording other) {
        return rateHz == other.rateHz
                && minutes == other.minutes
                && name.equals(other.name)
                && jitterMs == other.jitterMs;
    }

    /** All its chunks, one after the other. */
    public ReinSeries series(List<StoredChunk> chunks) {
        int samples = chunks.stream().mapToInt(StoredChunk::samples).sum();
        short[] left = new short[samples];
        short[] right = new short[samples];
        int at = 0;
        for (StoredChunk c : chunks) {
            Chunk chunk = Chunk.read(c.content()).orElseThrow();
            System.arraycopy(chunk.left(), 0, left, at, chunk.samples());
            System.arraycopy(chunk.right(), 0, right, at, chunk.samples());
            at += chunk.samples();
        }
        return ReinSeries.of(rateHz, left, right);
    }
}
