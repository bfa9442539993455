package strophos.core.plait;

/**
 * One event on its strand.
 *
 * @param entry of the log that says it; an exchange says two, the ask and the answer
 * @param fromMs milliseconds since 1970 UTC
 * @param toMs the same for a moment; never before it
 * @param segment ridden then, as its place among the plait's; -1 before the first one
 * @param isOwn the pair's own: not while somebody else than its rider sat in the saddle
 */
public record Bead(String entry, EventKind kind, long fromMs, long toMs, int segment, boolean isOwn) {

    public Bead {
        if (toMs < fromMs) {
            throw new IllegalArgumentException(
                    "An event ends (%d) no earlier than it begins (%d).".formatted(toMs, fromMs));
        }
    }
}
