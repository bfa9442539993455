package strophos.server.lesson;

import com.fasterxml.jackson.annotation.JsonIgnore;
import java.time.Instant;
import java.util.UUID;
import strophos.core.school.School;
import strophos.core.school.Teaching;
import strophos.server.contract.CanBeNull;

/**
 * A lesson; {@code startedAt} and {@code endedAt} are null until it was. Minutes are planned ones.
 *
 * @param teaching as its pair is taught, in the school it borrows where it borrows one
 * @param borrowed null: the pair's school
 * @param group null: its pair is taught alone
 */
public record Lesson(
        UUID id,
        UUID pair,
        UUID horseId,
        @JsonIgnore Teaching teaching,
        @CanBeNull School borrowed,
        String rider,
        String horse,
        Instant plannedAt,
        int minutes,
        @CanBeNull Instant startedAt,
        @CanBeNull Instant endedAt,
        int exchanges,
        @CanBeNull Group group) {}
