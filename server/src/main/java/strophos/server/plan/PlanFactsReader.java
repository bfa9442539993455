package strophos.server.plan;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.catalogue.Catalogue;
import strophos.catalogue.Exercise;
import strophos.catalogue.Strand;
import strophos.core.exchange.Mounted;
import strophos.core.homework.Feel;
import strophos.core.judgement.Thresholds;
import strophos.core.load.HardItemsRest;
import strophos.core.pause.HorseState;
import strophos.core.plan.Candidate;
import strophos.core.plan.HorseFacts;
import strophos.core.plan.PlanChange;
import strophos.core.plan.PlanFacts;
import strophos.core.progress.LessonFacts;
import strophos.core.progress.Sidedness;
import strophos.core.progress.StifferSide;
import strophos.core.school.School;
import strophos.core.stair.Decided;
import strophos.core.stair.PairRecord;
import strophos.core.stair.Rung;
import strophos.core.stair.RungId;
import strophos.core.stair.RungState;
import strophos.core.stair.Stair;
import strophos.server.homework.HomeworkReader;
import strophos.server.homework.Practice;
import strophos.server.lesson.LessonRepository;
import strophos.server.look.LookRepository;
import strophos.server.look.Looks;
import strophos.server.pair.DecisionRepository;
import strophos.server.pair.FactsRepository;
import strophos.server.pair.HorseReader;
import strophos.server.pair.PairRepository;
import strophos.server.pause.Pauses;
import strophos.server.problem.Problem;
import strophos.server.rules.YardRules;

/** Gathers all a lesson's plan follows from, as it was known when the lesson began (or is known now, before that). */
@Component
@Transactional(propagation = Propagation.MANDATORY)
class PlanFactsReader {

    /** What a pair has been working on is read from so many lessons. */
    private static final int LESSONS_BACK = 6;

    private final Looks looks;
    private final LessonRepository lessons;
    private final PairRepository pairs;
    private final FactsRepository facts;
    private final DecisionRepository decisions;
    private final HomeworkReader homework;
    private final YardRules rules;
    private final Pauses pauses;
    private final Catalogue catalogue;

    PlanFactsReader(
            Looks looks,
            LessonRepository lessons,
            PairRepository pairs,
            FactsRepository facts,
            DecisionRepository decisions,
            HomeworkReader homework,
            YardRules rules,
            Pauses pauses,
            Catalogue catalogue) {
        this.looks = looks;
        this.lessons = lessons;
        this.pairs = pairs;
        this.facts = facts;
        this.decisions = decisions;
        this.homework = homework;
        this.rules = rules;
        this.pauses = pauses;
        this.catalogue = catalogue;
    }

    /** The facts, with what they were gathered from. */
    record Known(PlanFacts facts, Gathered gathered) {
        Looks.OfLesson look() {
            return gathered.look();
        }
    }

    /** What is known of the pair, once; a cause is left out of it to see what it changed. */
    record Gathered(
            Looks.OfLesson look,
            School school,
            LocalDate day,
            ZoneId zone,
            PairRecord record,
            Map<RungId, Sidedness> sides,
            List<String> lessonsRidden,
            List<DecisionRepository.Made> made,
            List<HomeworkReader.Told> told,
            Optional<Instant> lastLessonAt,
            HorseState state,
            HorseFacts horse,
            Thresholds stopping) {}

    Known of(UUID lessonId, Instant now) {
        Gathered g = gather(lessonId, now);
        return new Known(facts(g, m -> true, p -> true, true), g);
    }

