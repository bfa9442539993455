package strophos.server.homework;

import com.fasterxml.jackson.annotation.JsonFormat;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import strophos.core.homework.Feel;
import strophos.server.contract.CanBeNull;

/**
 * An assignment that runs, at a glance; in the order of its columns, since it is read as one text, like the reports.
 *
 * @param rungs of its steps
 * @param lookedInAt when the coach looked in last; null when never
 * @param isPractised whether there is any report at all
 * @param practices reports since the coach looked in
 * @param hasStopSign one of them tells a sign of any kind
 * @param isStopped one of them tells a sign that stops homework until the coach answers
 * @param felt what each of them but the second best said, in order
 */
@JsonFormat(shape = JsonFormat.Shape.ARRAY)
record Glance(
        UUID id,
        UUID pair,
        UUID horse,
        Instant setAt,
        LocalDate setOn,
        boolean isBrandNew,
        List<String> rungs,
        @CanBeNull Instant lookedInAt,
        boolean isPractised,
        int practices,
        boolean hasQuestion,
        boolean hasStopSign,
        boolean isStopped,
        List<Feel> felt) {

    /** How many of the last said "not yet", one after the other. */
    int notYetRunning() {
        int running = 0;
        while (running < felt.size() && felt.get(felt.size() - 1 - running) == Feel.NOT_YET) {
            running++;
        }
        return running;
    }
}
