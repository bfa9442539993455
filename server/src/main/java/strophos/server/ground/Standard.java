package strophos.server.ground;

import java.util.Arrays;
import java.util.Optional;
import strophos.core.arena.Arena;

/** The arenas everybody knows. */
enum Standard {
    SMALL(Arena.SMALL),
    STANDARD(Arena.STANDARD);

    private final Arena arena;

    Standard(Arena arena) {
        this.arena = arena;
    }

    Arena arena() {
        return arena;
    }

    static Optional<Standard> of(String name) {
        return Arrays.stream(values()).filter(s -> s.name().equals(name)).findFirst();
    }
}