    private Gathered gather(UUID lessonId, Instant now) {
        Looks.OfLesson look = looks.of(lessonId);
        LessonRepository.Lesson lesson = look.lesson();
        PairRepository.Named pair = pairs.find(lesson.pair()).orElseThrow(Problem::notFound);
        Instant asOf = lesson.startedAt() == null ? now : lesson.startedAt();
        ZoneId zone = lessons.zone();
        LocalDate day = LocalDate.ofInstant(asOf, zone);
        List<PairRepository.LessonLine> before = pairs.lessons(pair.id()).stream()
                .filter(l -> !l.id().equals(lessonId) && l.startedAt().isBefore(asOf))
                .toList();
        PairRecord record = pairs.recordUpTo(pair.id(), asOf).without(lessonId.toString());
        StifferSide stifferSide = rules.stifferSide();
        // a lesson that goes on is stopped by what is seen in it; one that has ended is told as it was begun
        HorseState state = pauses.state(pair.horseId(), lesson.endedAt() == null ? now : asOf);
        return new Gathered(
                look,
                pair.school(),
                day,
                zone,
                record,
                record.asked().stream().collect(Collectors.toMap(r -> r, r -> stifferSide.judge(record.factsOf(r)))),
                before.stream().map(l -> l.id().toString()).toList(),
                decisions.ofPair(pair.id()).stream()
                        .filter(m -> m.at().isBefore(asOf))
                        .toList(),
                homework.told(pair, asOf),
                before.stream().findFirst().map(PairRepository.LessonLine::startedAt),
                state,
                HorseReader.on(day, facts.of(pair.id()), pauses.afterRest(pair.horseId(), state)),
                rules.stopping());
    }

    private PlanFacts facts(
            Gathered g, Predicate<DecisionRepository.Made> isMade, Predicate<Practice> isSaid, boolean hasStops) {
        LessonRepository.Lesson lesson = g.look().lesson();
        List<Decided> decided = g.made().stream()
                .filter(isMade)
                .flatMap(m -> catalogue.rung(m.rung()).map(r -> new Decided(r.id(), m.chosen())).stream())
                .toList();
        List<Candidate> candidates = catalogue.strands().stream()
                .flatMap(s -> candidates(g, s, decided, isSaid, hasStops))
                .toList();
        return new PlanFacts(
                lesson.minutes(),
                g.horse(),
                hasStops ? g.state() : HorseState.FREE,
                g.look().looked().map(LookRepository.Looked::look),
                g.look().focus(),
                g.look().choice().map(LookRepository.Chosen::chosen),
                current(g),
                candidates,
                HardItemsRest.on(
                        g.day(),
                        candidates.stream()
                                .filter(Candidate::isHard)
                                .map(Candidate::id)
                                .toList(),
                        g.record().asks().stream()
                                .map(r -> new HardItemsRest.Ridden<>(r.rung(), r.day()))
                                .toList()),
                g.stopping());
    }

    /** The strand asked most in the last lessons. */
    private Optional<String> current(Gathered g) {
        Set<String> last = new HashSet<>(g.lessonsRidden()
                .subList(0, Math.min(LESSONS_BACK, g.lessonsRidden().size())));
        Map<String, Long> asks = g.record().asks().stream()
                .filter(r -> r.ask().mounted() == Mounted.RIDER && last.contains(r.lesson()))
                .flatMap(r -> catalogue.strandOf(r.rung()).stream())
                .collect(Collectors.groupingBy(Strand::id, TreeMap::new, Collectors.counting()));
        return asks.entrySet().stream().max(Map.Entry.comparingByValue()).map(Map.Entry::getKey);
    }

    private Stream<Candidate> candidates(
            Gathered g, Strand strand, List<Decided> decided, Predicate<Practice> isSaid, boolean hasStops) {
        Map<RungId, RungState> states =
                Stair.states(strand.progression(), g.record().asked(), decided);
        List<Rung> rungs = strand.progression().rungs();
        return rungs.stream().map(r -> candidate(g, strand, rungs.indexOf(r), r, states.get(r.id()), isSaid, hasStops));
    }

