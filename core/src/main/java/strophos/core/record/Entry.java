package strophos.core.record;

import java.util.Map;
import java.util.Objects;
import strophos.core.plain.Plain;

/**
 * One immutable entry of a lesson's log, as its device wrote it.
 *
 * @param id UUID in lower-case text, made by the device
 * @param lesson UUID in lower-case text
 * @param device UUID in lower-case text of the device that wrote it
 * @param author UUID in lower-case text of the person signed in there
 * @param seq the device's own count, rising by at least one; at least 0
 * @param atMs the device's clock, milliseconds since 1970 UTC; never falling on one device
 * @param kind what it is, see {@link PayloadReader}; unknown kinds are kept
 * @param v version of the payload; at least 1
 * @param payload plain values as JSON has them; never null
 */
public record Entry(
        String id,
        String lesson,
        String device,
        String author,
        long seq,
        long atMs,
        String kind,
        int v,
        Map<String, Object> payload) {

    public Entry {
        Objects.requireNonNull(id, "id");
        Objects.requireNonNull(lesson, "lesson");
        Objects.requireNonNull(device, "device");
        Objects.requireNonNull(author, "author");
        Objects.requireNonNull(kind, "kind");
        Objects.requireNonNull(payload, "payload");
    }

    /** Whether the other is this entry, however the numbers of its payload were written. */
    public boolean isSame(Entry other) {
        return id.equals(other.id)
                && lesson.equals(other.lesson)
                && device.equals(other.device)
                && author.equals(other.author)
                && seq == other.seq
                && atMs == other.atMs
                && kind.equals(other.kind)
                && v == other.v
                && Plain.isSame(payload, other.payload);
    }
}
