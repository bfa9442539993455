package strophos.server.homework;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.UUID;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import strophos.core.homework.Feel;
import strophos.core.pause.StopSign;
import strophos.server.access.Action;
import strophos.server.access.Needs;
import strophos.server.contract.CanBeNull;

/** The rider's phone: cards out, reports in. */
@RestController
@RequestMapping("/api/v1")
class PracticeController {

    private final Practices practising;
    private final Clock clock;

    PracticeController(Practices practising, Clock clock) {
        this.practising = practising;
        this.clock = clock;
    }

    /** The cards as they stand, and the server's clock for the device's. */
    record Cards(List<Practices.OwnPair> pairs, long serverMs) {}

    /** A report as sent; the id is made by the device. Counts are both 0 where none were made. */
    record NewPractice(
            @NotNull UUID id,
            @NotNull UUID assignment,
            @NotNull UUID author,
            @NotNull @Min(0) @Max(20) Integer step,
            @NotBlank @Size(max = 100) String rung,
            @NotNull Instant startedAt,
            @NotNull @Min(0) @Max(14_400) Integer leftS,
            @NotNull @Min(0) @Max(14_400) Integer rightS,
            @NotNull Feel feel,
            @NotNull @Min(0) @Max(200) Integer leftGood,
            @NotNull @Min(0) @Max(200) Integer leftCounted,
            @NotNull @Min(0) @Max(200) Integer rightGood,
            @NotNull @Min(0) @Max(200) Integer rightCounted,
            @NotNull @Size(max = 16) List<@NotNull StopSign> stopSigns,
            @Size(max = 600) @CanBeNull String question,
            @NotNull Boolean secondBest) {

        Practice practice() {
            return new Practice(
                    id,
                    assignment,
                    author,
                    step,
                    rung,
                    // as exact as the database keeps it, so that the same report is the same
                    startedAt.truncatedTo(ChronoUnit.MILLIS),
                    leftS,
                    rightS,
                    feel,
                    leftGood,
                    leftCounted,
                    rightGood,
                    rightCounted,
                    stopSigns.stream().distinct().sorted().toList(),
                    question,
                    secondBest,
                    false);
        }
    }

    record Reports(@NotNull @Size(max = 100) List<@NotNull @Valid NewPractice> practices) {}

    record ReportAnswers(List<Practices.PracticeAnswer> answers) {}

    @GetMapping("/practice")
    @Needs(Action.PRACTISE)
    Cards cards() {
        return new Cards(practising.cards(clock.instant()), clock.millis());
    }

    @PostMapping("/practices")
    @Needs(Action.PRACTISE)
    ReportAnswers take(@Valid @RequestBody Reports reports) {
        return new ReportAnswers(practising.take(
                reports.practices().stream().map(NewPractice::practice).toList(), clock.instant()));
    }
}
