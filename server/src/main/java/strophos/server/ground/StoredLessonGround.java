package strophos.server.ground;

import java.util.List;
import strophos.core.arena.Arena;
import strophos.core.stride.Pace;
import strophos.core.stride.Variant;

/**
 * What stands in a lesson.
 *
 * @param arenaId of the yard, or the name of a standard one
 * @param arenaName null for a standard one
 */
public record StoredLessonGround(
        int version,
        String arenaId,
        String arenaName,
        Arena arena,
        Pace pace,
        Variant variant,
        List<WantedThing> things) {}
