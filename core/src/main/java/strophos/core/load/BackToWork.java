package strophos.core.load;

/**
 * The way back after a break: half the former minutes for as many weeks as a quarter of the break (rounded up), then 10
 * points of the former minutes more each week, up to all of them.
 *
 * @param weeksOff at least {@link #SHORTEST_BREAK_WEEKS}
 * @param formerMinutes ridden a day before the break, above 0
 */
public record BackToWork(int weeksOff, int formerMinutes) {

    /** A shorter break needs no plan. */
    public static final int SHORTEST_BREAK_WEEKS = 2;

    private static final int HALF = 50;
    private static final int POINTS_A_WEEK = 10;

    public BackToWork {
        if (weeksOff < SHORTEST_BREAK_WEEKS || formerMinutes <= 0) {
            throw new IllegalArgumentException(
                    "The way back begins after %d weeks off (%d) and needs the former minutes (%d)."
                            .formatted(SHORTEST_BREAK_WEEKS, weeksOff, formerMinutes));
        }
    }

    /**
     * Minutes allowed a day.
     *
     * @param week weeks since the horse came back, 0 for the first
     */
    public int minutesInWeek(int week) {
        if (week < 0) {
            throw new IllegalArgumentException("The week (%d) must be 0 or later.".formatted(week));
        }
        int atHalf = (weeksOff + 3) / 4;
        int points = Math.min(100, HALF + POINTS_A_WEEK * Math.max(0, week - atHalf + 1));
        return Math.round(formerMinutes * points / 100f);
    }
}
