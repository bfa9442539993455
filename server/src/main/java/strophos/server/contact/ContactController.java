package strophos.server.contact;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
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
import strophos.server.lesson.Lesson;
import strophos.server.lesson.LessonRepository;
import strophos.server.problem.Issue;
import strophos.server.problem.Problem;
import strophos.server.rein.Chunk;
import strophos.server.rein.Recording;
import strophos.server.rein.ReinRepository;
import strophos.server.rein.StoredChunk;
import strophos.server.ride.RideLog;
import strophos.server.roster.PairRepository;
import strophos.server.state.RenewalDue;
import strophos.server.state.StaleRepository;

/**
 * Recordings in and out: announced first, then a chunk a minute, then said to be whole. Each of these may be sent again when an answer was
 * lost.
 */
@RestController
@RequestMapping("/api/v1")
@Transactional
class ContactController {

    /** Two hours: longer is no lesson. */
    private static final int MOST_MINUTES = 120;

    /** A lesson is measured in one go, or in a few when the sensor was put off. */
    private static final int MOST_RECORDINGS = 8;

    private final LessonRepository lessons;
    private final PairRepository pairs;
    private final RecordingRepository recordings;
    private final ReinRepository reins;
    private final ContactTeller teller;
    private final BesideTeller besides;
    private final AnswersTeller answers;
    private final RideLog log;
    private final StaleRepository stale;
    private final ApplicationEventPublisher events;
    private final Clock clock;
    private final long mostBytes;

    ContactController(
            LessonRepository lessons,
            PairRepository pairs,
            RecordingRepository recordings,
            ReinRepository reins,
            ContactTeller teller,
            BesideTeller besides,
            AnswersTeller answers,
            RideLog log,
            StaleRepository stale,
            ApplicationEventPublisher events,
            Clock clock,
            @Value("${strophos.recordings.most-bytes:4294967296}") long mostBytes) {
        this.lessons = lessons;
        this.pairs = pairs;
        this.recordings = recordings;
        this.reins = reins;
        this.teller = teller;
        this.besides = besides;
        this.answers = answers;
        this.log = log;
        this.stale = stale;
        this.events = events;
        this.clock = clock;
        this.mostBytes = mostBytes;
    }

    /** A recording to come; the id is made by the sender. */
    record NewRecording(
            @NotNull UUID id,
            @NotNull Instant startedAt,

            @NotNull @DecimalMin("5") @DecimalMax("250") Double rateHz,

            @NotNull @Min(1) @Max(MOST_MINUTES) Integer minutes,
            @NotBlank @Size(max = 120) String name,

            @NotNull @DecimalMin("0") @DecimalMax("1000") Double jitterMs) {}

    /** Where it stands now; taken out of the lesson when {@code isAway}, and put back again. */
    record ChangedRecording(
            @NotNull @Min(1) Integer version,
            @NotNull Instant startedAt,
            @NotNull Boolean isAway) {}

    /** The version it was changed from; 0 where there is none yet. */
    record NewBand(
            @NotNull @Min(0) Integer version,

            @NotNull @DecimalMin("0") @DecimalMax("300") Double lowKg,

            @NotNull @DecimalMin("0") @DecimalMax("300") Double highKg) {}

    @GetMapping("/lessons/{id}/contact")
    @Needs(Action.SEE_DEBRIEF)
    ContactView contact(@PathVariable UUID id) {
        return teller.view(lesson(id));
    }

    /** What was measured on an earlier day of the same pair, beside this lesson. */
    @GetMapping("/lessons/{id}/contact/beside/{earlier}")
    @Needs(Action.SEE_DEBRIEF)
    BesideView beside(@PathVariable UUID id, @PathVariable UUID earlier) {
        Lesson lesson = lesson(id);
        Lesson before = lesson(earlier);
        if (!before.pair().equals(lesson.pair())) {
            throw Problem.notFound();
        }
        return besides.beside(lesson, before);
    }

    /** How the reins were before the asks, beside the answers, over the pair's measured lessons up to this one. */
    @GetMapping("/lessons/{id}/contact/answers")
    @Needs(Action.SEE_DEBRIEF)
    AnswersView answers(@PathVariable UUID id) {
        return answers.beside(lesson(id));
    }

