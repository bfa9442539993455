package strophos.server.photo;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
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
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import strophos.server.access.Action;
import strophos.server.access.Needs;
import strophos.server.attachment.Attachments;
import strophos.server.lesson.LessonRepository;
import strophos.server.problem.Issue;
import strophos.server.problem.Problem;
import strophos.server.roster.Pair;
import strophos.server.roster.PairRepository;

/** Photos of a pair's horse, whoever rides it. */
@RestController
@RequestMapping("/api/v1/pairs/{id}/photos")
@Transactional
class PhotoController {

    /** What stands under a digest never changes. */
    private static final CacheControl KEPT =
            CacheControl.maxAge(Duration.ofDays(30)).cachePrivate().immutable();

    private final PairRepository pairs;
    private final PhotoRepository photos;
    private final Attachments attachments;
    private final LessonRepository lessons;
    private final Clock clock;

    PhotoController(
            PairRepository pairs,
            PhotoRepository photos,
            Attachments attachments,
            LessonRepository lessons,
            Clock clock) {
        this.pairs = pairs;
        this.photos = photos;
        this.attachments = attachments;
        this.lessons = lessons;
        this.clock = clock;
    }

    /** The latest first; {@code today} is the day where the yard is. */
    record PhotosView(String horse, LocalDate today, List<HorsePhoto> photos) {}

    /** A picture that was sent before; the id is made by the caller. */
    record NewPhoto(
            @NotNull UUID id,
            @NotNull @Pattern(regexp = "[0-9a-f]{64}") String sha256,
            @NotNull HorsePhoto.View view,
            @NotNull LocalDate takenOn) {}

    /** @param isPutAway no longer shown among the others */
    record PutAway(@NotNull Boolean isPutAway) {}

    @GetMapping
    @Needs(Action.SEE_PLAN)
    PhotosView photos(@PathVariable UUID id) {
        return view(pair(id));
    }

    /** Keeps the body under its digest, before it is said what it shows: 201 where it is new, 200 where it was there. */
    @PutMapping("/{sha256}")
    @Needs(Action.EDIT_PAIR)
    ResponseEntity<Void> take(@PathVariable UUID id, @PathVariable String sha256, @RequestBody byte[] content) {
        pair(id);
        return ResponseEntity.status(attachments.take(sha256, content) ? HttpStatus.CREATED : HttpStatus.OK)
                .build();
    }

    @GetMapping("/{sha256}")
    @Needs(Action.SEE_PLAN)
    ResponseEntity<byte[]> one(@PathVariable UUID id, @PathVariable String sha256) {
        if (!photos.isOf(pair(id).horseId(), sha256)) {
            throw Problem.notFound();
        }
        return attachments.find(sha256).orElseThrow(Problem::notFound).answer(KEPT);
    }

    @PostMapping
    @Needs(Action.EDIT_PAIR)
    @ResponseStatus(HttpStatus.CREATED)
    PhotosView add(@PathVariable UUID id, @Valid @RequestBody NewPhoto wanted) {
        Pair pair = pair(id);
        List<Issue> issues = new ArrayList<>();
        if (attachments.find(wanted.sha256()).filter(a -> a.type().isPicture()).isEmpty()) {
            issues.add(new Issue("unknown_id", "sha256", "a picture that was sent before"));
        }
        if (wanted.takenOn().isAfter(today())) {
            issues.add(new Issue("not_yet", "takenOn", "no later than today"));
        }
        if (!issues.isEmpty()) {
            throw Problem.refused(issues);
        }
        photos.add(
                pair.horseId(),
                wanted.id(),
                new HorsePhoto(wanted.sha256(), wanted.view(), wanted.takenOn(), false),
                clock.instant());
        return view(pair);
    }

    @PutMapping("/{sha256}/away")
    @Needs(Action.EDIT_PAIR)
    PhotosView putAway(@PathVariable UUID id, @PathVariable String sha256, @Valid @RequestBody PutAway wanted) {
        Pair pair = pair(id);
        if (!photos.isOf(pair.horseId(), sha256)) {
            throw Problem.notFound();
        }
        photos.putAway(pair.horseId(), sha256, wanted.isPutAway());
        return view(pair);
    }

    private Pair pair(UUID id) {
        return pairs.find(id).orElseThrow(Problem::notFound);
    }

    private LocalDate today() {
        return LocalDate.ofInstant(clock.instant(), lessons.zone());
    }

    private PhotosView view(Pair pair) {
        return new PhotosView(pair.horse(), today(), photos.of(pair.horseId()));
    }
}
