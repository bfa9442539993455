package strophos.server.rein;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.zip.DataFormatException;
import java.util.zip.Deflater;
import java.util.zip.Inflater;
import strophos.core.contact.ReinSeries;
import strophos.core.exchange.Side;

/**
 * A minute of both reins as it is sent and kept: the left rein's samples, then the right one's, 16-bit little-endian hundredths of a
 * kilogram, in zlib's format. A gap is −32 768.
 */
public record Chunk(short[] left, short[] right) {

    /** A minute at the highest rate, both reins. */
    static final int MOST_SAMPLES = (int) (60 * ReinSeries.MOST_HZ);

    /** Compressed; noise hardly gets smaller, so that a little more than its raw size is taken. */
    public static final int MOST_BYTES = 65_536;

    private static final int BYTES_A_PAIR = 4;

    /** How many samples a whole minute has. */
    public static int whole(double rateHz) {
        return (int) Math.round(60 * rateHz);
    }

    /**
     * Empty when it is not in that format, holds nothing or more than a minute, or a sample no rein reads. Never inflates more than a
     * minute, whatever it was given.
     */
    public static Optional<Chunk> read(byte[] content) {
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

    /** This minute as it is kept. */
    public static byte[] deflated(ReinSeries minute) {
        ByteBuffer raw = ByteBuffer.allocate(BYTES_A_PAIR * minute.length()).order(ByteOrder.LITTLE_ENDIAN);
        for (Side side : List.of(Side.LEFT, Side.RIGHT)) {
            for (int i = 0; i < minute.length(); i++) {
                raw.putShort(minute.at(side, i));
            }
        }
        Deflater deflater = new Deflater();
        try {
            deflater.setInput(raw.array());
            deflater.finish();
            byte[] content = new byte[MOST_BYTES];
            int size = deflater.deflate(content);
            return Arrays.copyOf(content, size);
        } finally {
            deflater.end();
        }
    }

    public int samples() {
        return left.length;
    }
}
