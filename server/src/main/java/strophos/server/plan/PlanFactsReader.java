package strophos.server.plan;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.catalogue.Catalogue;
import strophos.catalogue.Exercise;
import strophos.catalogue.Schools;
import strophos.catalogue.Strand;
import strophos.core.cause.Help;
import strophos.core.judgement.Thresholds;
import strophos.core.load.DayOfOuting;
import strophos.core.load.HardItemsRest;
import strophos.core.load.Workload;
import strophos.core.pause.HorseState;
import strophos.core.plan.Candidate;
import strophos.core.plan.HorseFacts;
import strophos.core.plan.PlanFacts;
import strophos.core.plan.Proposal;
import strophos.core.record.Helps;
import strophos.core.record.Probes;
import strophos.core.school.School;
import strophos.core.school.Teaching;
import strophos.core.stair.Progression;
import strophos.core.stair.Rung;
import strophos.core.stair.RungId;
import strophos.core.stair.RungState;
import strophos.core.stair.Stair;
import strophos.core.stair.StairState;
import strophos.core.state.PairState;
import strophos.core.state.RungRecord;
import strophos.core.welfare.GroundAndWeather;
import strophos.server.ground.LessonGrounds;
import strophos.server.homework.HomeworkReader;
import strophos.server.homework.Practice;
import strophos.server.horse.FactsRepository;
import strophos.server.horse.FactsVersion;
import strophos.server.horse.HeightAndBorn;
import strophos.server.horse.HorseReader;
import strophos.server.lesson.Lesson;
import strophos.server.lesson.LessonRepository;
import strophos.server.library.Programmes;
import strophos.server.look.FocusChoice;
import strophos.server.look.Looks;
import strophos.server.look.StoredLook;
import strophos.server.pause.Pauses;
import strophos.server.rules.YardRules;
import strophos.server.stair.StairReader;
import strophos.server.state.CountRepository;
import strophos.server.state.LessonKey;
import strophos.server.state.PairStates;
import strophos.server.state.RecentLesson;
import strophos.server.state.StoredDecision;

/** Gathers all a lesson's plan follows from, as it was known when the lesson began (or is known now, before that). */
@Component
@Transactional(propagation = Propagation.MANDATORY)
class PlanFactsReader {

    /** What a pair has been working on is read from so many lessons. */
    private static final int CURRENT_BACK = 6;

    /** What helped it, from so many. */
    private static final int LESSONS_BACK = 16;

    private final Looks looks;
    private final LessonRepository lessons;
    private final FactsRepository facts;
    private final PairStates states;
    private final CountRepository counts;
    private final StairReader stairs;
    private final HomeworkReader homework;
    private final YardRules rules;
    private final Pauses pauses;
    private final Catalogue catalogue;
    private final Schools schools;
    private final Programmes programmes;
    private final LessonGrounds grounds;

    PlanFactsReader(
            Looks looks,
            LessonRepository lessons,
            FactsRepository facts,
            PairStates states,
            CountRepository counts,
            StairReader stairs,
            HomeworkReader homework,
            YardRules rules,
            Pauses pauses,
            Catalogue catalogue,
            Schools schools,
            Programmes programmes,
            LessonGrounds grounds) {
        this.looks = looks;
        this.lessons = lessons;
        this.facts = facts;
        this.states = states;
        this.counts = counts;
        this.stairs = stairs;
        this.homework = homework;
        this.rules = rules;
        this.pauses = pauses;
        this.catalogue = catalogue;
        this.schools = schools;
        this.programmes = programmes;
        this.grounds = grounds;
    }

    /** The facts, with what they were gathered from. */
    record FactsWithSources(PlanFacts facts, Sources gathered) {
        Looks.OfLesson look() {
            return gathered.look();
        }
    }

    /** How the pair stood at this time, with all decisions. */
    PairState state(Sources g) {
        return new PairState(
                g.before().state().lessons(),
                stair(g, m -> true),
                g.before().state().rungs());
    }

    /** What is known of the pair, once; a cause is left out of it to see what it changed. */
    record Sources(
            Looks.OfLesson look,
            Teaching teaching,
            LocalDate day,
            ZoneId zone,
            PairStates.StateBefore before,
            List<RecentLesson> ridden,
            Optional<String> current,
            Set<RungId> yesterday,
            List<HomeworkReader.AssignmentRecord> assignments,
            HorseState state,
            HorseFacts horse,
            List<Help> helps,
            Workload work,
            Thresholds stopping,
            LessonGrounds.OfLesson ground) {}

