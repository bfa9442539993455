package strophos.server.homework;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import strophos.catalogue.Catalogue;
import strophos.catalogue.Exercise;
import strophos.core.exchange.WorkedSide;
import strophos.core.homework.Assignment;
import strophos.core.homework.Dose;
import strophos.core.homework.Gate;
import strophos.core.homework.Ladder;
import strophos.core.homework.Step;
import strophos.core.pause.HorseState;
import strophos.core.plan.HorseFacts;
import strophos.core.stair.Rung;
import strophos.core.state.PairState;
import strophos.core.state.RungRecord;
import strophos.server.horse.FactsRepository;
import strophos.server.horse.HorseReader;
import strophos.server.lesson.Lesson;
import strophos.server.pause.Pauses;

/** Makes homework of a rung, or of the stages of a programme, for a horse as it is. */
@Component
class AssignmentMaker {

    private final FactsRepository facts;
    private final Pauses pauses;
    private final Catalogue catalogue;

    AssignmentMaker(FactsRepository facts, Pauses pauses, Catalogue catalogue) {
        this.facts = facts;
        this.pauses = pauses;
        this.catalogue = catalogue;
    }

    HorseFacts horse(Lesson lesson, LocalDate day, HorseState state) {
        return HorseReader.on(day, facts.of(lesson.pair()), pauses.afterRest(lesson.horseId(), state));
    }

    Assignment assignment(Rung rung, HorseFacts horse, PairState pair, int daysAWeek, LocalDate day) {
        Ladder ladder = Ladder.of(
                part(rung),
                rung.wayBack()
                        .flatMap(catalogue::rung)
                        .filter(this::isForPractisingAlone)
                        .map(this::part),
                horse.isFirstMonthBack());
        int lessonsRidden = pair.find(rung.id()).map(RungRecord::lessons).orElse(0);
        return new Assignment(
                ladder.steps().stream().map(this::asRidden).toList(),
                ladder.first(),
                exercise(rung).homeworkGate(),
                daysAWeek,
                day,
                lessonsRidden <= 1);
    }

    private Step asRidden(Step step) {
        boolean hasRein = catalogue
                .exercise(step.rung().exercise())
                .map(e -> e.works() != WorkedSide.NEITHER)
                .orElse(true);
        return hasRein ? step : new Step(step.rung(), step.dose().withoutRein(), step.gate());
    }

    private Ladder.RungDose part(Rung rung) {
        return new Ladder.RungDose(rung.id(), exercise(rung).dose());
    }

    boolean isForPractisingAlone(Rung rung) {
        return exercise(rung).isForPractisingAlone();
    }

    Exercise exercise(Rung rung) {
        return catalogue.exercise(rung.id().exercise()).orElseThrow();
    }

    /** Each stage at its upper end, for it is at that for days, and with its own gate. */
    Assignment programme(List<Rung> stages, HorseFacts horse, int daysAWeek, LocalDate day) {
        List<Step> steps = stages.stream()
                .map(s -> new Step(
                        s.id(),
                        Dose.most(exercise(s).dose(), horse.isFirstMonthBack()),
                        Optional.of(exercise(s).homeworkGate())))
                .map(this::asRidden)
                .toList();
        return new Assignment(steps, 0, Gate.DEFAULT, daysAWeek, day, true);
    }
}
