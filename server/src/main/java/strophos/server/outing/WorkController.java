package strophos.server.outing;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import strophos.catalogue.Catalogue;
import strophos.catalogue.Strand;
import strophos.core.judgement.Thresholds;
import strophos.core.load.Outing;
import strophos.core.load.WeekLoad;
import strophos.core.load.Workload;
import strophos.core.plan.PlanNote;
import strophos.core.plan.PlanNotes;
import strophos.server.access.Action;
import strophos.server.access.Needs;
import strophos.server.contract.CanBeNull;
import strophos.server.horse.FactsRepository;
import strophos.server.horse.WorkRepository;
import strophos.server.problem.Issue;
import strophos.server.problem.Problem;
import strophos.server.roster.Pair;
import strophos.server.roster.PairRepository;
import strophos.server.rules.YardRules;
import strophos.server.rules.YardSettings;

/** A horse's last weeks, and its outings. */
@RestController
@RequestMapping("/api/v1/pairs/{id}")
@Transactional
class WorkController {

    /** An outing is written down for this year or the next. */
    private static final int MOST_DAYS_AWAY = 400;

    /** A horse is away no longer than that before the day that counts. */
    private static final int LONGEST_DAYS = 30;

    private final PairRepository pairs;
    private final WorkRepository work;
    private final OutingRepository outings;
    private final FactsRepository facts;
    private final Catalogue catalogue;
    private final YardRules rules;
    private final YardSettings settings;
    private final Clock clock;

    WorkController(
            PairRepository pairs,
            WorkRepository work,
            OutingRepository outings,
            FactsRepository facts,
            Catalogue catalogue,
            YardRules rules,
            YardSettings settings,
            Clock clock) {
        this.pairs = pairs;
        this.work = work;
        this.outings = outings;
        this.facts = facts;
        this.catalogue = catalogue;
        this.rules = rules;
        this.settings = settings;
        this.clock = clock;
    }

    /**
     * What a horse did, lessons and practice of all its riders.
     *
     * @param weeks the last eight, the earliest first; each of seven days, the last one up to yesterday
     * @param alike mean over standard deviation of the last seven days' loads; null when each day was the same
     * @param strain load of the last seven days times {@code alike}; null with it
     * @param notes what the rules of load say of it
     * @param outings those that count last first
     */
    record WorkOfHorse(
            String horse,
            LocalDate today,
            List<WeekView> weeks,
            @CanBeNull Double alike,
            @CanBeNull Double strain,
            List<PlanNote> notes,
            List<OutingView> outings) {}

    /**
     * @param load minutes times effort, in arbitrary units
     * @param minutes ridden
     */
    record WeekView(LocalDate from, int load, int minutes) {}

    /**
     * @param isYoung on its first outings, or under five
     * @param days from the one before travel to the one after it counts, as they should be
     * @param warnings where the lessons that are planned do not fit them
     */
    record OutingView(
            UUID id,
            String what,
            LocalDate travelOn,
            LocalDate countsOn,
            boolean isYoung,
            boolean isPutAway,
            List<Outing.Day> days,
            List<Outing.WarningDay> warnings) {}

    /**
     * The id is made by the caller.
     *
     * @param isFirst the horse's first outings
     */
    record NewOuting(
            @NotNull UUID id,
            @NotBlank @Size(max = 80) String what,
            @NotNull LocalDate travelOn,
            @NotNull LocalDate countsOn,
            boolean isFirst) {}

    /** @param isPutAway it does not take place, or need not be shown any longer */
    record OutingAway(@NotNull Boolean isPutAway) {}

    @GetMapping("/work")
    @Needs(Action.SEE_PLAN)
    WorkOfHorse work(@PathVariable UUID id) {
        return view(pair(id));
    }

