package strophos.core.judgement;

/**
 * One number a rule book judges by.
 *
 * @param name stable, with the rule before the dot
 * @param standard what holds where a yard changed nothing
 * @param least smallest value that means something, {@code most} the largest
 * @param step by which it is changed; whole numbers have whole steps
 * @param cap whether a yard may loosen it
 */
public record Threshold(String name, double standard, double least, double most, double step, Cap cap) {

    /** Which way a threshold may be changed. */
    public enum Cap {
        FREE,
        /** Safety: a yard may lower it, never raise it over the standard. */
        ONLY_LOWER,
        /** Safety: a yard may raise it, never lower it under the standard. */
        ONLY_HIGHER
    }

    public Threshold {
        if (!(least <= standard && standard <= most) || !(step > 0)) {
            throw new IllegalArgumentException("The standard (%s) of %s must lie in [%s, %s] and its step (%s) above 0."
                    .formatted(standard, name, least, most, step));
        }
    }

    static Threshold whole(String name, int standard, int least, int most) {
        return new Threshold(name, standard, least, most, 1, Cap.FREE);
    }

    static Threshold share(String name, double standard, double least, double most) {
        return new Threshold(name, standard, least, most, 0.05, Cap.FREE);
    }

    /** The same, as a safety cap. */
    public Threshold capped(Cap which) {
        return new Threshold(name, standard, least, most, step, which);
    }

    /** The smallest value a yard may choose. */
    public double lowest() {
        return cap == Cap.ONLY_HIGHER ? standard : least;
    }

    /** The largest value a yard may choose. */
    public double highest() {
        return cap == Cap.ONLY_LOWER ? standard : most;
    }

    public boolean isWhole() {
        return step == Math.rint(step);
    }

    /** Whether a yard may choose this value. */
    public boolean allows(double value) {
        return value >= lowest() && value <= highest() && (!isWhole() || value == Math.rint(value));
    }
}
