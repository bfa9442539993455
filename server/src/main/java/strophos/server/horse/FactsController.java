package strophos.server.horse;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import strophos.core.welfare.WeightShare;
import strophos.server.access.Action;
import strophos.server.access.Needs;
import strophos.server.contract.CanBeNull;
import strophos.server.problem.Issue;
import strophos.server.problem.Problem;
import strophos.server.roster.PairRepository;

/** The horse, and the weights of the pair. */
@RestController
@RequestMapping("/api/v1/pairs/{id}/facts")
@Transactional
class FactsController {

    private final PairRepository pairs;
    private final FactsRepository facts;
    private final Clock clock;

    FactsController(PairRepository pairs, FactsRepository facts, Clock clock) {
        this.pairs = pairs;
        this.facts = facts;
        this.clock = clock;
    }

    /**
     * Rider and tack of what the horse should weigh; null while a weight is not known.
     *
     * @param tapeKg what the horse weighs by its girth and length; null where they were not measured
     * @param overrule why this rider rides it all the same; null when nobody said, or it has got worse since
     */
    record FactsView(
            Facts facts,
            int version,
            @CanBeNull Double tapeKg,
            @CanBeNull Double weightShare,
            @CanBeNull WeightShare.Level weightLevel,
            @CanBeNull Overrule overrule) {}

    /** Why this rider rides this horse although another is advised; the id is made by the caller. */
    record NewOverrule(
            @NotNull UUID id, @NotBlank @Size(max = 400) String reason) {}

    /** New facts, and the version they were made from. */
    record NewFacts(
            @NotNull @Min(0) Integer version,
            @NotNull @Valid Facts facts) {}

    @GetMapping
    @Needs(Action.SEE_PLAN)
    FactsView facts(@PathVariable UUID id) {
        pairs.find(id).orElseThrow(Problem::notFound);
        return view(id);
    }

    @PutMapping
    @Needs(Action.EDIT_PAIR)
    FactsView change(@PathVariable UUID id, @Valid @RequestBody NewFacts wanted) {
        pairs.find(id).orElseThrow(Problem::notFound);
        if (!wanted.facts().isWayBackWhole()) {
            throw Problem.refused(List.of(new Issue(
                    "incomplete", "facts.backSince", "the day back, the weeks off and the minutes before, or none")));
        }
        if (!facts.change(id, wanted.version(), wanted.facts())) {
            throw Problem.changedMeanwhile();
        }
        return view(id);
    }

    @PostMapping("/overrule")
    @Needs(Action.EDIT_PAIR)
    @ResponseStatus(HttpStatus.CREATED)
    FactsView overrule(@PathVariable UUID id, @Valid @RequestBody NewOverrule wanted) {
        pairs.find(id).orElseThrow(Problem::notFound);
        WeightShare share = HorseReader.weightShare(facts.of(id).facts())
                .filter(w -> w.level() == WeightShare.Level.ANOTHER_HORSE)
                .orElseThrow(() -> new Problem(
                        HttpStatus.CONFLICT,
                        "nothing_to_overrule",
                        "Rider and tack are within the guideline; there is nothing to overrule."));
        facts.overrule(
                id,
                wanted.id(),
                new Overrule(HorseReader.percent(share), wanted.reason().strip(), "", clock.instant()));
        return view(id);
    }

    private FactsView view(UUID id) {
        FactsVersion now = facts.of(id);
        Optional<WeightShare> share = HorseReader.weightShare(now.facts());
        OptionalDouble tape = now.facts().tapeKg();
        return new FactsView(
                now.facts(),
                now.version(),
                tape.isEmpty() ? null : tape.getAsDouble(),
                share.map(WeightShare::share).orElse(null),
                share.map(WeightShare::level).orElse(null),
                HorseReader.overrule(now).orElse(null));
    }
}
