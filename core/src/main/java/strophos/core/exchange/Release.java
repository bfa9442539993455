package strophos.core.exchange;

/** Whether the rider let go after the answer, as touched in. */
public enum Release {
    PROMPT,
    LATE,
    MISSED
}
