package strophos.core.change;

import java.time.Duration;

/** How long something counts before it wants a thought, or no longer does. Common practice, no source. */
public final class AttentionSpans {

    /** A pair has gone quiet without a lesson for so long, and none planned. */
    public static final Duration QUIET = Duration.ofDays(21);

    /** After so long it has left. */
    public static final Duration LEFT = Duration.ofDays(182);

    /** Help that was decided on longer ago was had, or was not wanted. */
    public static final Duration HELP = Duration.ofDays(60);

    /** What was said back under a comment longer ago was talked over since. */
    public static final Duration WORDS = Duration.ofDays(60);

    private AttentionSpans() {}
}
