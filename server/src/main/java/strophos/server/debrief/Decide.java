package strophos.server.debrief;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import strophos.catalogue.Catalogue;
import strophos.core.progress.Advice;
import strophos.core.stair.Rung;
import strophos.core.stair.RungId;
import strophos.server.lesson.Lesson;
import strophos.server.lesson.LessonRepository;
import strophos.server.live.Teller;
import strophos.server.problem.Issue;
import strophos.server.problem.Problem;
import strophos.server.stair.DecisionRepository;
import strophos.server.stair.PastDecision;
import strophos.server.state.PairStates;
import tools.jackson.databind.json.JsonMapper;

/** Keeps what the coach chose beside what was advised, with the numbers of that moment. */
@Service
@Transactional
public class Decide {

    private final LessonRepository lessons;
    private final DecisionRepository decisions;
    private final Debrief debrief;
    private final PairStates states;
    private final Teller news;
    private final Catalogue catalogue;
    private final JsonMapper json;

    Decide(
            LessonRepository lessons,
            DecisionRepository decisions,
            Debrief debrief,
            PairStates states,
            Teller news,
            Catalogue catalogue,
            JsonMapper json) {
        this.lessons = lessons;
        this.decisions = decisions;
        this.debrief = debrief;
        this.states = states;
        this.news = news;
        this.catalogue = catalogue;
        this.json = json;
    }

    /** Keeps the decision as made at this time; a repeated id answers what was made before. */
    public PastDecision make(UUID lessonId, NewDecision wanted, Instant at) {
        Lesson lesson = lessons.find(lessonId).orElseThrow(Problem::notFound);
        Optional<PastDecision> before = decisions.find(wanted.id());
        if (before.isPresent()) {
            return before.get();
        }
        return make(lesson, wanted, debrief.advice(lesson, rung(wanted.rung())), at);
    }

    /** Keeps that the coach goes with the advice on each of these rungs: all of them, or none where one has changed. */
    public List<PastDecision> agree(UUID lessonId, AgreedAdvice agreed, Instant at) {
        Lesson lesson = lessons.find(lessonId).orElseThrow(Problem::notFound);
        List<NewDecision> wanted = agreed.wanted().stream()
                .filter(w -> decisions.find(w.id()).isEmpty())
                .toList();
        List<Rung> rungs = wanted.stream().map(w -> rung(w.rung())).distinct().toList();
        if (!rungs.isEmpty()) {
            Map<RungId, Advice> advice = debrief.advice(lesson, rungs);
            wanted.forEach(w -> keep(lesson, w, advice.get(rung(w.rung()).id()), at));
            tell(lesson, at);
        }
        return agreed.wanted().stream()
                .map(w -> decisions.find(w.id()).orElseThrow())
                .toList();
    }

    private Rung rung(String id) {
        return catalogue
                .rung(id)
                .orElseThrow(
                        () -> Problem.refused(List.of(new Issue("unknown_id", "rung", "a rung of the catalogue"))));
    }

    /** The same, where the advice on its rung has just been found. */
    public PastDecision make(Lesson lesson, NewDecision wanted, Advice advice, Instant at) {
        keep(lesson, wanted, advice, at);
        tell(lesson, at);
        return decisions.find(wanted.id()).orElseThrow();
    }

    private void keep(Lesson lesson, NewDecision wanted, Advice advice, Instant at) {
        if (advice.decision() != wanted.seen()) {
            throw new Problem(
                    HttpStatus.CONFLICT,
                    "advice_changed",
                    "The record has changed since you looked, and the advice with it; look again, then decide.");
        }
        if (!advice.choices().contains(wanted.chosen())) {
            throw Problem.refused(List.of(new Issue("invalid", "chosen", "one of " + advice.choices())));
        }
        decisions.add(
                new PastDecision(
                        wanted.id(),
                        lesson.pair(),
                        lesson.id(),
                        wanted.rung(),
                        wanted.chosen(),
                        advice.decision(),
                        advice.ruleId(),
                        advice.book(),
                        wanted.reason(),
                        "",
                        at),
                json.writeValueAsString(advice));
    }

    private void tell(Lesson lesson, Instant at) {
        // a device's clock may run ahead of ours: a lesson that began by it later than this was judged without this
        states.forget(lesson.pair(), at);
        news.changedLesson(lesson.id(), lesson.pair());
    }
}
