package strophos.core.stride;

/** The gaits of which a stride is measured, as they are mostly worked in. */
public enum Pace {
    /** Medium walk [1]. A step over poles is half a stride. */
    WALK(new Stride(1.87, 1.73), 2, 0.80, 0.90),
    /** Working trot [1]. */
    TROT(new Stride(2.73, 3.61), 2, 1.20, 1.40),
    /** Working canter [1]. Poles are a stride apart. */
    CANTER(new Stride(2.35, 3.91), 1, 2.75, 3.35);

    /** The height to which the means and the table of poles belong, in metres. */
    static final double USUAL_HEIGHT_M = 1.65;

    private final Stride mean;
    private final int polesAStride;
    private final double leastPoleM;
    private final double mostPoleM;

    Pace(Stride mean, int polesAStride, double leastPoleM, double mostPoleM) {
        this.mean = mean;
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
        return new Stride(mean.lengthM() * scale, mean.speedMs() * Math.sqrt(scale));
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

    private static double scale(double heightM) {
        if (!(heightM >= 0.6 && heightM <= 2.2)) {
            throw new IllegalArgumentException("A horse's height (%s m) must lie in [0.6, 2.2].".formatted(heightM));
        }
        return heightM / USUAL_HEIGHT_M;
    }
}
