package strophos.server.attachment;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.apache.tika.Tika;

/** What an attachment may be, told by its content and never by its name or what its sender says. */
public enum AttachmentType {
    WEBM("video/webm", "webm", "audio/webm", "application/x-matroska"),
    MP4("video/mp4", "mp4", "audio/mp4", "application/mp4", "video/quicktime"),
    OGG("audio/ogg", "ogg", "application/ogg", "audio/opus", "audio/vorbis"),
    JPEG("image/jpeg", "jpeg"),
    PNG("image/png", "png"),
    WEBP("image/webp", "webp");

    private static final Tika TIKA = new Tika();

    /** So much of a file is its head. */
    private static final int HEAD = 64;

    private static final Map<String, AttachmentType> BY_NAME = Arrays.stream(values())
            .flatMap(type -> type.names().map(name -> Map.entry(name, type)))
            .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));

    private final String mediaType;
    private final String suffix;
    private final String[] alsoKnownAs;

    AttachmentType(String mediaType, String suffix, String... alsoKnownAs) {
        this.mediaType = mediaType;
        this.suffix = suffix;
        this.alsoKnownAs = alsoKnownAs;
    }

    private Stream<String> names() {
        return Stream.concat(Stream.of(mediaType), Arrays.stream(alsoKnownAs));
    }

    /** Empty for what is none of these. */
    static Optional<AttachmentType> of(byte[] content) {
        return Optional.ofNullable(BY_NAME.get(TIKA.detect(content))).filter(type -> type != WEBM || isWebm(content));
    }

    /** WebM is Matroska that says so in its head, as the DocType (RFC 8794, 11.2.5). */
    private static boolean isWebm(byte[] content) {
        String head = new String(content, 0, Math.min(HEAD, content.length), StandardCharsets.ISO_8859_1);
        return head.contains("webm");
    }

    /** To be looked at, and not heard. */
    public boolean isPicture() {
        return mediaType.startsWith("image/");
    }

    /** As it is served. */
    String mediaType() {
        return mediaType;
    }

    /** What a file of it is named by. */
    String suffix() {
        return suffix;
    }
}