    FactsWithSources of(UUID lessonId, Instant now) {
        Sources g = gather(lessonId, now);
        return new FactsWithSources(facts(g, m -> true, p -> true, true), g);
    }

    /** Of a horse of which nothing is known. */
    PlanFacts ofNewPair() {
        return new PlanFacts(
                Plans.UNPLANNED_MINUTES,
                HorseFacts.UNKNOWN,
                HorseState.FREE,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                List.of(),
                List.of(),
                List.of(),
                Teaching.of(School.CLASSICAL),
                List.of(),
                GroundAndWeather.UNKNOWN,
                rules.stopping());
    }

    private Sources gather(UUID lessonId, Instant now) {
        LessonGrounds.GroundFields ground = grounds.fields();
        Looks.OfLessonWith found = looks.with(lessonId, ground.all());
        Looks.OfLesson look = found.of();
        Lesson lesson = look.lesson();
        Instant asOf = lesson.startedAt() == null ? now : lesson.startedAt();
        ZoneId zone = lessons.zone();
        LocalDate day = LocalDate.ofInstant(asOf, zone);
        Optional<LessonKey> begun = Optional.ofNullable(lesson.startedAt()).map(at -> new LessonKey(at, lessonId));
        List<RecentLesson> ridden = counts.lately(lesson.pair(), begun, LESSONS_BACK);
        Optional<RecentLesson> last = ridden.stream().findFirst();
        PairStates.StateBefore before =
                states.apart(lesson.pair(), last.map(l -> new LessonKey(l.beganAt(), l.id())), begun);
        HomeworkReader.OfPair set = homework.ofPair(lesson.pair(), lesson.horseId(), asOf);
        // a lesson that goes on is stopped by what is seen in it; one that has ended is told as it was begun
        HorseState state = lesson.startedAt() != null && lesson.endedAt() == null
                ? pauses.state(lesson.horseId(), now)
                : set.horse();
        Workload work = new Workload(
                day,
                look.work().stream().map(w -> w.session(zone, this::strand)).toList());
        FactsVersion known = facts.of(lesson.pair());
        Thresholds loading = rules.loading();
        Optional<DayOfOuting> away = look.outings().stream()
                .flatMap(o -> o.on(day, known.facts().bornYear(), loading).stream())
                .min(Comparator.comparing(DayOfOuting::counts));
        return new Sources(
                look,
                lesson.teaching(),
                day,
                zone,
                before,
                ridden,
                current(ridden),
                asked(ridden, day.minusDays(1), zone),
                set.assignments(),
                state,
                HorseReader.on(day, known, pauses.afterRest(lesson.horseId(), state))
                        .with(work.judge(loading), away),
                rules.helps().of(days(ridden, zone)),
                work,
                rules.stopping(),
                ground.of(
                        lesson,
                        found.also(),
                        new HeightAndBorn(
                                known.facts().heightCm(), known.facts().bornYear()),
                        day));
    }

    /** The earliest first. */
    private static List<Helps.DayWithWords> days(List<RecentLesson> latestFirst, ZoneId zone) {
        List<Helps.DayWithWords> days = new ArrayList<>(latestFirst.stream()
                .map(l -> new Helps.DayWithWords(
                        new Probes.DayOfAsks(LocalDate.ofInstant(l.beganAt(), zone), l.asks()), l.words()))
                .toList());
        Collections.reverse(days);
        return days;
    }

    private Optional<String> strand(String rung) {
        return catalogue.rung(rung).flatMap(r -> catalogue.strandOf(r.id())).map(Strand::id);
    }

    static Optional<RecentLesson> last(Sources g) {
        return g.ridden().stream().findFirst();
    }

    private StairState stair(Sources g, Predicate<StoredDecision> isMade) {
        StairState decided = g.before().state().stair();
        for (StoredDecision made : g.before().decidedSince()) {
            Optional<Rung> rung = catalogue.rung(made.rung()).filter(r -> isMade.test(made));
            if (rung.isPresent()) {
                decided = decided.after(made.on(rung.get().id()), rung.get().wayBack());
            }
        }
        return decided;
    }

    private static Set<RungId> asked(List<RecentLesson> ridden, LocalDate day, ZoneId zone) {
        return ridden.stream()
                .filter(l -> LocalDate.ofInstant(l.beganAt(), zone).equals(day))
                .flatMap(l -> l.asked().stream())
                .collect(Collectors.toSet());
    }

