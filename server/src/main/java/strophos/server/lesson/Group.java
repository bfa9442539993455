package strophos.server.lesson;

import java.util.List;
import java.util.UUID;

/**
 * The lessons that are ridden together, as far as the viewer may see their pairs.
 *
 * @param lessons in the order of their time; at least two
 */
public record Group(UUID id, List<Together> lessons) {

    /** One of them: a lesson of its own, with a log of its own. */
    public record Together(UUID lesson, UUID pair, UUID horseId, String horse, String rider) {}
}
