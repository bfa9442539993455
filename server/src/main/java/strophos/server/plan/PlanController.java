package strophos.server.plan;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
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

/** A lesson's plan. */
@RestController
@RequestMapping("/api/v1/lessons/{id}/plan")
@Transactional
class PlanController {

    private final Plans plans;
    private final Clock clock;

    PlanController(Plans plans, Clock clock) {
        this.plans = plans;
        this.clock = clock;
    }

    /** A plan to keep, and the version it was made from; 0 for the proposal. The latch is null where no fault has a key of its own. */
    record NewPlan(
            @NotNull @Min(0) Integer version,
            @NotNull @Size(max = 8) List<@NotNull @Valid WantedBlock> blocks,
            @CanBeNull @Valid LessonLatch latch) {}

    /** A plan under the hand, not let go yet. */
    record PlanOnTrial(@NotNull @Size(max = 8) List<@NotNull @Valid WantedBlock> blocks) {}

    @GetMapping
    @Needs(Action.SEE_PLAN)
    Plans.PlannedLesson plan(@PathVariable UUID id) {
        return plans.view(id, clock.instant());
    }

    /** What would be said of these blocks; nothing is kept. */
    @PostMapping("/trial")
    @Needs(Action.PLAN)
    Plans.TriedPlan trial(@PathVariable UUID id, @Valid @RequestBody PlanOnTrial wanted) {
        return plans.trial(id, wanted.blocks(), clock.instant());
    }

    @PutMapping
    @Needs(Action.PLAN)
    Plans.PlannedLesson keep(@PathVariable UUID id, @Valid @RequestBody NewPlan wanted) {
        plans.keep(
                id,
                wanted.version(),
                new PlanToKeep(wanted.blocks(), Optional.ofNullable(wanted.latch())),
                clock.instant());
        return plans.view(id, clock.instant());
    }
}
