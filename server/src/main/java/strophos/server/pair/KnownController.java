package strophos.server.pair;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.UUID;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import strophos.core.welfare.PainChecklist;
import strophos.server.access.Action;
import strophos.server.access.Needs;
import strophos.server.contract.CanBeNull;
import strophos.server.cue.CueBooks;
import strophos.server.horse.PainCount;
import strophos.server.horse.PainCountRepository;
import strophos.server.intake.IntakeInShort;
import strophos.server.intake.IntakeRepository;
import strophos.server.lesson.LessonRepository;
import strophos.server.problem.Problem;
import strophos.server.roster.Pair;
import strophos.server.roster.PairRepository;
import strophos.server.tack.TackInShort;
import strophos.server.tack.TackRepository;

/** What is known of a pair beside its lessons, in a few lines for its page. */
@RestController
@RequestMapping("/api/v1/pairs/{id}/known")
@Transactional
class KnownController {

    private final PairRepository pairs;
    private final LessonRepository lessons;
    private final IntakeRepository intakes;
    private final TackRepository tack;
    private final CueBooks cues;
    private final PainCountRepository counts;
    private final Clock clock;

    KnownController(
            PairRepository pairs,
            LessonRepository lessons,
            IntakeRepository intakes,
            TackRepository tack,
            CueBooks cues,
            PainCountRepository counts,
            Clock clock) {
        this.pairs = pairs;
        this.lessons = lessons;
        this.intakes = intakes;
        this.tack = tack;
        this.cues = cues;
        this.counts = counts;
        this.clock = clock;
    }

    /** The last count of behaviours under the rider. */
    record LastCount(int count, int of, boolean isVetFirst, Instant at) {

        static LastCount of(PainCount c) {
            int seen = c.seen().size();
            return new LastCount(seen, PainChecklist.BEHAVIOURS, new PainChecklist(seen).isVetFirst(), c.at());
        }
    }

    /** @param count null while nobody has counted */
    record KnownView(
            IntakeInShort intake,
            TackInShort tack,
            CueBooks.InShort cues,
            @CanBeNull LastCount count) {}

    @GetMapping
    @Needs(Action.SEE_PLAN)
    KnownView known(@PathVariable UUID id) {
        Pair pair = pairs.find(id).orElseThrow(Problem::notFound);
        LocalDate today = LocalDate.ofInstant(clock.instant(), lessons.zone());
        return new KnownView(
                intakes.inShort(id),
                tack.inShort(id, today),
                cues.inShort(id),
                counts.ofHorse(pair.horseId(), 1).stream()
                        .findFirst()
                        .map(LastCount::of)
                        .orElse(null));
    }
}
