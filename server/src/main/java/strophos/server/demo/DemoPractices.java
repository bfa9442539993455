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

    /**
     * Until the next lesson.
     *
     * @param isLast the last lesson: its last report waits for an answer, where the story has one
     */
    void make(DemoHistory.Setting of, UUID lesson, Instant end, LocalDate next, int week, boolean isLast) {
        set(of, lesson, end.plusSeconds(600), week);
        LocalDate after = LocalDate.ofInstant(end, of.zone()).plusDays(1);
        Optional<LocalDate> waits = Optional.of(next.minusDays(1))
                .filter(d -> isLast && of.story().last().isPresent());
        List<Instant> evenings = after.datesUntil(waits.orElse(next))
                .filter(day -> isPractised(of, day))
                .map(day -> evening(of, day))
                .toList();
        if (!evenings.isEmpty()) {
            report(of, evenings, Optional.empty(), week);
        }
        // of what waits at last only what the story says is left for today
        if (isLast || !evenings.isEmpty()) {
            Instant evening = evenings.isEmpty() ? evening(of, next.minusDays(1)) : evenings.get(evenings.size() - 1);
            answer(of, evening.plus(Duration.ofHours(2)));
        }
        waits.ifPresent(day -> report(of, List.of(evening(of, day)), of.story().last(), week));
    }

    private static Instant evening(DemoHistory.Setting of, LocalDate day) {
        return DemoHistory.at(day, EVENING, of.zone()).plusSeconds(of.random().nextInt(2400));
    }

    private static boolean isPractised(DemoHistory.Setting of, LocalDate day) {
        Story.Practising practises = of.story().practises();
        return (practises.on() == null || practises.on().contains(day.getDayOfWeek()))
                && of.random().nextDouble() < practises.chance();
    }

    /** One thing at a time: what was decided on first, unless it is running already; or a progression of the yard's own. */
    private void set(DemoHistory.Setting of, UUID lesson, Instant at, int week) {
        Story.Practising practises = of.story().practises();
        HomeworkProposals.HomeworkView view = proposals.view(lesson, at);
        if (practises.programme() != null && week >= practises.from()) {
            if (week == practises.from()) {
                view.running().forEach(a -> homework.end(a.id(), at));
                homework.setProgramme(lesson, ids.get(), practises.programme(), practises.daysAWeek(), at);
            }
            return;
        }
        Optional<String> wanted = practises.set() == null
                ? decidedOn(view)
                : Optional.ofNullable(practises.set().get(week));
        boolean isRunning = view.running().stream()
                .anyMatch(a -> a.task().steps().stream()
                        .anyMatch(s -> wanted.filter(s.rung()::equals).isPresent()));
        if (wanted.isPresent() && !isRunning) {
            view.running().forEach(a -> homework.end(a.id(), at));
            homework.set(lesson, ids.get(), wanted.get(), practises.daysAWeek(), at);
        }
    }

    private static Optional<String> decidedOn(HomeworkProposals.HomeworkView view) {
        return view.drafts().stream()
                .filter(d -> d.decision() == Decision.STAY || d.decision() == Decision.STEP_BACK)
                .findFirst()
                .or(() -> view.drafts().stream().findFirst())
                .map(HomeworkProposals.Draft::rung);
    }

    /** What was practised on these evenings, sent with the last of them. */
    private void report(DemoHistory.Setting of, List<Instant> evenings, Optional<Story.LastReport> last, int week) {
        YardScope.as(of.rider(), () -> {
            practising.cards(of.pair(), evenings.get(0)).stream()
                    .filter(card -> !card.attention().isPaused())
                    .forEach(card -> practising.take(
                            evenings.stream()
                                    .map(at -> practice(of, card, at, last, week))
                                    .toList(),
                            evenings.get(evenings.size() - 1)));
            return null;
        });
    }

    private Practice practice(
            DemoHistory.Setting of, AssignmentView card, Instant at, Optional<Story.LastReport> last, int week) {
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
                last.map(Story.LastReport::feel).orElseGet(() -> feel(of, week)),
                good(random, each),
                each,
                good(random, each),
                each,
                last.flatMap(Story.LastReport::stop).map(List::<StopSign>of).orElse(List.of()),
                last.flatMap(Story.LastReport::question).orElse(null),
                random.nextInt(12) == 0,
                false);
    }

    private static Feel feel(DemoHistory.Setting of, int week) {
        Integer easyFrom = of.story().practises().easyFrom();
        if (easyFrom != null) {
            return week < easyFrom ? Feel.GETTING_THERE : Feel.EASY;
        }
        double t = (double) week / Story.LAST_WEEK;
        double at = of.random().nextDouble();
        return at < 0.25 + 0.3 * t ? Feel.EASY : at < 0.88 + 0.06 * t ? Feel.GETTING_THERE : Feel.NOT_YET;
    }

    private static int good(SplittableRandom random, int each) {
        int good = 0;
        for (int i = 0; i < each; i++) {
            good += random.nextDouble() < 0.8 ? 1 : 0;
        }
        return good;
    }

    /** Ottilie answers what waits, as the rule would, before the next lesson. */
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
