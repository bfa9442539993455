package strophos.core.homework;

/**
 * When a report counts from. A telephone's clock may say anything, and no report is refused for it: one that says it was begun more
 * than a day after it came in, or more than a year before, counts from when it came in. Common practice, no source.
 */
public final class ReportTime {

    private static final long DAY_MS = 86_400_000L;
    private static final long AHEAD_MS = DAY_MS;
    private static final long BEHIND_MS = 366 * DAY_MS;

    private ReportTime() {}

    /** Milliseconds since 1970 UTC, of when it says it was begun and when it came in. */
    public static long countedFromMs(long startedMs, long receivedMs) {
        boolean isBelieved = startedMs <= receivedMs + AHEAD_MS && startedMs >= receivedMs - BEHIND_MS;
        return isBelieved ? startedMs : receivedMs;
    }
}
