package strophos.server.homework;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import strophos.catalogue.Catalogue;
import strophos.catalogue.Exercise;
import strophos.core.bend.CircleSizes;
import strophos.core.exchange.Rein;
import strophos.core.exchange.WorkedSide;
import strophos.core.homework.Assignment;
import strophos.core.homework.Gate;
import strophos.core.homework.HomeworkState;
import strophos.core.homework.Step;
import strophos.core.pause.HorseState;
import strophos.core.plan.ReinTime;
import strophos.server.ground.ExerciseForHorse;
import strophos.server.ground.ExerciseLine;
import strophos.server.ground.HorseHere;
import strophos.server.library.Asides;
import strophos.server.roster.Pair;
import strophos.server.rules.YardRules;

/** Tells an assignment's standing as it is sent. */
@Component
class AssignmentTeller {

    /** So many reports are told; all count. */
    private static final int LATEST = 14;

    private final Catalogue catalogue;
    private final Asides asides;
    private final YardRules rules;

    AssignmentTeller(Catalogue catalogue, Asides asides, YardRules rules) {
        this.asides = asides;
        this.rules = rules;
        this.catalogue = catalogue;
    }

    /** @param horse for which the ground of its steps is told; empty where nobody asks for that */
    AssignmentView view(
            HomeworkReader.AssignmentState s, Pair pair, Instant now, ZoneId zone, Optional<HorseHere> horse) {
        Assignment of = s.stored().assignment();
        HomeworkState state = s.state();
        LocalDate today = HomeworkReader.day(now, zone);
        List<Practice> todays = s.practices().stream()
                .filter(p -> HomeworkReader.day(p.startedAt(), zone).equals(today))
                .toList();
        int left = todays.stream().mapToInt(Practice::leftS).sum();
        int right = todays.stream().mapToInt(Practice::rightS).sum();
        List<Practice> latestFirst = new ArrayList<>(s.practices());
        Collections.reverse(latestFirst);
        List<Practice> latest = latestFirst.subList(0, Math.min(LATEST, latestFirst.size()));
        return new AssignmentView(
                s.stored().id(),
                new AssignmentView.Riders(pair.id(), pair.rider(), pair.horse()),
                task(s.stored(), state.step(), horse),
                progress(state),
                new AssignmentView.Attention(
                        s.stop().isPresent(),
                        s.stop().orElse(null),
                        state.stopSigns(),
                        state.lookIn(),
                        state.advised(of).filter(v -> s.stop().isEmpty()).orElse(null)),
                new AssignmentView.Today(
                        s.stop().isPresent() ? List.of() : turns(of.steps().get(state.step()), left, right, s.horse()),
                        left,
                        right),
                latest,
                s.pausedPractices(),
                s.lookIns());
    }

    private AssignmentView.Task task(StoredAssignment stored, int step, Optional<HorseHere> horse) {
        Assignment of = stored.assignment();
        Gate gate = of.gate(step);
        return new AssignmentView.Task(
                of.steps().stream().map(st -> step(st, horse)).toList(),
                of.daysAWeek(),
                of.setOn(),
                stored.setAt(),
                gate.easyRunning(),
                gate.minDays(),
                gate.goodShare().isPresent() ? gate.goodShare().getAsDouble() : null,
                stored.programme());
    }

    private static AssignmentView.Progress progress(HomeworkState state) {
        return new AssignmentView.Progress(
                state.step(),
                state.stepSince(),
                state.easyRunning(),
                state.daysToGo(),
                state.isReady(),
                count(state.daysDone()),
                count(state.leftSeconds()),
                count(state.rightSeconds()),
                state.overDays());
    }

    private static AssignmentView.DoneAndSet count(HomeworkState.Done d) {
        return new AssignmentView.DoneAndSet(d.done(), d.set());
    }

    /** What was ridden earlier today comes off. */
    private List<AssignmentView.TurnView> turns(Step step, int leftDoneS, int rightDoneS, HorseState horse) {
        // what the horse was cleared for in a day is shared by both reins
        int most = horse.limits()
                .flatMap(l -> l.minutes().isPresent() ? Optional.of(l.minutes().getAsInt()) : Optional.empty())
                .map(m -> Math.max(0, 60 * m - leftDoneS - rightDoneS) / 2)
                .orElse(Integer.MAX_VALUE);
        int left = Math.min(most, step.dose().leftOfTodayS(leftDoneS));
        int right = Math.min(most, step.dose().leftOfTodayS(rightDoneS));
        if (works(step) == WorkedSide.NEITHER && left + right > 0) {
            return List.of(new AssignmentView.TurnView(Rein.NONE, left + right));
        }
        return left + right == 0
                ? List.of()
                : ReinTime.alternating(left, right, 60 * rules.stopping().whole("turn.minutes")).turns().stream()
                        .map(t -> new AssignmentView.TurnView(t.rein(), t.seconds()))
                        .toList();
    }

    private WorkedSide works(Step step) {
        return catalogue.exercise(step.rung().exercise()).map(Exercise::works).orElse(WorkedSide.INSIDE);
    }

    /** A step of an exercise that has left the library is told by its id, with nothing to do: it is not practised. */
    AssignmentView.StepView step(Step step, Optional<HorseHere> horse) {
        return catalogue
                .exercise(step.rung().exercise())
                .map(e -> step(step, e, horse))
                .orElseGet(() -> new AssignmentView.StepView(
                        step.rung().toString(),
                        step.rung().toString(),
                        step.rung().gait(),
                        step.rung().place(),
                        WorkedSide.INSIDE,
                        step.dose().amount(),
                        step.dose().unit(),
                        step.dose().secondsARein(),
                        "",
                        "",
                        "",
                        List.of(),
                        List.of(),
                        "",
                        List.of(),
                        null,
                        null));
    }

    private AssignmentView.StepView step(Step step, Exercise e, Optional<HorseHere> horse) {
        return new AssignmentView.StepView(
                step.rung().toString(),
                e.name(),
                step.rung().gait(),
                step.rung().place(),
                e.works(),
                step.dose().amount(),
                step.dose().unit(),
                step.dose().secondsARein(),
                e.instruction(),
                e.feel(),
                e.goesWrong(),
                e.film(),
                e.stopIf(),
                e.secondBest(),
                e.cautions(),
                asides.of(e.id()).orElse(null),
                horse.flatMap(h -> onGround(step, e, h)).orElse(null));
    }

    private static Optional<ExerciseForHorse> onGround(Step step, Exercise e, HorseHere horse) {
        return ExerciseForHorse.of(
                e.line(),
                step.rung().gait(),
                ExerciseLine.of(e.line(), e.circleM().orElse(CircleSizes.LARGEST_M)),
                horse);
    }
}
