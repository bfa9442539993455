package strophos.server.intake;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.util.List;
import java.util.UUID;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import strophos.server.access.Action;
import strophos.server.access.Needs;
import strophos.server.contract.CanBeNull;
import strophos.server.problem.Issue;
import strophos.server.problem.Problem;
import strophos.server.roster.Pair;
import strophos.server.roster.PairRepository;

/** What was asked when horse, rider and pair were met; each part is changed by itself. */
@RestController
@RequestMapping("/api/v1/pairs/{id}/intake")
@Transactional
class IntakeController {

    private final PairRepository pairs;
    private final IntakeRepository intakes;
    private final Clock clock;

    IntakeController(PairRepository pairs, IntakeRepository intakes, Clock clock) {
        this.pairs = pairs;
        this.intakes = intakes;
        this.clock = clock;
    }

    /** All three parts, and the goal in the rider's words. */
    record IntakeView(
            String horseName,
            String riderName,
            @CanBeNull String goal,
            HorseIntake horse,
            int horseVersion,
            RiderIntake rider,
            int riderVersion,
            PairIntake together,
            int togetherVersion) {}

    /** The version it was made from. */
    record NewHorseIntake(
            @NotNull @Min(0) Integer version,
            @NotNull @Valid HorseIntake horse) {}

    record NewRiderIntake(
            @NotNull @Min(0) Integer version,
            @NotNull @Valid RiderIntake rider) {}

    /** The goal goes with what is known of the pair. */
    record NewPairIntake(
            @NotNull @Min(0) Integer version,
            @Size(max = HorseIntake.TEXT) @CanBeNull String goal,
            @NotNull @Valid PairIntake together) {}

    @GetMapping
    @Needs(Action.SEE_PLAN)
    IntakeView intake(@PathVariable UUID id) {
        return view(pair(id));
    }

    @PutMapping("/horse")
    @Needs(Action.EDIT_PAIR)
    IntakeView horse(@PathVariable UUID id, @Valid @RequestBody NewHorseIntake wanted) {
        Pair pair = pair(id);
        refuseUnless(intakes.changeHorse(pair.horseId(), wanted.version(), wanted.horse(), clock.instant()));
        return view(pair);
    }

    @PutMapping("/rider")
    @Needs(Action.EDIT_PAIR)
    IntakeView rider(@PathVariable UUID id, @Valid @RequestBody NewRiderIntake wanted) {
        Pair pair = pair(id);
        refuseUnless(intakes.changeRider(pair.riderId(), wanted.version(), wanted.rider(), clock.instant()));
        return view(pair);
    }

    @PutMapping("/together")
    @Needs(Action.EDIT_PAIR)
    IntakeView together(@PathVariable UUID id, @Valid @RequestBody NewPairIntake wanted) {
        PairIntake.HeadHeight head = wanted.together().head();
        if (head != null && head.leastCm() > head.mostCm()) {
            throw Problem.refused(List.of(
                    new Issue("upside_down", "together.head.leastCm", "no higher than where the ears are at most")));
        }
        Pair pair = pair(id);
        refuseUnless(intakes.changePair(pair.id(), wanted.version(), wanted.together(), clock.instant()));
        intakes.setGoal(id, wanted.goal());
        return view(pair(id));
    }

    private Pair pair(UUID id) {
        return pairs.find(id).orElseThrow(Problem::notFound);
    }

    private static void refuseUnless(boolean isChanged) {
        if (!isChanged) {
            throw Problem.changedMeanwhile();
        }
    }

    private IntakeView view(Pair pair) {
        Intakes now = intakes.of(pair.id());
        return new IntakeView(
                pair.horse(),
                pair.rider(),
                pair.goal(),
                now.horse(),
                now.horseVersion(),
                now.rider(),
                now.riderVersion(),
                now.pair(),
                now.pairVersion());
    }
}
