package strophos.server.watch;

import java.time.Clock;
import java.time.LocalDate;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import strophos.server.access.Action;
import strophos.server.access.Needs;
import strophos.server.problem.Problem;
import strophos.server.roster.PairRepository;
import strophos.server.rules.YardSettings;

/** What a pair has on watch, and what of it need not be watched any longer. */
@RestController
@RequestMapping("/api/v1/pairs/{id}/watch")
@Transactional
class WatchController {

    private final PairRepository pairs;
    private final WatchRepository watch;
    private final YardSettings settings;
    private final Clock clock;

    WatchController(PairRepository pairs, WatchRepository watch, YardSettings settings, Clock clock) {
        this.pairs = pairs;
        this.watch = watch;
        this.settings = settings;
        this.clock = clock;
    }

    @GetMapping
    @Needs(Action.SEE_LOOK)
    WatchList watch(@PathVariable UUID id) {
        pairs.find(id).orElseThrow(Problem::notFound);
        return watch.list(id, LocalDate.ofInstant(clock.instant(), settings.zone()), settings.zone());
    }

    /** It is not asked any longer. */
    @PutMapping("/{watch}/end")
    @Needs(Action.EDIT_PAIR)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void end(@PathVariable UUID id, @PathVariable("watch") UUID item) {
        refuseUnlessOf(id, item);
        watch.end(item, clock.instant());
    }

    /** It is asked again, as long as it was meant to be. */
    @DeleteMapping("/{watch}/end")
    @Needs(Action.EDIT_PAIR)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void goOn(@PathVariable UUID id, @PathVariable("watch") UUID item) {
        refuseUnlessOf(id, item);
        watch.goOn(item);
    }

    private void refuseUnlessOf(UUID pair, UUID item) {
        pairs.find(pair).orElseThrow(Problem::notFound);
        if (!watch.isOf(pair, item)) {
            throw Problem.notFound();
        }
    }
}
