package strophos.core.homework;

import java.util.Objects;

/**
 * How much on each rein, on one day.
 *
 * @param amount at least 1; of an exercise without a rein in all
 * @param secondsARein about how long it takes; at least {@link #SHORTEST_S}
 */
public record Dose(int amount, DoseRange.Unit unit, int secondsARein) {

    static final int SHORTEST_S = 60;

    public Dose {
        Objects.requireNonNull(unit, "unit");
        if (amount < 1 || secondsARein < SHORTEST_S) {
            throw new IllegalArgumentException("A dose needs an amount of at least 1 (%d) and a minute a rein (%d s)."
                    .formatted(amount, secondsARein));
        }
    }

    /** The lower end: for the first week of a thing. */
    public static Dose least(DoseRange range, boolean isComingBack) {
        return of(range, range.least(), isComingBack);
    }

    /** The upper end. */
    public static Dose most(DoseRange range, boolean isComingBack) {
        return of(range, range.most(), isComingBack);
    }

    /** Horses coming back to work get half, rounded up. */
    private static Dose of(DoseRange range, int full, boolean isComingBack) {
        int amount = isComingBack ? (full + 1) / 2 : full;
        int seconds = (int) Math.ceil(amount * range.minutesEach()) * 60;
        return new Dose(amount, range.unit(), Math.max(SHORTEST_S, seconds));
    }

    /** The same where there is no rein to be changed: half the time is counted for either, so that both together are the dose. */
    public Dose withoutRein() {
        return new Dose(amount, unit, Math.max(SHORTEST_S, secondsARein / 2));
    }

    /** What is left of it on a rein today, in seconds, at least 0. */
    public int leftOfTodayS(int doneS) {
        return Math.max(0, secondsARein - doneS);
    }
}