    /** 201 where it is new, 200 where it was announced before. */
    @PostMapping("/lessons/{id}/recordings")
    @Needs(Action.RECORD)
    ResponseEntity<Void> announce(@PathVariable UUID id, @Valid @RequestBody NewRecording wanted) {
        Lesson lesson = lesson(id);
        Recording recording = new Recording(
                wanted.id(),
                lesson.id(),
                Times.toMillis(wanted.startedAt()),
                wanted.rateHz(),
                wanted.minutes(),
                wanted.name(),
                wanted.jitterMs(),
                1,
                false,
                false);
        Times.refuseUnlessNear(lesson, recording.startedAt());
        List<Recording> there = reins.ofLesson(id);
        Optional<Recording> before =
                there.stream().filter(r -> r.id().equals(wanted.id())).findFirst();
        if (before.isPresent()) {
            if (!before.get().isSameHeading(recording)) {
                throw new Problem(
                        HttpStatus.CONFLICT,
                        "other_content",
                        "This recording was announced otherwise; begin a new one.");
            }
            return ResponseEntity.ok().build();
        }
        if (there.size() >= MOST_RECORDINGS) {
            throw new Problem(
                    HttpStatus.CONFLICT,
                    "too_many_recordings",
                    "A lesson holds %d recordings; take one that was taken out back in, or use another lesson."
                            .formatted(MOST_RECORDINGS));
        }
        if (recordings.bytes() >= mostBytes) {
            throw new Problem(
                    HttpStatus.INSUFFICIENT_STORAGE,
                    "no_room_for_recordings",
                    "The yard has no room left for recordings (%d MB); ask whoever runs it for more."
                            .formatted(mostBytes >> 20));
        }
        if (!recordings.add(recording, clock.instant())) {
            throw Problem.refused(List.of(new Issue("id_taken", "id", "an id of your own; this one is taken")));
        }
        return ResponseEntity.status(HttpStatus.CREATED).build();
    }

    /** A minute of it, as it is kept: 201 where it is new, 200 where the same was there. */
    @PutMapping("/lessons/{id}/recordings/{recording}/chunks/{place}")
    @Needs(Action.RECORD)
    ResponseEntity<Void> take(
            @PathVariable UUID id, @PathVariable UUID recording, @PathVariable int place, @RequestBody byte[] content) {
        Recording of = locked(id, recording);
        if (place < 0 || place >= of.minutes()) {
            throw Problem.notFound();
        }
        Chunk chunk =
                content.length > Chunk.MOST_BYTES ? null : Chunk.read(content).orElse(null);
        int whole = Chunk.whole(of.rateHz());
        boolean isLast = place == of.minutes() - 1;
        if (chunk == null || chunk.samples() > whole || (!isLast && chunk.samples() < whole)) {
            throw Problem.refused(List.of(new Issue(
                    "not_a_chunk",
                    "content",
                    "zlib of %d samples of the left rein, then as many of the right, 16-bit little-endian, −2000 to 30000; the last minute may have fewer"
                            .formatted(whole))));
        }
        StoredChunk sent = new StoredChunk(place, chunk.samples(), content);
        Optional<StoredChunk> there = recordings.chunk(recording, place);
        if (there.isPresent()) {
            if (!Arrays.equals(there.get().content(), content)) {
                throw new Problem(
                        HttpStatus.CONFLICT,
                        "other_content",
                        "This minute is here with other content; begin a new recording.");
            }
            return ResponseEntity.ok().build();
        }
        recordings.add(recording, sent);
        return ResponseEntity.status(HttpStatus.CREATED).build();
    }

    /** All of it was sent; refused while a minute is missing. */
    @PutMapping("/lessons/{id}/recordings/{recording}/whole")
    @Needs(Action.RECORD)
    ContactView whole(@PathVariable UUID id, @PathVariable UUID recording) {
        Recording of = locked(id, recording);
        Map<Integer, Integer> samples = recordings.samples(recording);
        if (samples.size() < of.minutes()) {
            throw new Problem(
                    HttpStatus.CONFLICT,
                    "not_whole",
                    "%d of %d minutes are here; send the others, then say so again."
                            .formatted(samples.size(), of.minutes()));
        }
        Lesson lesson = lesson(id);
        if (!of.isWhole()) {
            recordings.markWhole(recording, clock.instant());
            log.measuredAnew(lesson);
        }
        return teller.view(lesson);
    }

