package strophos.server.state;

import java.time.Instant;
import java.util.UUID;

/**
 * Lessons that lie together, counted as one.
 *
 * @param last the last of them, which began at {@code at}
 * @param lessons how many
 * @param both on whatever rein, and on none
 */
public record LessonsTogether(UUID last, Instant at, int lessons, AskCounts left, AskCounts right, AskCounts both) {}
