package strophos.server.debrief;

import jakarta.validation.Valid;
import java.time.Clock;
import java.util.List;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import strophos.server.access.Action;
import strophos.server.access.Needs;
import strophos.server.stair.PastDecision;

/** A lesson's debrief and the coach's decisions. */
@RestController
@RequestMapping("/api/v1/lessons/{id}")
class DebriefController {

    private final Debrief debrief;
    private final Decide decide;
    private final Clock clock;

    DebriefController(Debrief debrief, Decide decide, Clock clock) {
        this.debrief = debrief;
        this.decide = decide;
        this.clock = clock;
    }

    @GetMapping("/debrief")
    @Needs(Action.SEE_DEBRIEF)
    DebriefView debrief(@PathVariable UUID id) {
        return debrief.view(id);
    }

    @PostMapping("/decisions")
    @Needs(Action.DECIDE)
    @ResponseStatus(HttpStatus.CREATED)
    PastDecision decide(@PathVariable UUID id, @Valid @RequestBody NewDecision decision) {
        return decide.make(id, decision, clock.instant());
    }

    @PostMapping("/decisions/agreed")
    @Needs(Action.DECIDE)
    @ResponseStatus(HttpStatus.CREATED)
    List<PastDecision> agree(@PathVariable UUID id, @Valid @RequestBody AgreedAdvice agreed) {
        return decide.agree(id, agreed, clock.instant());
    }
}
