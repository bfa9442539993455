package strophos.server.library;

import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import strophos.server.contract.CanBeNull;

/**
 * What a coach shows beside an exercise, a shipped one or an own, wherever it is used.
 *
 * @param note one line
 * @param link to a page or a film elsewhere; opened by whoever touches it, never fetched
 * @param picture the SHA-256 of an attachment
 * @param sound the SHA-256 of an attachment: something said
 */
public record Aside(
        @Size(max = 300) @CanBeNull String note,

        @Size(max = 500) @Pattern(regexp = "https://[^\\s\"<>]+") @CanBeNull
        String link,

        @Pattern(regexp = "[0-9a-f]{64}") @CanBeNull String picture,
        @Pattern(regexp = "[0-9a-f]{64}") @CanBeNull String sound) {

    boolean isEmpty() {
        return note == null && link == null && picture == null && sound == null;
    }
}
