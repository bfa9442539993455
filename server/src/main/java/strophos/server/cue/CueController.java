package strophos.server.cue;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.time.Clock;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import strophos.server.access.Action;
import strophos.server.access.Needs;
import strophos.server.problem.Problem;
import strophos.server.roster.PairRepository;

/** The cue book of a pair. */
@RestController
@RequestMapping("/api/v1/pairs/{id}/cues")
@Transactional
class CueController {

    private final PairRepository pairs;
    private final CueRepository cues;
    private final CueBooks books;
    private final Clock clock;

    CueController(PairRepository pairs, CueRepository cues, CueBooks books, Clock clock) {
        this.pairs = pairs;
        this.cues = cues;
        this.books = books;
        this.clock = clock;
    }

    /** A cue, and the version it was made from; 0 for a new one, whose id is made by the caller. */
    record NewCue(
            @NotNull @Min(0) Integer version,
            @NotNull @Valid CueForm cue) {}

    @GetMapping
    @Needs(Action.SEE_PLAN)
    CueBooks.Book book(@PathVariable UUID id) {
        pairs.find(id).orElseThrow(Problem::notFound);
        return books.of(id);
    }

    @PutMapping("/{cue}")
    @Needs(Action.EDIT_PAIR)
    CueBooks.Book change(@PathVariable UUID id, @PathVariable("cue") UUID cueId, @Valid @RequestBody NewCue wanted) {
        pairs.find(id).orElseThrow(Problem::notFound);
        if (wanted.version() == 0 && cues.count(id) >= CueRepository.MOST) {
            throw new Problem(
                    HttpStatus.CONFLICT,
                    "too_many_cues",
                    "This pair has %d cues; change one of them instead.".formatted(CueRepository.MOST));
        }
        if (!cues.change(id, cueId, wanted.version(), wanted.cue(), clock.instant())) {
            throw Problem.changedMeanwhile();
        }
        return books.of(id);
    }
}
