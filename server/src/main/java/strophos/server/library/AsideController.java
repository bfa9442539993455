package strophos.server.library;

import java.time.Duration;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import strophos.server.access.Action;
import strophos.server.access.Needs;
import strophos.server.attachment.Attachments;
import strophos.server.problem.Problem;

/** Pictures and sounds shown beside exercises. */
@RestController
@RequestMapping("/api/v1/library/attachments/{sha256}")
@Transactional
class AsideController {

    /** What stands under a digest never changes: a phone keeps it for the days without a network. */
    private static final CacheControl KEPT =
            CacheControl.maxAge(Duration.ofDays(30)).cachePrivate().immutable();

    private final Attachments attachments;
    private final Asides asides;

    AsideController(Attachments attachments, Asides asides) {
        this.attachments = attachments;
        this.asides = asides;
    }

    /** Keeps the body under its digest, before an exercise is shown with it: 201 where it is new, 200 where it was there. */
    @PutMapping
    @Needs(Action.MAKE_EXERCISES)
    ResponseEntity<Void> take(@PathVariable String sha256, @RequestBody byte[] content) {
        return ResponseEntity.status(attachments.take(sha256, content) ? HttpStatus.CREATED : HttpStatus.OK)
                .build();
    }

    /** Only what is shown beside an exercise now; everybody of the yard may see it. */
    @GetMapping
    @Needs(Action.SEE_ASIDES)
    ResponseEntity<byte[]> one(@PathVariable String sha256) {
        if (!asides.isShown(sha256)) {
            throw Problem.notFound();
        }
        return attachments.find(sha256).orElseThrow(Problem::notFound).answer(KEPT);
    }
}
