package strophos.server.ground;

import java.time.Instant;
import java.util.List;
import java.util.UUID;

/**
 * A set-up of the yard.
 *
 * @param arena its id, or the name of a standard one
 */
record StoredLayout(
        UUID id,
        int version,
        String name,
        String arena,
        List<WantedThing> things,
        boolean isPutAway,
        String by,
        Instant at) {}
