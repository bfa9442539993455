package strophos.server.ground;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;
import strophos.core.arena.Arena;
import strophos.server.problem.Issue;
import strophos.server.problem.Problem;

/** Arenas by what they are asked for by: those of the yard by their id, the standard ones by their name. */
@Component
class Arenas {

    private final GroundRepository ground;

    Arenas(GroundRepository ground) {
        this.ground = ground;
    }

    /**
     * @param id empty for a standard one
     * @param name null for a standard one
     */
    record Named(Optional<UUID> id, String name, Arena arena) {}

    /** @throws Problem where there is none */
    Named named(String id) {
        return Standard.of(id)
                .map(s -> new Named(Optional.empty(), null, s.arena()))
                .or(() -> uuid(id).flatMap(ground::arena)
                        .map(a -> new Named(
                                Optional.of(a.id()), a.arena().name(), a.arena().arena())))
                .orElseThrow(() -> Problem.refused(
                        List.of(new Issue("unknown_id", "arena", "an arena of this yard, SMALL or STANDARD"))));
    }

    private static Optional<UUID> uuid(String text) {
        try {
            return Optional.of(UUID.fromString(text));
        } catch (IllegalArgumentException e) {
            return Optional.empty();
        }
    }
}