    @PutMapping("/lessons/{id}/recordings/{recording}")
    @Needs(Action.RECORD)
    ContactView change(
            @PathVariable UUID id, @PathVariable UUID recording, @Valid @RequestBody ChangedRecording wanted) {
        Recording of = locked(id, recording);
        if (of.version() != wanted.version()) {
            throw Problem.changedMeanwhile();
        }
        Lesson lesson = lesson(id);
        Instant startedAt = Times.toMillis(wanted.startedAt());
        Times.refuseUnlessNear(lesson, startedAt);
        recordings.change(recording, startedAt, wanted.isAway() ? clock.instant() : null);
        if (of.isWhole()) {
            log.measuredAnew(lesson);
        }
        return teller.view(lesson);
    }

    /** As it is kept; it never changes. */
    @GetMapping("/lessons/{id}/recordings/{recording}/chunks/{place}")
    @Needs(Action.SEE_DEBRIEF)
    ResponseEntity<byte[]> chunk(@PathVariable UUID id, @PathVariable UUID recording, @PathVariable int place) {
        found(id, recording);
        return recordings
                .chunk(recording, place)
                .map(c -> ResponseEntity.ok()
                        .contentType(MediaType.APPLICATION_OCTET_STREAM)
                        .cacheControl(CacheControl.noStore())
                        .body(c.content()))
                .orElseThrow(Problem::notFound);
    }

    /** As a table, a line a sample; empty where a rein was not measured. */
    @GetMapping("/lessons/{id}/recordings/{recording}/samples.csv")
    @Needs(Action.EXPORT)
    ResponseEntity<byte[]> samples(@PathVariable UUID id, @PathVariable UUID recording) {
        Recording of = found(id, recording);
        List<StoredChunk> chunks = reins.chunks(List.of(recording)).getOrDefault(recording, List.of());
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("text/csv;charset=utf-8"))
                .header("Content-Disposition", "attachment; filename=\"contact-" + recording + ".csv\"")
                .cacheControl(CacheControl.noStore())
                .body(SamplesTable.of(of.series(chunks)));
    }

    @PutMapping("/pairs/{id}/contact-band")
    @Needs(Action.EDIT_PAIR)
    ContactView.BandView band(@PathVariable UUID id, @Valid @RequestBody NewBand wanted) {
        pairs.find(id).orElseThrow(Problem::notFound);
        if (wanted.lowKg() >= wanted.highKg()) {
            throw Problem.refused(
                    List.of(new Issue("band_upside_down", "lowKg", "less than the upper edge of the band")));
        }
        if (!recordings.change(id, wanted.version(), wanted.lowKg(), wanted.highKg(), clock.instant())) {
            throw Problem.changedMeanwhile();
        }
        otherBand(id);
        return new ContactView.BandView(wanted.lowKg(), wanted.highKg(), wanted.version() + 1);
    }

    /** The last lesson that was measured is judged by another band at once, those before it soon. */
    private void otherBand(UUID pair) {
        List<UUID> measured = recordings.measured(pair);
        measured.stream().findFirst().ifPresent(last -> log.measuredAnew(lesson(last)));
        if (measured.size() > 1) {
            stale.markLessons(measured.subList(1, measured.size()));
            events.publishEvent(new RenewalDue());
        }
    }

    private Lesson lesson(UUID id) {
        return lessons.find(id).orElseThrow(Problem::notFound);
    }

    private Recording found(UUID lesson, UUID recording) {
        lesson(lesson);
        return reins.ofLesson(lesson).stream()
                .filter(r -> r.id().equals(recording))
                .findFirst()
                .orElseThrow(Problem::notFound);
    }

    /** To be changed. */
    private Recording locked(UUID lesson, UUID recording) {
        lesson(lesson);
        return recordings.locked(lesson, recording).orElseThrow(Problem::notFound);
    }
}
