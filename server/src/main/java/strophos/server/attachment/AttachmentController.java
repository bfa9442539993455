package strophos.server.attachment;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import strophos.server.access.Action;
import strophos.server.access.Needs;
import strophos.server.contract.CanBeNull;
import strophos.server.lesson.Lesson;
import strophos.server.lesson.LessonRepository;
import strophos.server.live.Teller;
import strophos.server.problem.Issue;
import strophos.server.problem.Problem;
import strophos.server.roster.Pair;
import strophos.server.roster.PairRepository;

/** Attachments in and out, and a guardian's word on what of a minor is kept. */
@RestController
@RequestMapping("/api/v1")
@Transactional
class AttachmentController {

    private final Attachments attachments;
    private final AttachmentRepository contents;
    private final Consents consents;
    private final LessonRepository lessons;
    private final PairRepository pairs;
    private final Teller news;
    private final Clock clock;

    AttachmentController(
            Attachments attachments,
            AttachmentRepository contents,
            Consents consents,
            LessonRepository lessons,
            PairRepository pairs,
            Teller news,
            Clock clock) {
        this.attachments = attachments;
        this.contents = contents;
        this.consents = consents;
        this.lessons = lessons;
        this.pairs = pairs;
        this.news = news;
        this.clock = clock;
    }

    /**
     * Whether it may be kept of this pair's lessons.
     *
     * @param guardians of the rider, who is a minor where there are any
     * @param latest what was said last; null where nothing was
     */
    record ConsentView(
            boolean mayRecord,
            List<String> guardians,
            @CanBeNull ConsentWord latest) {}

    /** A guardian's word; the id is made by the caller, so that repeating it does nothing. Taken back, all that was kept is deleted. */
    record NewConsent(
            @NotNull UUID id,
            @NotNull Boolean given,
            @NotBlank @Size(max = 80) String saidBy) {}

    /** Keeps the body under its digest, which an entry of the lesson must name before: 201 where it is new, 200 where it was there. */
    @PutMapping("/lessons/{id}/attachments/{sha256}")
    @Needs(Action.RECORD)
    ResponseEntity<Void> take(@PathVariable UUID id, @PathVariable String sha256, @RequestBody byte[] content) {
        Lesson lesson = lessons.find(id).orElseThrow(Problem::notFound);
        Set<ConsentSubject> subjects = contents.namedAs(id, sha256);
        if (subjects.isEmpty()) {
            throw new Problem(
                    HttpStatus.CONFLICT, "not_named", "No entry of this lesson names it; send the entry first.");
        }
        if (!subjects.stream().allMatch(subject -> consents.isAllowed(subject, lesson.pair()))) {
            throw new Problem(
                    HttpStatus.CONFLICT,
                    "no_consent",
                    "No guardian has said that voice notes or stills of this rider may be kept; delete it.");
        }
        return ResponseEntity.status(attachments.take(sha256, content) ? HttpStatus.CREATED : HttpStatus.OK)
                .build();
    }

    @GetMapping("/attachments")
    @Needs(Action.EXPORT)
    AttachmentUse use() {
        return attachments.use();
    }

    @GetMapping("/lessons/{id}/attachments/{sha256}")
    @Needs(Action.SEE_DEBRIEF)
    ResponseEntity<byte[]> one(@PathVariable UUID id, @PathVariable String sha256) {
        lessons.find(id).orElseThrow(Problem::notFound);
        return attachments.ofLesson(id, sha256).orElseThrow(Problem::notFound).answer(CacheControl.noStore());
    }

    @GetMapping("/pairs/{id}/voice-consent")
    @Needs(Action.INVITE)
    ConsentView voiceConsent(@PathVariable UUID id) {
        return view(ConsentSubject.VOICE, pairs.find(id).orElseThrow(Problem::notFound));
    }

    @PostMapping("/pairs/{id}/voice-consent")
    @Needs(Action.INVITE)
    ConsentView sayOfVoice(@PathVariable UUID id, @Valid @RequestBody NewConsent said) {
        return say(ConsentSubject.VOICE, id, said);
    }

    @GetMapping("/pairs/{id}/picture-consent")
    @Needs(Action.INVITE)
    ConsentView pictureConsent(@PathVariable UUID id) {
        return view(ConsentSubject.PICTURES, pairs.find(id).orElseThrow(Problem::notFound));
    }

    @PostMapping("/pairs/{id}/picture-consent")
    @Needs(Action.INVITE)
    ConsentView sayOfPictures(@PathVariable UUID id, @Valid @RequestBody NewConsent said) {
        return say(ConsentSubject.PICTURES, id, said);
    }

    private ConsentView say(ConsentSubject subject, UUID id, NewConsent said) {
        Pair pair = pairs.find(id).orElseThrow(Problem::notFound);
        if (!consents.isMinor(pair.riderId())) {
            throw Problem.refused(List.of(new Issue("no_guardian", "saidBy", "a guardian; add one first")));
        }
        if (consents.add(subject, said.id(), pair.riderId(), said.given(), said.saidBy(), clock.instant())) {
            if (!said.given()) {
                contents.removeOf(pair.riderId(), subject);
            }
            news.changedPair(id);
        }
        return view(subject, pair);
    }

    private ConsentView view(ConsentSubject subject, Pair pair) {
        return new ConsentView(
                consents.isAllowed(subject, pair.id()),
                consents.guardians(pair.riderId()),
                consents.latest(subject, pair.riderId()).orElse(null));
    }
}
