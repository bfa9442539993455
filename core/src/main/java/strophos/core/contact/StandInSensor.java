package strophos.core.contact;

import java.util.List;
import java.util.SplittableRandom;
import strophos.core.exchange.Side;

/**
 * A sensor that is not there: seeded streams of which everything is known, to test the analysis against and to show the screens with.
 * Each beat is one raised cosine between the trough and the level, its period drawn anew; every second one a little lower, as the two
 * diagonals of a horse are.
 */
public final class StandInSensor {

    /** Every second beat is lower by this share of the swing: the level, a maximum over a stride, does not see it. */
    private static final double SECOND_BEAT = 0.1;

    /**
     * One stretch of one gait.
     *
     * @param beatsAMinute peaks a minute
     * @param unevenness coefficient of variation of a beat's period; from peak to peak, half of one beat and half of the next, it is smaller by
     *     the root of two
     * @param leftKg top of the beats in the left rein at its start; {@code rightKg} in the right
     * @param swingKg from trough to top
     * @param growsKgASecond by how much the tops rise
     */
    public record Stretch(
            double seconds,
            double beatsAMinute,
            double unevenness,
            double leftKg,
            double rightKg,
            double swingKg,
            double growsKgASecond) {}

    /**
     * Something a hand did: up over {@link #RAMP_S}, held, down over as long.
     *
     * @param sizeKg added to the rein
     * @param heldS from the beginning of the rise to the beginning of the fall
     */
    public record Pull(double atS, Side side, double sizeKg, double heldS) {}

    /** A pull's rise and fall. */
    public static final double RAMP_S = 0.15;

    /** Both reins lost for so long. */
    public record Hole(double fromS, double toS) {}

    /**
     * What is to be measured.
     *
     * @param noiseKg standard deviation of each sample
     * @param driftKgAMinute of the zero
     * @param ceilingKg what the sensor can say at most
     */
    public record Script(
            double rateHz,
            List<Stretch> stretches,
            List<Pull> pulls,
            List<Hole> holes,
            double noiseKg,
            double driftKgAMinute,
            double ceilingKg) {

        public Script {
            stretches = List.copyOf(stretches);
            pulls = List.copyOf(pulls);
            holes = List.copyOf(holes);
        }

        /** Stretches and nothing else: 0.05 kg of noise, no drift, a ceiling no rein reaches. */
        public static Script of(double rateHz, Stretch... stretches) {
            return new Script(rateHz, List.of(stretches), List.of(), List.of(), 0.05, 0, ReinSeries.MOST_KG);
        }

        public Script with(Pull... more) {
            return new Script(rateHz, stretches, List.of(more), holes, noiseKg, driftKgAMinute, ceilingKg);
        }

        public Script losing(Hole... more) {
            return new Script(rateHz, stretches, pulls, List.of(more), noiseKg, driftKgAMinute, ceilingKg);
        }

        public Script noisy(double kg) {
            return new Script(rateHz, stretches, pulls, holes, kg, driftKgAMinute, ceilingKg);
        }

        public Script drifting(double kgAMinute) {
            return new Script(rateHz, stretches, pulls, holes, noiseKg, kgAMinute, ceilingKg);
        }

        public Script reachingAtMost(double kg) {
            return new Script(rateHz, stretches, pulls, holes, noiseKg, driftKgAMinute, kg);
        }

        public double seconds() {
            return stretches.stream().mapToDouble(Stretch::seconds).sum();
        }
    }

    private final Script script;
    private final SplittableRandom random;

    private StandInSensor(Script script, long seed) {
        this.script = script;
        random = new SplittableRandom(seed);
    }

    /** The same series for the same script and seed. */
    public static ReinSeries measure(Script script, long seed) {
        return new StandInSensor(script, seed).measured();
    }

    private ReinSeries measured() {
        int n = (int) Math.round(script.seconds() * script.rateHz());
        double[] pulledLeft = pulled(Side.LEFT, n);
        double[] pulledRight = pulled(Side.RIGHT, n);
        short[] left = new short[n];
        short[] right = new short[n];
        double beganS = 0;
        int i = 0;
        for (Stretch stretch : script.stretches()) {
            Beats beats = new Beats(stretch, beganS);
            double endS = beganS + stretch.seconds();
            for (; i < n && i / script.rateHz() < endS - 1e-9; i++) {
                double s = i / script.rateHz();
                double below = beats.below(s);
                double grown = stretch.growsKgASecond() * (s - beganS);
                left[i] = sample(s, stretch.leftKg() + grown - below + pulledLeft[i]);
                right[i] = sample(s, stretch.rightKg() + grown - below + pulledRight[i]);
            }
            beganS = endS;
        }
        return ReinSeries.of(script.rateHz(), left, right);
    }

    /** What the sensor says of this tension, in hundredths. */
    private short sample(double s, double kg) {
        double noise = script.noiseKg() * random.nextGaussian();
        if (script.holes().stream().anyMatch(h -> s >= h.fromS() && s < h.toS())) {
            return ReinSeries.GAP;
        }
        // a rein cannot push: what is below nothing is the zero and the noise
        double said = Math.max(0, kg) + noise + script.driftKgAMinute() * s / 60;
        return (short) Math.round(Math.min(said, script.ceilingKg()) * ReinSeries.HUNDREDTHS);
    }

    /** What the hand adds to this rein, sample by sample. */
    private double[] pulled(Side side, int n) {
        double[] kg = new double[n];
        for (Pull pull : script.pulls()) {
            if (pull.side() == side) {
                int from = Math.max(0, (int) Math.floor(pull.atS() * script.rateHz()));
                int to = Math.min(n, (int) Math.ceil((pull.atS() + pull.heldS() + RAMP_S) * script.rateHz()) + 1);
                for (int i = from; i < to; i++) {
                    kg[i] += pull.sizeKg() * ramp(i / script.rateHz() - pull.atS(), pull.heldS());
                }
            }
        }
        return kg;
    }

    /** How much of a pull there is so long after it began, in [0, 1]. */
    private static double ramp(double s, double heldS) {
        if (s < 0 || s > heldS + RAMP_S) {
            return 0;
        }
        return s < heldS ? Math.min(1, s / RAMP_S) : 1 - (s - heldS) / RAMP_S;
    }

    /** The beats of a stretch, one after the other. */
    private final class Beats {
        private final Stretch stretch;
        private double beganS;
        private double periodS;
        private boolean isSecond;

        Beats(Stretch stretch, double beganS) {
            this.stretch = stretch;
            this.beganS = beganS;
            periodS = drawn();
        }

        private double drawn() {
            double mean = 60 / stretch.beatsAMinute();
            return mean * Math.max(0.3, 1 + stretch.unevenness() * random.nextGaussian());
        }

        /** By how much the tension lies below the top of the stretch, at a time not before the last one asked for. */
        double below(double s) {
            while (s >= beganS + periodS) {
                beganS += periodS;
                periodS = drawn();
                isSecond = !isSecond;
            }
            double shape = 0.5 - 0.5 * Math.cos(2 * Math.PI * (s - beganS) / periodS);
            return stretch.swingKg() * (1 - shape * (isSecond ? 1 - SECOND_BEAT : 1));
        }
    }
}