    PlanFacts facts(Sources g, Predicate<StoredDecision> isMade, Predicate<Practice> isSaid, boolean hasStops) {
        Lesson lesson = g.look().lesson();
        StairState stair = stair(g, isMade);
        List<Candidate> candidates = catalogue.strands().stream()
                .flatMap(s -> candidates(g, s, stair, isSaid, hasStops))
                .toList();
        return new PlanFacts(
                lesson.minutes(),
                g.horse(),
                hasStops ? g.state() : HorseState.FREE,
                g.look().looked().map(StoredLook::look),
                g.look().focus(),
                g.look().choice().map(FocusChoice::chosen),
                g.current().or(() -> schools.begins(g.teaching().school())),
                candidates,
                HardItemsRest.on(
                        g.day(),
                        candidates.stream()
                                .filter(Candidate::isHard)
                                .map(Candidate::id)
                                .toList(),
                        g.yesterday().stream()
                                .map(r -> new HardItemsRest.ItemDay<>(r, g.day().minusDays(1)))
                                .toList()),
                g.helps(),
                g.teaching(),
                schools.strands(g.teaching()),
                g.look().day(),
                g.stopping());
    }

    /** The strand asked most in the last lessons. */
    private Optional<String> current(List<RecentLesson> ridden) {
        Map<RungId, Integer> asks = new HashMap<>();
        ridden.stream()
                .limit(CURRENT_BACK)
                .forEach(l -> l.own().forEach((rung, n) -> asks.merge(rung, n, Integer::sum)));
        return stairs.mainStrand(asks).map(Strand::id);
    }

    private Stream<Candidate> candidates(
            Sources g, Strand strand, StairState decided, Predicate<Practice> isSaid, boolean hasStops) {
        Progression progression = catalogue.progression(strand, g.teaching());
        Map<RungId, RungState> stateOf =
                Stair.states(progression, g.before().state().asked(), decided);
        List<Rung> rungs = progression.rungs();
        return rungs.stream()
                .map(r -> candidate(g, strand, rungs.indexOf(r), r, stateOf.get(r.id()), isSaid, hasStops));
    }

    private Proposal proposal(RungId rung, Teaching teaching) {
        if (!catalogue.isTaught(rung, teaching)) {
            return Proposal.NEVER;
        }
        return programmes.isOwn(rung.exercise())
                        || catalogue.standIn(rung, teaching).isPresent()
                ? Proposal.ONCE_BEGUN
                : Proposal.FREELY;
    }

    private Candidate candidate(
            Sources g,
            Strand strand,
            int step,
            Rung rung,
            RungState state,
            Predicate<Practice> isSaid,
            boolean hasStops) {
        Exercise exercise = catalogue.exercise(rung.id().exercise()).orElseThrow();
        String id = rung.id().toString();
        return new Candidate(
                rung.id(),
                strand.id(),
                step,
                state,
                rung.wayBack(),
                exercise.line(),
                exercise.isFence(),
                exercise.isHard(),
                exercise.isQuickening(),
                proposal(rung.id(), g.teaching()),
                rung.works(),
                g.before().state().find(rung.id()).filter(r -> r.asks() > 0).map(RungRecord::sides),
                lastReport(g, id, isSaid).map(Practice::feel),
                hasStops
                        && g.assignments().stream()
                                .anyMatch(t -> t.isPaused() && t.rungs().contains(id)),
                turnsAgo(g, rung.id()),
                exercise.inHand().map(Exercise.FromGround::told));
    }

    /** The last report on a rung since the last lesson; the second best says nothing. */
    static Optional<Practice> lastReport(Sources g, String rung, Predicate<Practice> isSaid) {
        return g.assignments().stream()
                .flatMap(t -> t.practices().stream())
                .filter(p -> p.rung().equals(rung) && !p.secondBest())
                .filter(p ->
                        last(g).filter(l -> p.startedAt().isAfter(l.beganAt())).isPresent())
                .filter(isSaid)
                .reduce((a, b) -> b.startedAt().isBefore(a.startedAt()) ? a : b);
    }

    /** How many lessons ago it was ridden: 0 in the last one. */
    private static Optional<Integer> turnsAgo(Sources g, RungId rung) {
        PairState state = g.before().state();
        return state.find(rung).map(r -> state.lessons() - r.lastLesson());
    }
}
