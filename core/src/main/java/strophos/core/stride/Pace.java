package strophos.core.stride;

import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** The gaits of which a stride is measured, as they are mostly worked in. */
public enum Pace {
    /** Medium walk [1]. A step over poles is half a stride. */
    WALK(
            Variant.MEDIUM,
            Map.of(
                    Variant.COLLECTED, new Stride(1.57, 1.37),
                    Variant.MEDIUM, new Stride(1.87, 1.73),
                    Variant.EXTENDED, new Stride(1.93, 1.82)),
            2,
            0.80,
            0.90),
    /** Working trot [1]. */
    TROT(
            Variant.WORKING,
            Map.of(
                    Variant.COLLECTED, new Stride(2.50, 3.20),
                    Variant.WORKING, new Stride(2.73, 3.61),
                    Variant.MEDIUM, new Stride(3.26, 4.47),
                    Variant.EXTENDED, new Stride(3.55, 4.93)),
            2,
            1.20,
            1.40),
    /** Working canter [1]. Poles are a stride apart. */
    CANTER(
            Variant.WORKING,
            Map.of(
                    Variant.COLLECTED, new Stride(2.00, 3.27),
                    Variant.WORKING, new Stride(2.35, 3.91),
                    Variant.MEDIUM, new Stride(2.94, 4.90),
                    Variant.EXTENDED, new Stride(3.47, 5.97)),
            1,
            2.75,
            3.35),
    /**
     * Canter to fences: of its own length, never scaled from the other [4]. The mean is a horse's, 12 ft at 350 m a minute; poles are
     * left to the canter.
     */
    JUMPING(Variant.WORKING, Map.of(Variant.WORKING, new Stride(12 * Pace.FOOT_M, 350.0 / 60)), 1, 2.75, 3.35);

    public static final double FOOT_M = 0.3048;

    /** From this height on a horse, below a pony (international rules: 148 cm without shoes), in metres. */
    private static final double HORSE_FROM_M = 1.49;

    /** Ponies of this height and above take 11 ft, from the next 10 ft, smaller ones 9 ft (common practice, no source). */
    private static final double LARGE_PONY_FROM_M = 1.38;

    private static final double MIDDLE_PONY_FROM_M = 1.28;

    /** The height to which the means and the table of poles belong, in metres. */
    public static final double USUAL_HEIGHT_M = 1.65;

    private final Variant usual;
    private final Map<Variant, Stride> means;
    private final int polesAStride;
    private final double leastPoleM;
    private final double mostPoleM;

    Pace(Variant usual, Map<Variant, Stride> means, int polesAStride, double leastPoleM, double mostPoleM) {
        this.usual = usual;
        this.means = means;
        this.polesAStride = polesAStride;
        this.leastPoleM = leastPoleM;
        this.mostPoleM = mostPoleM;
    }

    /** Poles that are ridden over in one stride: two in walk and trot, one in canter. */
    public int polesAStride() {
        return polesAStride;
    }

    /**
     * What a horse of this height does on average: lengths scaled as the height, speeds as its root [1][2].
     *
     * @param heightM at the withers, in [0.6, 2.2]
     */
    public Stride usual(double heightM) {
        double scale = scale(heightM);
        Stride mean = means.get(usual);
        if (this == JUMPING) {
            double lengthM = feet(heightM) * FOOT_M;
            return new Stride(lengthM, mean.speedMs() * lengthM / mean.lengthM());
        }
        return new Stride(mean.lengthM() * scale, mean.speedMs() * Math.sqrt(scale));
    }

    /** The variants of which a mean is known: a walk has no working one. */
    public Set<Variant> variants() {
        return means.keySet();
    }

    /** The variant in which it is mostly worked, and measured. */
    public Variant usualVariant() {
        return usual;
    }

    /** The mean of elite horses [1]; empty for a variant this gait does not have. */
    public Optional<Stride> mean(Variant variant) {
        return Optional.ofNullable(means.get(variant));
    }

    /**
     * A horse's own stride in another variant: as much longer and faster as the means are (assumption).
     *
     * @param own in the usual variant
     * @throws IllegalArgumentException for a variant this gait does not have
     */
    public Stride in(Variant variant, Stride own) {
        Stride there = mean(variant)
                .orElseThrow(() -> new IllegalArgumentException("There is no %s %s.".formatted(variant, this)));
        Stride here = means.get(usual);
        return new Stride(
                own.lengthM() * there.lengthM() / here.lengthM(), own.speedMs() * there.speedMs() / here.speedMs());
    }

    /** Steps as they are counted: two a stride in walk and trot; canter is counted in strides. */
    public double steps(double strides) {
        return strides * polesAStride;
    }

    /**
     * Straight poles on the ground for a horse that was not measured: the table scaled as the height [2][3].
     *
     * @param heightM at the withers, in [0.6, 2.2]
     */
    public PoleSpacing usualPoles(double heightM) {
        double scale = scale(heightM);
        return new PoleSpacing(leastPoleM * scale, mostPoleM * scale);
    }

    private static int feet(double heightM) {
        if (heightM >= HORSE_FROM_M) {
            return 12;
        }
        return heightM >= LARGE_PONY_FROM_M ? 11 : heightM >= MIDDLE_PONY_FROM_M ? 10 : 9;
    }

    private static double scale(double heightM) {
        if (!(heightM >= 0.6 && heightM <= 2.2)) {
            throw new IllegalArgumentException("A horse's height (%s m) must lie in [0.6, 2.2].".formatted(heightM));
        }
        return heightM / USUAL_HEIGHT_M;
    }
}
