package strophos.server.ground;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.util.List;
import java.util.UUID;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import strophos.core.stride.Pace;
import strophos.core.stride.Variant;
import strophos.server.access.Action;
import strophos.server.access.Needs;
import strophos.server.lesson.Lesson;
import strophos.server.lesson.LessonRepository;
import strophos.server.problem.Problem;

/** What stands on the ground in a lesson. */
@RestController
@RequestMapping("/api/v1/lessons/{id}/ground")
@Transactional
class LessonGroundController {

    private final GroundRepository ground;
    private final Arenas arenas;
    private final LessonRepository lessons;
    private final GroundHorses horses;
    private final Clock clock;

    LessonGroundController(
            GroundRepository ground, Arenas arenas, LessonRepository lessons, GroundHorses horses, Clock clock) {
        this.ground = ground;
        this.arenas = arenas;
        this.lessons = lessons;
        this.horses = horses;
        this.clock = clock;
    }

    /** The version it was made from; 0 where nothing ever stood. Without things it is cleared. */
    record NewLessonGround(
            @NotNull @Min(0) Integer version,
            @NotBlank @Size(max = 36) String arena,
            @NotNull Pace pace,
            @NotNull Variant variant,

            @NotNull @Size(max = GroundController.MOST_THINGS)
            List<@NotNull @Valid WantedThing> things) {}

    @PutMapping
    @Needs(Action.PLAN)
    LessonGroundView change(@PathVariable UUID id, @Valid @RequestBody NewLessonGround wanted) {
        WantedThing.refuseIf(WantedThing.issues(wanted.things()));
        GroundController.refuseVariant(wanted.pace(), wanted.variant());
        Lesson found = lessons.find(id).orElseThrow(Problem::notFound);
        Arenas.Named arena = arenas.named(wanted.arena());
        if (!ground.change(
                id,
                wanted.version(),
                arena.id().orElse(null),
                Standard.of(wanted.arena()).orElse(null),
                new LessonSetUp(wanted.pace(), wanted.variant(), wanted.things()),
                clock.instant())) {
            throw Problem.changedMeanwhile();
        }
        return LessonGrounds.view(
                new StoredLessonGround(
                        wanted.version() + 1,
                        wanted.arena(),
                        arena.name(),
                        arena.arena(),
                        wanted.pace(),
                        wanted.variant(),
                        wanted.things()),
                horses.of(List.of(found.pair())));
    }
}
