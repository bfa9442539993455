package strophos.server.ground;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jooq.Field;
import org.jooq.Record;
import org.springframework.stereotype.Component;
import strophos.core.arena.Arena;
import strophos.core.setout.OwnPace;
import strophos.core.stride.StrideMeasure;
import strophos.server.horse.HeightAndBorn;
import strophos.server.lesson.Lesson;
import strophos.server.look.LookRepository;
import strophos.server.look.StoredLook;
import strophos.server.stride.HeightAndStrides;
import strophos.server.stride.StrideRepository;

/** Tells what stands in a lesson, and what the ground must suit; both ride along where the lesson is read. */
@Component
public class LessonGrounds {

    private final GroundRepository grounds;
    private final StrideRepository strides;
    private final LookRepository looks;

    LessonGrounds(GroundRepository grounds, StrideRepository strides, LookRepository looks) {
        this.grounds = grounds;
        this.strides = strides;
        this.looks = looks;
    }

    /** What is asked for beside a lesson, to be told from its row. */
    public GroundFields fields() {
        return new GroundFields(
                grounds.ofLesson().as("ground_of_lesson"),
                strides.latestOfPairsHorse().as("strides_of_horse"),
                looks.lastOfPair(GroundHorses.LOOKS).as("looks_of_pair"));
    }

    /**
     * A lesson's ground.
     *
     * @param stands empty where nobody ever set anything up; without things where it was cleared again
     */
    public record OfLesson(HorseHere horse, Optional<LessonGroundView> stands) {}

    /** Fields of one statement. */
    public record GroundFields(
            Field<Optional<StoredLessonGround>> ground,
            Field<List<StrideMeasure>> strides,
            Field<List<StoredLook>> looks) {

        public List<Field<?>> all() {
            return List.of(ground, strides, looks);
        }

        /** @param also the row that was read with them */
        public OfLesson of(Lesson lesson, Record also, HeightAndBorn known, LocalDate day) {
            HorseHere horse = GroundHorses.horse(
                    lesson.pair(),
                    lesson.horse(),
                    lesson.rider(),
                    new HeightAndStrides(known, also.get(strides)),
                    also.get(looks),
                    day);
            return new OfLesson(horse, also.get(ground).map(g -> view(g, List.of(horse))));
        }
    }

    /** The arena of a lesson that was found to be visible; empty where nobody said which. */
    public Optional<Arena> arena(UUID lesson) {
        return grounds.arenaOf(lesson);
    }

    static LessonGroundView view(StoredLessonGround g, List<HorseHere> horses) {
        GroundTeller teller = new GroundTeller(g.arena(), g.pace(), g.variant(), OwnPace.USUAL, horses);
        return new LessonGroundView(
                g.version(),
                g.pace(),
                g.variant(),
                g.things(),
                new GroundView(
                        GroundTeller.view(g.arenaId(), g.arenaName(), g.arena()),
                        teller.horses(),
                        teller.tell(g.things()).stream()
                                .map(GroundView.ThingView::withoutTapes)
                                .toList()));
    }
}
