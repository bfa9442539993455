package strophos.server.word;

import java.time.Instant;
import java.util.List;
import java.util.UUID;

/**
 * Who read the page of a lesson, and what was said back under its comments.
 *
 * @param isShown whether the rider is shown the page: else nothing is said back
 * @param readings of riders and guardians, the latest first
 * @param words the earliest first
 */
public record WordsView(boolean isShown, List<ReadingView> readings, List<WordBack> words) {

    /** When somebody read it last. */
    public record ReadingView(String name, Instant at) {}

    /**
     * What somebody said under a comment.
     *
     * @param comment the entry it is said to
     * @param isOwn the viewer's
     */
    public record WordBack(UUID id, UUID comment, String by, boolean isOwn, String text, Instant at) {}
}