    @PostMapping("/outings")
    @Needs(Action.EDIT_PAIR)
    @ResponseStatus(HttpStatus.CREATED)
    WorkOfHorse add(@PathVariable UUID id, @Valid @RequestBody NewOuting wanted) {
        Pair pair = pair(id);
        LocalDate today = today(settings.zone());
        List<Issue> issues = new ArrayList<>();
        if (Math.abs(ChronoUnit.DAYS.between(today, wanted.countsOn())) > MOST_DAYS_AWAY) {
            issues.add(
                    new Issue("outing_too_far", "countsOn", "no further than " + MOST_DAYS_AWAY + " days from today"));
        }
        long away = ChronoUnit.DAYS.between(wanted.travelOn(), wanted.countsOn());
        if (away < 0 || away > LONGEST_DAYS) {
            issues.add(new Issue(
                    "travel_not_before", "travelOn", "at most " + LONGEST_DAYS + " days before the day that counts"));
        }
        if (!issues.isEmpty()) {
            throw Problem.refused(issues);
        }
        outings.add(
                pair.horseId(),
                new StoredOuting(
                        wanted.id(),
                        wanted.what().strip(),
                        wanted.travelOn(),
                        wanted.countsOn(),
                        wanted.isFirst(),
                        false),
                clock.instant());
        return view(pair);
    }

    @PutMapping("/outings/{outing}/away")
    @Needs(Action.EDIT_PAIR)
    WorkOfHorse putAway(@PathVariable UUID id, @PathVariable UUID outing, @Valid @RequestBody OutingAway wanted) {
        Pair pair = pair(id);
        if (!outings.isOf(pair.horseId(), outing)) {
            throw Problem.notFound();
        }
        outings.putAway(outing, wanted.isPutAway());
        return view(pair);
    }

    private Pair pair(UUID id) {
        return pairs.find(id).orElseThrow(Problem::notFound);
    }

    private LocalDate today(ZoneId zone) {
        return LocalDate.ofInstant(clock.instant(), zone);
    }

    private WorkOfHorse view(Pair pair) {
        ZoneId zone = settings.zone();
        LocalDate today = today(zone);
        Thresholds loading = rules.loading();
        Workload load = new Workload(
                today,
                work.ofHorse(pair.horseId(), clock.instant()).stream()
                        .map(w -> w.session(zone, this::strand))
                        .toList());
        WeekLoad week = load.ofWeek();
        return new WorkOfHorse(
                pair.horse(),
                today,
                load.weeks().stream()
                        .map(w -> new WeekView(w.from(), whole(w.load()), whole(w.minutes())))
                        .toList(),
                tenth(week.monotony()),
                tenth(week.strain()),
                PlanNotes.ofLoad(load.judge(loading)),
                outings(pair, zone, loading));
    }

    private List<OutingView> outings(Pair pair, ZoneId zone, Thresholds loading) {
        List<StoredOuting> stored = outings.of(pair.horseId());
        if (stored.isEmpty()) {
            return List.of();
        }
        Integer bornYear = facts.of(pair.id()).facts().bornYear();
        LocalDate from = stored.stream()
                .map(StoredOuting::travelOn)
                .min(LocalDate::compareTo)
                .orElseThrow();
        Map<LocalDate, Integer> diary = outings.diary(
                pair.horseId(), from.minusDays(1), stored.get(0).countsOn().plusDays(1), zone);
        return stored.stream()
                .map(o -> {
                    Outing days = o.days(bornYear, loading);
                    boolean isYoung = o.isYoung(bornYear);
                    return new OutingView(
                            o.id(),
                            o.what(),
                            o.travelOn(),
                            o.countsOn(),
                            isYoung,
                            o.isPutAway(),
                            days.days(),
                            days.inDiary(diary, Outing.LESSON_MINUTES).warnings(isYoung, loading));
                })
                .toList();
    }

    private Optional<String> strand(String rung) {
        return catalogue.rung(rung).flatMap(r -> catalogue.strandOf(r.id())).map(Strand::id);
    }

    private static int whole(double value) {
        return (int) Math.round(value);
    }

    private static Double tenth(OptionalDouble value) {
        return value.isEmpty() ? null : Math.round(value.getAsDouble() * 10) / 10.0;
    }
}
