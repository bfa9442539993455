package strophos.server.lesson;

import com.fasterxml.jackson.annotation.JsonIgnore;
import java.time.Instant;
import java.util.UUID;
import strophos.core.school.School;
import strophos.server.contract.CanBeNull;

/** A lesson; {@code startedAt} and {@code endedAt} are null until it was. Minutes are planned ones. The school is its pair's. */
public record Lesson(
        UUID id,
        UUID pair,
        UUID horseId,
        @JsonIgnore School school,
        String rider,
        String horse,
        Instant plannedAt,
        int minutes,
        @CanBeNull Instant startedAt,
        @CanBeNull Instant endedAt,
        int exchanges) {}
