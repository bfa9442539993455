package strophos.server.pair;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import strophos.core.welfare.WeightShare;
import strophos.server.access.Action;
import strophos.server.access.Needs;
import strophos.server.contract.CanBeNull;
import strophos.server.problem.Issue;
import strophos.server.problem.Problem;

/** The horse, and the weights of the pair. */
@RestController
@RequestMapping("/api/v1/pairs/{id}/facts")
@Transactional
class FactsController {

    private final PairRepository pairs;
    private final FactsRepository facts;

    FactsController(PairRepository pairs, FactsRepository facts) {
        this.pairs = pairs;
        this.facts = facts;
    }

    /** Rider and tack of the horse's weight; null while a weight is not known. */
    record FactsView(
            Facts facts,
            int version,
            @CanBeNull Double weightShare,
            @CanBeNull WeightShare.Level weightLevel) {}

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
            throw new Problem(
                    HttpStatus.PRECONDITION_FAILED,
                    "changed_meanwhile",
                    "Somebody changed this meanwhile; look at it again, then change it.");
        }
        return view(id);
    }

    private FactsView view(UUID id) {
        FactsRepository.Versioned now = facts.of(id);
        return HorseReader.weightShare(now.facts())
                .map(w -> new FactsView(now.facts(), now.version(), w.share(), w.level()))
                .orElseGet(() -> new FactsView(now.facts(), now.version(), null, null));
    }
}
