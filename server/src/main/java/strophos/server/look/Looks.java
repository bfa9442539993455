package strophos.server.look;

import java.time.Clock;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jooq.Field;
import org.jooq.Record;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import strophos.catalogue.Schools;
import strophos.core.look.Focus;
import strophos.core.look.FocusBook;
import strophos.core.look.FocusKind;
import strophos.core.welfare.GroundAndWeather;
import strophos.server.horse.WorkDone;
import strophos.server.horse.WorkRepository;
import strophos.server.lesson.Lesson;
import strophos.server.lesson.LessonRepository;
import strophos.server.lesson.LessonWith;
import strophos.server.outing.OutingRepository;
import strophos.server.outing.StoredOuting;
import strophos.server.problem.Issue;
import strophos.server.problem.Problem;
import tools.jackson.databind.json.JsonMapper;

/** A lesson's first look, the focus that follows, and the coach's choice against it. */
@Service
@Transactional
public class Looks {

    private final LessonRepository lessons;
    private final LookRepository looks;
    private final WorkRepository work;
    private final OutingRepository outings;
    private final Schools schools;
    private final Clock clock;
    private final JsonMapper json;

    Looks(
            LessonRepository lessons,
            LookRepository looks,
            WorkRepository work,
            OutingRepository outings,
            Schools schools,
            Clock clock,
            JsonMapper json) {
        this.lessons = lessons;
        this.looks = looks;
        this.work = work;
        this.outings = outings;
        this.schools = schools;
        this.clock = clock;
        this.json = json;
    }

    /**
     * All there is of a lesson's look.
     *
     * @param work what the horse did in the weeks before
     * @param day ground and weather, as the lesson's log says them
     * @param outings of the horse, those that count last first
     */
    public record OfLesson(
            Lesson lesson,
            Optional<StoredLook> looked,
            Optional<Focus> focus,
            Optional<FocusChoice> choice,
            List<WorkDone> work,
            GroundAndWeather day,
            List<StoredOuting> outings) {}

    /** The same, and what else was asked for in the same statement. */
    public record OfLessonWith(OfLesson of, Record also) {}

    public OfLesson of(UUID lessonId) {
        return with(lessonId, List.of()).of();
    }

    /** @param further fields that follow from the lesson and its pair */
    public OfLessonWith with(UUID lessonId, List<Field<?>> further) {
        Field<Optional<StoredLook>> looked = looks.looked();
        Field<Optional<FocusChoice>> chosen = looks.chosen();
        Field<List<WorkDone>> done = work.before(clock.instant());
        Field<List<StoredOuting>> away = outings.ofPairsHorse();
        List<Field<?>> also = new ArrayList<>(LookRepository.DAY);
        also.addAll(List.of(looked, chosen, done, away));
        also.addAll(further);
        LessonWith found = lessons.find(lessonId, also).orElseThrow(Problem::notFound);
        Optional<StoredLook> look = found.also().get(looked);
        OfLesson of = new OfLesson(
                found.lesson(),
                look,
                look.map(l -> FocusBook.DEFAULT.of(
                        l.look(), schools.strands(found.lesson().teaching()))),
                found.also().get(chosen),
                found.also().get(done),
                LookRepository.day(found.also()),
                found.also().get(away));
        return new OfLessonWith(of, found.also());
    }

    /** Keeps what the coach works on beside what was advised; what must not be ridden cannot be chosen away. */
    public void choose(UUID lessonId, UUID id, List<FocusKind> chosen, String reason, Instant at) {
        OfLesson of = of(lessonId);
        if (chosen.contains(FocusKind.HELP_FIRST)) {
            throw Problem.refused(
                    List.of(new Issue("form", "chosen", "what is ridden; help first is for a look to find")));
        }
        if (of.focus()
                .filter(f -> f.limits().contains(Focus.Limit.NOTHING_RIDDEN))
                .isPresent()) {
            throw new Problem(
                    HttpStatus.CONFLICT,
                    "help_first",
                    "Signs of pain or an uneven step: nothing is ridden until somebody licensed has looked.");
        }
        List<FocusKind> advised = of.focus().map(Focus::kinds).orElse(List.of());
        looks.choose(
                lessonId,
                new FocusChoice(id, chosen, advised, reason, "", at),
                of.focus().map(Focus::book).orElse(FocusBook.BOOK),
                json.writeValueAsString(of.focus().map(FocusView::of)));
    }
}
