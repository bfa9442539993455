package strophos.core.plan;

/** Whether a rung is put into a plan without being asked for; the coach can put in any. */
public enum Proposal {
    FREELY,
    /** A coach's own exercise: only once this pair has begun it. It was made for one horse, and open to all. */
    ONCE_BEGUN,
    /** The pair's school does not teach it. */
    NEVER
}
