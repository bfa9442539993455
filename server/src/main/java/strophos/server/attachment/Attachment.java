package strophos.server.attachment;

import org.springframework.http.CacheControl;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** One as it is kept. */
public record Attachment(String sha256, AttachmentType type, byte[] content) {

    /** As it is sent: never opened as a page. */
    public ResponseEntity<byte[]> answer(CacheControl keeping) {
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(sha256 + "." + type.suffix())
                                .build()
                                .toString())
                .cacheControl(keeping)
                .contentType(MediaType.parseMediaType(type.mediaType()))
                .body(content);
    }
}
