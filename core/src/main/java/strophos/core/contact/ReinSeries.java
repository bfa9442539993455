package strophos.core.contact;

import java.util.Arrays;
import strophos.core.exchange.Side;

/**
 * Both reins, measured evenly: sample {@code i} stands at {@code i / rateHz} seconds. Held in hundredths of a kilogram, which is finer
 * than sensors are. A part of a series shares its samples; nothing changes them.
 */
public final class ReinSeries {

    /** Stands where a rein was not measured. */
    public static final short GAP = Short.MIN_VALUE;

    public static final int HUNDREDTHS = 100;

    public static final double LEAST_HZ = 5;

    public static final double MOST_HZ = 250;

    /** What a rein holds at most before leather breaks, and more than a sample can say is refused before, in kilograms. */
    public static final double MOST_KG = 300;

    /** A sensor that was zeroed in a warm stable reads below nothing outside; further below it is no such drift, in kilograms. */
    public static final double LEAST_KG = -20;

    private final double rateHz;
    private final short[] left;
    private final short[] right;
    private final int from;
    private final int length;

    private ReinSeries(double rateHz, short[] left, short[] right, int from, int length) {
        this.rateHz = rateHz;
        this.left = left;
        this.right = right;
        this.from = from;
        this.length = length;
    }

    /**
     * Of these samples, which are copied.
     *
     * @param rateHz in [{@link #LEAST_HZ}, {@link #MOST_HZ}]
     * @param left hundredths of a kilogram, or {@link #GAP}; as many as {@code right}
     * @throws IllegalArgumentException outside these bounds
     */
    public static ReinSeries of(double rateHz, short[] left, short[] right) {
        if (!(rateHz >= LEAST_HZ && rateHz <= MOST_HZ)) {
            throw new IllegalArgumentException(
                    "Reins are measured %.0f to %.0f times a second, not %s.".formatted(LEAST_HZ, MOST_HZ, rateHz));
        }
        if (left.length != right.length) {
            throw new IllegalArgumentException(
                    "Both reins need as many samples: left has %d, right %d.".formatted(left.length, right.length));
        }
        check(left);
        check(right);
        return new ReinSeries(rateHz, left.clone(), right.clone(), 0, left.length);
    }

    private static void check(short[] samples) {
        for (int i = 0; i < samples.length; i++) {
            short s = samples[i];
            if (s != GAP && (s < LEAST_KG * HUNDREDTHS || s > MOST_KG * HUNDREDTHS)) {
                throw new IllegalArgumentException("Sample %d reads %.2f kg; a rein holds %.0f to %.0f."
                        .formatted(i, s / (double) HUNDREDTHS, LEAST_KG, MOST_KG));
            }
        }
    }

    /** Whether a sensor can read this, in kilograms. */
    public static boolean isPossible(double kg) {
        return kg >= LEAST_KG && kg <= MOST_KG;
    }

    /** The highest reading that is not over so many kilograms, in hundredths. */
    static int limit(double kg) {
        return (int) Math.floor(kg * HUNDREDTHS + 1e-6);
    }

    /** How many of these were measured. */
    static int measured(short[] samples) {
        int n = 0;
        for (short s : samples) {
            n += s == GAP ? 0 : 1;
        }
        return n;
    }

    public double rateHz() {
        return rateHz;
    }

    /** In samples. */
    public int length() {
        return length;
    }

    public double seconds() {
        return length / rateHz;
    }

    /** In hundredths of a kilogram, or {@link #GAP}. */
    public short at(Side side, int i) {
        return samples(side)[from + i];
    }

    /** All samples of one rein. */
    short[] copy(Side side) {
        return Arrays.copyOfRange(samples(side), from, from + length);
    }

    /** @return NaN never; ask {@link #isGap} before */
    double kg(Side side, int i) {
        return at(side, i) / (double) HUNDREDTHS;
    }

    boolean isGap(Side side, int i) {
        return at(side, i) == GAP;
    }

    /** The sample at this time, or the last before it. */
    int index(double s) {
        return (int) Math.floor(s * rateHz + 1e-9);
    }

    /**
     * From one time to another; what lies outside the series is left out, and the part may be empty.
     *
     * @param fromS before {@code toS}
     */
    public ReinSeries part(double fromS, double toS) {
        if (!(fromS <= toS)) {
            throw new IllegalArgumentException("A part ends after it begins (%s, %s s).".formatted(fromS, toS));
        }
        int first = Math.min(length, Math.max(0, (int) Math.ceil(fromS * rateHz - 1e-9)));
        int end = Math.max(first, Math.min(length, (int) Math.ceil(toS * rateHz - 1e-9)));
        return new ReinSeries(rateHz, left, right, from + first, end - first);
    }

    private short[] samples(Side side) {
        return switch (side) {
            case LEFT -> left;
            case RIGHT -> right;
            case NONE -> throw new IllegalArgumentException("A rein is the left one or the right one.");
        };
    }
}
