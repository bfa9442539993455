package strophos.server.contract;

import java.nio.charset.StandardCharsets;
import java.time.DateTimeException;
import java.time.Instant;
import java.util.Base64;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import strophos.server.problem.Issue;
import strophos.server.problem.Problem;

/**
 * Where a list goes on: behind a row, named by a moment, a text and an id. Sent as one word, which callers hand back as it is.
 *
 * @param text what is sorted by beside the moment; empty where nothing is
 */
public record Cursor(Instant at, String text, UUID id) {

    public String word() {
        String all = at + "\n" + id + "\n" + text;
        return Base64.getUrlEncoder().withoutPadding().encodeToString(all.getBytes(StandardCharsets.UTF_8));
    }

    /**
     * The cursor of a query parameter; empty where there is none.
     *
     * @throws Problem for what was not handed out here
     */
    public static Optional<Cursor> of(@CanBeNull String word) {
        if (word == null) {
            return Optional.empty();
        }
        try {
            String[] parts = new String(Base64.getUrlDecoder().decode(word), StandardCharsets.UTF_8).split("\n", 3);
            if (parts.length == 3) {
                return Optional.of(new Cursor(Instant.parse(parts[0]), parts[2], UUID.fromString(parts[1])));
            }
        } catch (IllegalArgumentException | DateTimeException e) {
            throw unknown();
        }
        throw unknown();
    }

    private static Problem unknown() {
        return Problem.refused(List.of(new Issue("form", "after", "a cursor as the page before gave it")));
    }
}
