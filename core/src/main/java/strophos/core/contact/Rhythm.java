package strophos.core.contact;

/** What the swing of both reins says of the beat: peaks come twice a stride at walk and trot, once at canter [2]. */
public sealed interface Rhythm {

    /** From this rate on the beat can be told: trot steps run at about 2.6 to 2.8 Hz, and a beat wants seven samples. */
    double LEAST_HZ = 20;

    /** From so many seconds on. */
    double LEAST_S = 8;

    /**
     * A beat.
     *
     * @param peaksAMinute steps at walk and trot, strides at canter; known to about half in a hundred at 100 Hz (docs/contact.md)
     * @param unevenness coefficient of variation of the time from peak to peak, above or at 0: 0.05 is five in a hundred. A sample's
     *     length of it is the sensor's own
     * @param peaks that were found
     * @param clarity how alike one beat is to the next, in (0, 1]
     */
    record Regular(double peaksAMinute, double unevenness, int peaks, double clarity) implements Rhythm {}

    /** Nothing comes back evenly. */
    record NoRegularRhythm() implements Rhythm {}

    /** Too few samples a second: the beat cannot be told, the rest can. */
    record RateTooLow(double rateHz) implements Rhythm {}

    /** @param measuredS with both reins, of the {@link #LEAST_S} that are needed */
    record TooShort(double measuredS) implements Rhythm {}

    /** Of both reins together. */
    static Rhythm of(ReinSeries series) {
        if (series.rateHz() < LEAST_HZ) {
            return new RateTooLow(series.rateHz());
        }
        Swing swing = Swing.of(series);
        if (swing.measured() / series.rateHz() < LEAST_S) {
            return new TooShort(swing.measured() / series.rateHz());
        }
        return Beat.find(swing, series.rateHz());
    }
}
