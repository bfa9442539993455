package strophos.server.demo;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import java.util.function.Supplier;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;
import strophos.catalogue.Catalogue;
import strophos.core.progress.Advice;
import strophos.core.progress.Decision;
import strophos.core.progress.Missing;
import strophos.core.stair.RungId;
import strophos.core.stair.RungState;
import strophos.server.debrief.Debrief;
import strophos.server.debrief.Decide;
import strophos.server.debrief.NewDecision;
import strophos.server.lesson.Lesson;
import strophos.server.lesson.LessonRepository;
import strophos.server.stair.StairReader;
import strophos.server.state.CountRepository;
import strophos.server.state.PairStates;

/** Ottilie decides on every rung of a lesson that is not passed yet. */
@Component
@Profile("demo")
class DemoDecisions {

    private final LessonRepository lessons;
    private final PairStates states;
    private final CountRepository counts;
    private final StairReader stairs;
    private final Debrief debrief;
    private final Decide decide;
    private final Catalogue catalogue;
    private final Supplier<UUID> ids;

    DemoDecisions(
            LessonRepository lessons,
            PairStates states,
            CountRepository counts,
            StairReader stairs,
            Debrief debrief,
            Decide decide,
            Catalogue catalogue,
            Supplier<UUID> ids) {
        this.lessons = lessons;
        this.states = states;
        this.counts = counts;
        this.stairs = stairs;
        this.debrief = debrief;
        this.decide = decide;
        this.catalogue = catalogue;
        this.ids = ids;
    }

    void make(DemoHistory.Setting of, UUID lesson, Instant end) {
        List<String> ridden =
                counts.askedInOrder(lesson).stream().map(RungId::toString).toList();
        for (StairReader.Step step :
                stairs.steps(states.now(of.pair().id()), of.pair().teaching())) {
            if (ridden.contains(step.rung()) && step.state() != RungState.PASSED) {
                decideOn(lesson, step, end);
            }
        }
    }

    /** Ottilie follows the advice, but moves on when one success is missing on one rein. */
    private void decideOn(UUID lesson, StairReader.Step step, Instant end) {
        Lesson ended = lessons.find(lesson).orElseThrow();
        Advice advice = debrief.advice(ended, catalogue.rung(step.rung()).orElseThrow());
        boolean isClose = advice.decision() == Decision.STAY
                && advice.missing().size() == 1
                && advice.missing().get(0) instanceof Missing.Countable m
                && m.more() == 1;
        Decision chosen = isClose ? Decision.MOVE_ON : advice.decision();
        String reason = isClose ? "Soft enough on both reins; ready for more to do." : null;
        decide.make(
                lesson,
                new NewDecision(ids.get(), step.rung(), chosen, advice.decision(), reason),
                end.plusSeconds(300));
    }
}
