package strophos.core.plan;

/** The planner's thresholds: rules 4 and 9 (common practice, no source). */
public final class PlanRules {

    public static final String BOOK = "plan/6";

    public static final int FEWEST_BLOCKS = 2;
    public static final int MOST_BLOCKS = 7;

    /** First look and walking in, of the lesson. */
    static final double BEFORE_SHARE = 0.2;

    static final int BEFORE_MOST_S = 300;

    /** Long rein and stretch at the end. */
    static final double AFTER_SHARE = 0.1;

    static final int AFTER_MOST_S = 180;

    /** Work of what lies between; the rest is rest. */
    static final double WORK_SHARE = 0.75;

    /** So much work is left however much was ridden earlier today: what is asked in hand, or one good halt. */
    static final int ALWAYS_LEFT_S = 10 * 60;

    /** About four asks, two on each rein, with what lies between them. */
    static final int MEASURE_S = 2 * 60;

    /** With this much work there is time to prepare a focus from the ground. */
    static final int GROUND_FROM_S = 15 * 60;

    /** With this much work there is time to look at the main thing once more. */
    static final int TEST_FROM_S = 12 * 60;

    /** With this much work there is time to measure one thing before and after another. */
    static final int PROBE_FROM_S = 18 * 60;

    /** With this much work there is time to end on something known. */
    static final int LAST_FROM_S = 25 * 60;

    /** At or under this score for calm or the halt a horse is keen today. */
    static final int KEEN = 2;

    private PlanRules() {}
}
