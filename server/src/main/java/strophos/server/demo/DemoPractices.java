package strophos.server.demo;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.UUID;
import java.util.function.Supplier;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;
import strophos.core.homework.Feel;
import strophos.core.homework.Verdict;
import strophos.core.pause.StopSign;
import strophos.core.progress.Decision;
import strophos.server.access.YardScope;
import strophos.server.homework.AssignmentView;
import strophos.server.homework.Homework;
import strophos.server.homework.HomeworkProposals;
import strophos.server.homework.LookIns;
import strophos.server.homework.Practice;
import strophos.server.homework.Practices;

/** Homework after each lesson, the rider's practices until the next, and Ottilie's answers. */
@Component
@Profile("demo")
class DemoPractices {

    private static final List<String> SENTENCES = List.of(
            "Good. Keep it this short.",
            "Let go sooner; the rest is right.",
            "Fewer, and longer rests between.",
            "Begin on the easier side, end on it too.");

    private static final LocalTime EVENING = LocalTime.of(18, 20);
    private static final int DAYS_A_WEEK = 5;

    private final Homework homework;
    private final HomeworkProposals proposals;
    private final Practices practising;
    private final LookIns lookingIn;
    private final Supplier<UUID> ids;

    DemoPractices(
            Homework homework,
            HomeworkProposals proposals,
            Practices practising,
            LookIns lookingIn,
            Supplier<UUID> ids) {
        this.homework = homework;
        this.proposals = proposals;
        this.practising = practising;
        this.lookingIn = lookingIn;
        this.ids = ids;
    }

    /** @param isLast the last lesson: its last report waits for an answer */
    void make(DemoHistory.Setting of, UUID lesson, Instant end, LocalDate next, boolean isLast, double t) {
        set(of, lesson, end.plusSeconds(600));
        LocalDate day = LocalDate.ofInstant(end, of.zone()).plusDays(1);
        for (; day.isBefore(next); day = day.plusDays(1)) {
            boolean isLastReport = isLast && day.equals(next.minusDays(1));
            if (isLastReport || of.random().nextDouble() < of.story().practises()) {
                Instant at = DemoHistory.at(day, EVENING, of.zone())
                        .plusSeconds(of.random().nextInt(2400));
                report(of, at, isLastReport ? Optional.of(of.story().last()) : Optional.empty(), t);
                if (!isLastReport) {
                    answer(of, at.plus(Duration.ofHours(2)));
                }
            }
        }
    }

    /** One thing at a time: what was decided on first, unless it is running already. */
    private void set(DemoHistory.Setting of, UUID lesson, Instant at) {
        HomeworkProposals.HomeworkView view = proposals.view(lesson, at);
        Optional<HomeworkProposals.Draft> wanted = view.drafts().stream()
                .filter(d -> d.decision() == Decision.STAY || d.decision() == Decision.STEP_BACK)
                .findFirst()
                .or(() -> view.drafts().stream().findFirst());
        if (wanted.isEmpty()) {
            return;
        }
        String rung = wanted.get().rung();
        boolean isRunning = view.running().stream()
                .anyMatch(a -> a.task().steps().stream().anyMatch(s -> s.rung().equals(rung)));
        if (!isRunning) {
            view.running().forEach(a -> homework.end(a.id(), at));
            homework.set(lesson, ids.get(), rung, DAYS_A_WEEK, at);
        }
    }

    private void report(DemoHistory.Setting of, Instant at, Optional<Story.LastReport> last, double t) {
        YardScope.as(of.rider(), () -> {
            practising.cards(of.pair(), at).forEach(card -> {
                if (!card.attention().isPaused()) {
                    practising.take(List.of(practice(of, card, at, last, t)), at);
                }
            });
            return null;
        });
    }

    private Practice practice(
            DemoHistory.Setting of, AssignmentView card, Instant at, Optional<Story.LastReport> last, double t) {
        SplittableRandom random = of.random();
        AssignmentView.StepView step = card.task().steps().get(card.progress().step());
        double pace = 0.7 + 0.5 * random.nextDouble();
        int each = card.task().goodShare() == null ? 0 : step.amount();
        return new Practice(
                ids.get(),
                card.id(),
                of.rider().person(),
                card.progress().step(),
                step.rung(),
                at,
                (int) (step.secondsARein() * pace),
                (int) (step.secondsARein() * (pace + 0.2 * random.nextDouble())),
                last.map(Story.LastReport::feel).orElseGet(() -> feel(random, t)),
                good(random, each),
                each,
                good(random, each),
                each,
                last.flatMap(Story.LastReport::stop).map(List::<StopSign>of).orElse(List.of()),
                last.flatMap(Story.LastReport::question).orElse(null),
                random.nextInt(12) == 0,
                false);
    }

    private static Feel feel(SplittableRandom random, double t) {
        double at = random.nextDouble();
        return at < 0.25 + 0.3 * t ? Feel.EASY : at < 0.88 + 0.06 * t ? Feel.GETTING_THERE : Feel.NOT_YET;
    }

    private static int good(SplittableRandom random, int each) {
        int good = 0;
        for (int i = 0; i < each; i++) {
            good += random.nextDouble() < 0.8 ? 1 : 0;
        }
        return good;
    }

    /** Ottilie answers what waits, as the rule would. */
    private void answer(DemoHistory.Setting of, Instant at) {
        lookingIn
                .waiting(List.of(of.pair()), at)
                .forEach(a -> lookingIn.answer(
                        a.id(),
                        ids.get(),
                        a.attention().advised() == null
                                ? Verdict.CARRY_ON
                                : a.attention().advised(),
                        SENTENCES.get(of.random().nextInt(SENTENCES.size())),
                        at));
    }
}
