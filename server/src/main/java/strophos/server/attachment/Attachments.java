package strophos.server.attachment;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Clock;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import strophos.server.problem.Issue;
import strophos.server.problem.Problem;

/** Takes attachments in and gives them out. */
@Service
@Transactional
public class Attachments {

    private final AttachmentRepository attachments;
    private final Clock clock;
    private final long mostBytes;

    Attachments(
            AttachmentRepository attachments,
            Clock clock,
            @Value("${strophos.attachments.most-bytes:1073741824}") long mostBytes) {
        this.attachments = attachments;
        this.clock = clock;
        this.mostBytes = mostBytes;
    }

    /**
     * Keeps this content under its digest; what is there already stays.
     *
     * @return whether it was not there
     * @throws Problem when it is not what its digest says, is of no known type, or the yard is full
     */
    public boolean take(String sha256, byte[] content) {
        if (!digest(content).equals(sha256)) {
            throw Problem.refused(
                    List.of(new Issue("not_the_content", "sha256", "the SHA-256 of the body, in hexadecimal")));
        }
        AttachmentType type = AttachmentType.of(content)
                .orElseThrow(
                        () -> new Problem(
                                HttpStatus.UNSUPPORTED_MEDIA_TYPE,
                                "unknown_type",
                                "This is neither a voice note (webm, mp4, ogg) nor a picture (jpeg, png, webp); send one of these."));
        if (attachments.has(sha256)) {
            return false;
        }
        AttachmentUse use = attachments.use(mostBytes);
        if (use.bytes() + content.length > mostBytes) {
            throw new Problem(
                    HttpStatus.INSUFFICIENT_STORAGE,
                    "yard_full",
                    "The yard has no room left for voice notes and pictures (%d MB); ask whoever runs it for more."
                            .formatted(mostBytes >> 20));
        }
        return attachments.add(new Attachment(sha256, type, content), clock.instant());
    }

    AttachmentUse use() {
        return attachments.use(mostBytes);
    }

    /** The one of this digest, whatever names it: who may see it is asked before. */
    public Optional<Attachment> find(String sha256) {
        return attachments.find(sha256);
    }

    public Optional<Attachment> ofLesson(UUID lesson, String sha256) {
        return attachments.ofLesson(lesson, sha256);
    }

    /** All attachments of a lesson that was found to be visible, as one archive of files named by their digests. */
    public byte[] archive(UUID lesson) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(bytes)) {
            for (Attachment a : attachments.ofLesson(lesson)) {
                zip.putNextEntry(new ZipEntry(a.sha256() + "." + a.type().suffix()));
                zip.write(a.content());
                zip.closeEntry();
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return bytes.toByteArray();
    }

    private static String digest(byte[] content) {
        try {
            return HexFormat.of().formatHex(MessageDigest.getInstance("SHA-256").digest(content));
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
