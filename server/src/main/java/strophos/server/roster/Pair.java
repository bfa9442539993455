package strophos.server.roster;

import java.util.UUID;
import strophos.core.school.School;
import strophos.core.school.Teaching;

/** One rider with one horse, as named on a card. */
public record Pair(
        UUID id,
        UUID riderId,
        UUID horseId,
        String rider,
        String horse,
        String description,
        Teaching teaching,
        String goal) {

    public School school() {
        return teaching.school();
    }
}
