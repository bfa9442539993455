package strophos.core.school;

/** What is done about an error; belongs to exercise, school and segment. */
public enum CorrectionPolicy {
    /** An unwanted gait, a hurried step. */
    AT_ONCE,
    /** After 3 to 4 strides, with a horse that knows. */
    WHEN_CLEAR,
    /** Before it comes. */
    PREVENT,
    /** Reward-based: the criterion is lowered instead. */
    IGNORE
}
