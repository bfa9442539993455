package strophos.server.horse;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import strophos.catalogue.PainBehaviour;
import strophos.catalogue.TackRoom;
import strophos.core.welfare.PainChecklist;
import strophos.server.access.Action;
import strophos.server.access.Needs;
import strophos.server.problem.Issue;
import strophos.server.problem.Problem;
import strophos.server.roster.Pair;
import strophos.server.roster.PairRepository;

/** The twenty-four behaviours, asked one by one and counted. */
@RestController
@RequestMapping("/api/v1/pairs/{id}/pain-counts")
@Transactional
class PainCountController {

    /** So many earlier counts are shown. */
    private static final int SHOWN = 6;

    private final PairRepository pairs;
    private final PainCountRepository counts;
    private final TackRoom room;
    private final Clock clock;

    PainCountController(PairRepository pairs, PainCountRepository counts, TackRoom room, Clock clock) {
        this.pairs = pairs;
        this.counts = counts;
        this.room = room;
        this.clock = clock;
    }

    /** @param isVetFirst as many as call for a vet before more training */
    record CountView(UUID id, List<String> seen, int count, boolean isVetFirst, String by, Instant at) {}

    /** The questions, in the order in which they are asked; the last counts of the horse, the latest first. */
    record PainCountsView(String horse, List<PainBehaviour> questions, int vetFrom, List<CountView> counts) {}

    /** What was seen of the list; the id is made by the caller. */
    record NewPainCount(
            @NotNull UUID id,
            @NotNull @Size(max = PainChecklist.BEHAVIOURS) Set<@NotNull @Size(max = 64) String> seen) {}

    @GetMapping
    @Needs(Action.SEE_PLAN)
    PainCountsView counts(@PathVariable UUID id) {
        return view(pairs.find(id).orElseThrow(Problem::notFound));
    }

    @PostMapping
    @Needs(Action.RECORD)
    @ResponseStatus(HttpStatus.CREATED)
    PainCountsView add(@PathVariable UUID id, @Valid @RequestBody NewPainCount wanted) {
        Pair pair = pairs.find(id).orElseThrow(Problem::notFound);
        Set<String> listed = room.behaviours().stream().map(PainBehaviour::id).collect(Collectors.toSet());
        if (!listed.containsAll(wanted.seen())) {
            throw Problem.refused(List.of(new Issue("unknown_id", "seen", "behaviours of the list")));
        }
        counts.add(
                id,
                wanted.id(),
                room.behaviours().stream()
                        .map(PainBehaviour::id)
                        .filter(wanted.seen()::contains)
                        .toList(),
                clock.instant());
        return view(pair);
    }

    private PainCountsView view(Pair pair) {
        return new PainCountsView(
                pair.horse(),
                room.behaviours(),
                PainChecklist.VET_FROM,
                counts.ofHorse(pair.horseId(), SHOWN).stream()
                        .map(c -> new CountView(
                                c.id(),
                                c.seen(),
                                c.seen().size(),
                                new PainChecklist(c.seen().size()).isVetFirst(),
                                c.by(),
                                c.at()))
                        .toList());
    }
}
