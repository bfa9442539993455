package strophos.server.look;

import java.time.Instant;
import java.util.Map;
import java.util.UUID;
import strophos.core.look.FirstLook;
import strophos.core.record.PayloadReader;

/**
 * A look of a lesson.
 *
 * @param checks as in the payload of a first look, with null for a check that was not made
 */
public record StoredLook(UUID lesson, Instant at, Map<String, Object> checks) {

    /** The look these checks tell; they were bounded when they were read. */
    public FirstLook look() {
        return PayloadReader.look(checks).orElseThrow();
    }
}
