package strophos.server.lesson;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotNull;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
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
import strophos.core.school.School;
import strophos.core.school.Teaching;
import strophos.core.stair.RungState;
import strophos.core.state.PairState;
import strophos.server.access.Action;
import strophos.server.access.Needs;
import strophos.server.contract.CanBeNull;
import strophos.server.live.Teller;
import strophos.server.problem.Issue;
import strophos.server.problem.Problem;
import strophos.server.roster.PairRepository;
import strophos.server.stair.StairReader;
import strophos.server.state.PairStates;

/** Today's lessons, and new ones. */
@RestController
@RequestMapping("/api/v1")
@Transactional
class LessonController {

    private final LessonRepository lessons;
    private final PairRepository pairs;
    private final PairStates states;
    private final StairReader stairs;
    private final Teller news;
    private final Clock clock;

    LessonController(
            LessonRepository lessons,
            PairRepository pairs,
            PairStates states,
            StairReader stairs,
            Teller news,
            Clock clock) {
        this.lessons = lessons;
        this.pairs = pairs;
        this.states = states;
        this.stairs = stairs;
        this.news = news;
        this.clock = clock;
    }

    /** A lesson of the day, with the rungs its pair is working on, whether it is held on video, and how far along its thread it is. */
    record TodaysLesson(
            Lesson lesson, List<StairReader.Step> inWork, boolean isOnVideo, boolean isLooked, boolean isPlanned) {}

    record Today(LocalDate date, List<TodaysLesson> lessons) {}

    /**
     * A lesson to be held; the id is made by the caller. One without a time is held now.
     *
     * @param isOnVideo null: it is met for
     */
    record NewLesson(
            @NotNull UUID id,
            @NotNull UUID pair,
            @CanBeNull Instant plannedAt,
            @NotNull @Min(5) @Max(180) Integer minutes,
            @CanBeNull Boolean isOnVideo) {}

    record NewLessonId(UUID id) {}

    @GetMapping("/today")
    @Needs(Action.SEE_TODAY)
    Today today() {
        ZoneId zone = lessons.zone();
        LocalDate date = LocalDate.ofInstant(clock.instant(), zone);
        Instant from = date.atStartOfDay(zone).toInstant();
        Instant to = date.plusDays(1).atStartOfDay(zone).toInstant();
        List<Lesson> today = lessons.between(from, to);
        Map<UUID, PairState> now =
                states.now(today.stream().map(Lesson::pair).distinct().toList());
        Map<UUID, Preparation> threads =
                lessons.threads(today.stream().map(Lesson::id).toList());
        return new Today(
                date,
                today.stream()
                        .map(l -> new TodaysLesson(
                                l,
                                inWork(now.get(l.pair()), l.teaching()),
                                threads.get(l.id()).isOnVideo(),
                                threads.get(l.id()).isLooked(),
                                threads.get(l.id()).isPlanned()))
                        .toList());
    }

    private List<StairReader.Step> inWork(PairState state, Teaching teaching) {
        return stairs.steps(state, teaching).stream()
                .filter(s -> s.state() == RungState.IN_WORK || s.state() == RungState.OPEN)
                .toList();
    }

    /** @param school null: the pair's own */
    record SchoolToBorrow(@CanBeNull School school) {}

    /** The school this lesson borrows, until it begins: then what was ridden keeps the school it was ridden in. */
    @PutMapping("/lessons/{id}/school")
    @Needs(Action.PLAN)
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void borrow(@PathVariable UUID id, @Valid @RequestBody SchoolToBorrow wanted) {
        Lesson lesson = lessons.find(id).orElseThrow(Problem::notFound);
        if (lesson.startedAt() != null) {
            throw new Problem(
                    HttpStatus.CONFLICT,
                    "begun",
                    "The lesson has begun. On Ride a stretch of it can borrow another school.");
        }
        lessons.borrow(id, wanted.school());
        news.changedLesson(id, lesson.pair());
    }

    @PostMapping("/lessons")
    @Needs(Action.ADD_LESSON)
    @ResponseStatus(HttpStatus.CREATED)
    NewLessonId add(@Valid @RequestBody NewLesson lesson) {
        if (pairs.find(lesson.pair()).isEmpty()) {
            throw Problem.refused(List.of(new Issue("unknown_id", "pair", "a pair of this yard")));
        }
        if (lessons.find(lesson.id()).isEmpty()) {
            Instant now = clock.instant();
            lessons.add(
                    lesson.id(),
                    lesson.pair(),
                    PlannedAt.of(lesson.plannedAt(), now),
                    lesson.minutes(),
                    Boolean.TRUE.equals(lesson.isOnVideo()),
                    now);
            news.changedLesson(lesson.id(), lesson.pair());
        }
        return new NewLessonId(lesson.id());
    }
}
