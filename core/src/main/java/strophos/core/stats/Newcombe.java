package strophos.core.stats;

/** The difference of two proportions by Newcombe's hybrid score interval ([4], method 10). */
public final class Newcombe {

    private Newcombe() {}

    /**
     * {@code a − b}.
     *
     * @param estimate in [−1, 1]
     * @param interval 95 %, within [−1, 1]
     */
    public record Difference(double estimate, Interval interval) {}

    /**
     * The difference {@code a − b} with its 95 % interval, from the Wilson intervals of both.
     *
     * <p>Degenerate cases: none beyond {@link Wilson}'s; both must have been counted.
     *
     * @throws IllegalStateException when one of them is empty: there is no difference to nothing
     */
    public static Difference of(Proportion a, Proportion b) {
        double pa = a.share();
        double pb = b.share();
        Interval wa = Wilson.of(a);
        Interval wb = Wilson.of(b);
        double d = pa - pb;
        double low = d - Math.hypot(pa - wa.low(), wb.high() - pb);
        double high = d + Math.hypot(wa.high() - pa, pb - wb.low());
        return new Difference(d, new Interval(Math.max(-1, low), Math.min(1, high)));
    }
}
