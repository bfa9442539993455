package strophos.server.demo;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.function.Supplier;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;
import strophos.catalogue.Catalogue;
import strophos.core.progress.Advice;
import strophos.core.progress.Decision;
import strophos.core.progress.Missing;
import strophos.core.stair.Rung;
import strophos.core.stair.RungId;
import strophos.core.stair.RungState;
import strophos.server.debrief.Debrief;
import strophos.server.debrief.Decide;
import strophos.server.debrief.NewDecision;
import strophos.server.lesson.Lesson;
import strophos.server.lesson.LessonRepository;
import strophos.server.roster.Pair;
import strophos.server.stair.StairReader;
import strophos.server.state.PairStates;

/** Ottilie decides after a lesson, on what is not passed yet. */
@Component
@Profile("demo")
class DemoDecisions {

    private final LessonRepository lessons;
    private final PairStates states;
    private final StairReader stairs;
    private final Debrief debrief;
    private final Decide decide;
    private final Catalogue catalogue;
    private final Supplier<UUID> ids;

    DemoDecisions(
            LessonRepository lessons,
            PairStates states,
            StairReader stairs,
            Debrief debrief,
            Decide decide,
            Catalogue catalogue,
            Supplier<UUID> ids) {
        this.lessons = lessons;
        this.states = states;
        this.stairs = stairs;
        this.debrief = debrief;
        this.decide = decide;
        this.catalogue = catalogue;
        this.ids = ids;
    }

    /** @param isWrittenDown also that a thing stays as it is */
    void make(Pair pair, UUID lesson, Set<String> aims, Instant end, boolean isWrittenDown) {
        Lesson ended = lessons.find(lesson).orElseThrow();
        List<Rung> open = stairs.steps(states.now(pair.id()), pair.teaching()).stream()
                .filter(s -> aims.contains(s.rung()) && s.state() != RungState.PASSED)
                .map(s -> catalogue.rung(s.rung()).orElseThrow())
                .toList();
        Map<RungId, Advice> advice = debrief.advice(ended, open);
        for (Rung rung : open) {
            NewDecision decision = decision(rung, advice.get(rung.id()));
            if (isWrittenDown || decision.chosen() != Decision.STAY) {
                decide.make(ended, decision, advice.get(rung.id()), end.plusSeconds(300));
            }
        }
    }

    /** Ottilie follows the advice, but moves on when one success is missing on one rein. */
    private NewDecision decision(Rung rung, Advice advice) {
        boolean isClose = advice.decision() == Decision.STAY
                && advice.missing().size() == 1
                && advice.missing().get(0) instanceof Missing.Countable m
                && m.more() == 1;
        return new NewDecision(
                ids.get(),
                rung.id().toString(),
                isClose ? Decision.MOVE_ON : advice.decision(),
                advice.decision(),
                isClose ? "Soft enough on both reins; ready for more to do." : null);
    }
}
