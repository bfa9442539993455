package strophos.bench.speed;

import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.zip.DataFormatException;
import java.util.zip.Deflater;
import java.util.zip.Inflater;
import strophos.core.contact.ReinSeries;
import strophos.core.contact.StandInSensor;
import strophos.core.exchange.Side;

/** Forty-five minutes of both reins at 100 Hz, as they are kept: a chunk a minute, deflated. */
final class MeasuredLesson {

    static final double RATE_HZ = 100;
    static final int MINUTES = 45;
    static final int SAMPLES = (int) (MINUTES * 60 * RATE_HZ);

    final List<byte[]> chunks = new ArrayList<>();

    MeasuredLesson() {
        StandInSensor.Stretch[] stretches = new StandInSensor.Stretch[MINUTES];
        for (int m = 0; m < MINUTES; m++) {
            stretches[m] =
                    new StandInSensor.Stretch(60, m % 3 == 0 ? 110 : 160, 0.03, 3, 3.3, 1.5, m % 5 == 0 ? 0.03 : 0);
        }
        ReinSeries series = StandInSensor.measure(StandInSensor.Script.of(RATE_HZ, stretches), 1);
        for (int m = 0; m < MINUTES; m++) {
            chunks.add(deflated(series.part(m * 60.0, (m + 1) * 60.0)));
        }
    }

    private static byte[] deflated(ReinSeries minute) {
        ByteBuffer raw = ByteBuffer.allocate(4 * minute.length()).order(ByteOrder.LITTLE_ENDIAN);
        for (Side side : List.of(Side.LEFT, Side.RIGHT)) {
            for (int i = 0; i < minute.length(); i++) {
                raw.putShort(minute.at(side, i));
            }
        }
        Deflater deflater = new Deflater();
        deflater.setInput(raw.array());
        deflater.finish();
        byte[] content = new byte[raw.capacity() + 64];
        int size = deflater.deflate(content);
        deflater.end();
        return Arrays.copyOf(content, size);
    }

    /** All chunks inflated and decoded, one after the other. */
    short[][] decoded() {
        short[][] reins = new short[2][SAMPLES];
        int at = 0;
        byte[] raw = new byte[(int) (4 * 60 * RATE_HZ)];
        for (byte[] chunk : chunks) {
            Inflater inflater = new Inflater();
            inflater.setInput(chunk);
            try {
                int samples = inflater.inflate(raw) / 4;
                ByteBuffer.wrap(raw)
                        .order(ByteOrder.LITTLE_ENDIAN)
                        .asShortBuffer()
                        .get(reins[0], at, samples)
                        .get(reins[1], at, samples);
                at += samples;
            } catch (DataFormatException e) {
                throw new IllegalStateException(e);
            } finally {
                inflater.end();
            }
        }
        return reins;
    }
}