    private Candidate candidate(
            Gathered g,
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
                exercise.schools()
                        .contains(g.school().name().toLowerCase(Locale.ROOT).replace('_', '-')),
                Optional.ofNullable(g.sides().get(rung.id())),
                lastReport(g, id, isSaid).map(Practice::feel),
                hasStops
                        && g.told().stream()
                                .anyMatch(t -> t.isPaused() && t.rungs().contains(id)),
                turnsAgo(g, rung.id()));
    }

    /** The last report on a rung since the last lesson; the second best says nothing. */
    private static Optional<Practice> lastReport(Gathered g, String rung, Predicate<Practice> isSaid) {
        return g.told().stream()
                .flatMap(t -> t.practices().stream())
                .filter(p -> p.rung().equals(rung) && !p.secondBest())
                .filter(p ->
                        g.lastLessonAt().filter(at -> p.startedAt().isAfter(at)).isPresent())
                .filter(isSaid)
                .reduce((a, b) -> b.startedAt().isBefore(a.startedAt()) ? a : b);
    }

    private static Optional<Integer> turnsAgo(Gathered g, RungId rung) {
        List<LessonFacts> ridden = g.record().factsOf(rung).lessons();
        if (ridden.isEmpty()) {
            return Optional.empty();
        }
        int ago = g.lessonsRidden().indexOf(ridden.get(ridden.size() - 1).lesson());
        return ago < 0 ? Optional.empty() : Optional.of(ago);
    }

    /** Decisions of the last lesson, reports since, and stop signs that wait, each with the facts without it. */
    List<PlanChange.Supposed> causes(Known known) {
        Gathered g = known.gathered();
        List<PlanChange.Supposed> causes = new ArrayList<>();
        for (DecisionRepository.Made m : g.made()) {
            boolean isLast = g.lessonsRidden().stream()
                    .limit(1)
                    .anyMatch(l -> l.equals(m.lesson().toString()));
            if (isLast) {
                catalogue
                        .rung(m.rung())
                        .ifPresent(r -> causes.add(new PlanChange.Supposed(
                                cause(
                                        g,
                                        PlanChange.Kind.DECISION,
                                        r.id(),
                                        m.chosen().name(),
                                        m.at()),
                                facts(g, other -> !other.id().equals(m.id()), p -> true, true))));
            }
        }
        for (Strand strand : catalogue.strands()) {
            for (Rung rung : strand.progression().rungs()) {
                lastReport(g, rung.id().toString(), p -> true)
                        .filter(p -> p.feel() != Feel.GETTING_THERE)
                        .ifPresent(p -> causes.add(new PlanChange.Supposed(
                                cause(
                                        g,
                                        PlanChange.Kind.REPORT,
                                        rung.id(),
                                        p.feel().name(),
                                        p.startedAt()),
                                facts(g, m -> true, other -> !other.rung().equals(p.rung()), true))));
            }
        }
        stopSign(g).ifPresent(causes::add);
        return causes;
    }

    private Optional<PlanChange.Supposed> stopSign(Gathered g) {
        return g.told().stream()
                .filter(t -> t.isPaused()
                        || (g.state().isPaused() && t.practices().stream().anyMatch(p -> isCause(g, p))))
                .findFirst()
                .flatMap(t -> t.practices().stream()
                        .filter(p -> !p.stopSigns().isEmpty() && (t.isPaused() || isCause(g, p)))
                        .reduce((a, b) -> b)
                        .flatMap(p -> catalogue
                                .rung(p.rung())
                                .map(r -> new PlanChange.Supposed(
                                        cause(
                                                g,
                                                PlanChange.Kind.STOP_SIGN,
                                                r.id(),
                                                p.stopSigns().get(0).name(),
                                                p.startedAt()),
                                        facts(g, m -> true, other -> true, false)))));
    }

    private static boolean isCause(Gathered g, Practice report) {
        return g.state().causes().stream()
                .anyMatch(c -> c.id().equals(report.id().toString()));
    }

    private static PlanChange.Cause cause(Gathered g, PlanChange.Kind kind, RungId rung, String what, Instant at) {
        return new PlanChange.Cause(kind, rung, what, LocalDate.ofInstant(at, g.zone()));
    }
}
