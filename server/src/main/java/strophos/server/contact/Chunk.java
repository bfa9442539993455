package strophos.server.contact;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.Optional;
import java.util.zip.DataFormatException;
import java.util.zip.Inflater;
import strophos.core.contact.ReinSeries;

/**
 * A minute of both reins as it is sent and kept: the left rein's samples, then the right one's, 16-bit little-endian hundredths of a
 * kilogram, in zlib's format. A gap is −32 768.
 */
record Chunk(short[] left, short[] right) {

    /** A minute at the highest rate, both reins. */
    static final int MOST_SAMPLES = (int) (60 * ReinSeries.MOST_HZ);

    /** Compressed; noise hardly gets smaller, so that a little more than its raw size is taken. */
    static final int MOST_BYTES = 65_536;

    private static final int BYTES_A_PAIR = 4;

    /** How many samples a whole minute has. */
    static int whole(double rateHz) {
        return (int) Math.round(60 * rateHz);
    }

    /**
     * Empty when it is not in that format, holds nothing or more than a minute, or a sample no rein reads. Never inflates more than a
     * minute, whatever it was given.
     */
    static Optional<Chunk> read(byte[] content) {
        ByteBuffer raw = inflated(content);
        if (raw == null || raw.limit() == 0 || raw.limit() % BYTES_A_PAIR != 0) {
            return Optional.empty();
        }
        int samples = raw.limit() / BYTES_A_PAIR;
        short[] left = new short[samples];
        short[] right = new short[samples];
        raw.asShortBuffer().get(left).get(right);
        return isPossible(left) && isPossible(right) ? Optional.of(new Chunk(left, right)) : Optional.empty();
    }

    private static ByteBuffer inflated(byte[] content) {
        Inflater inflater = new Inflater();
        try {
            byte[] raw = new byte[MOST_SAMPLES * BYTES_A_PAIR];
            inflater.setInput(content);
            int size = inflater.inflate(raw);
            boolean isAll = inflater.finished() && inflater.getRemaining() == 0;
            return isAll ? ByteBuffer.wrap(raw, 0, size).slice().order(ByteOrder.LITTLE_ENDIAN) : null;
        } catch (DataFormatException e) {
            return null;
        } finally {
            inflater.end();
        }
    }

    private static boolean isPossible(short[] samples) {
        for (short s : samples) {
            if (s != ReinSeries.GAP && !ReinSeries.isPossible(s / (double) ReinSeries.HUNDREDTHS)) {
                return false;
            }
        }
        return true;
    }

    int samples() {
        return left.length;
    }
}
