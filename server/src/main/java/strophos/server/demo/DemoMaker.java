package strophos.server.demo;

import java.math.BigDecimal;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import java.util.UUID;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.context.annotation.Profile;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionOperations;
import strophos.server.access.AccountRepository;
import strophos.server.access.Role;
import strophos.server.access.Viewer;
import strophos.server.access.YardScope;
import strophos.server.ground.GroundRepository;
import strophos.server.horse.FactsRepository;
import strophos.server.horse.Overrule;
import strophos.server.lesson.GroupRepository;
import strophos.server.lesson.Lesson;
import strophos.server.lesson.LessonRepository;
import strophos.server.library.OwnImport;
import strophos.server.outing.OutingRepository;
import strophos.server.outing.StoredOuting;
import strophos.server.pair.NewPlacing;
import strophos.server.pair.Placings;
import strophos.server.pause.Safety;
import strophos.server.roster.NewPair;
import strophos.server.roster.Pair;
import strophos.server.roster.PairRepository;
import strophos.server.settings.Settings;
import strophos.server.setup.YardRepository;
import strophos.server.stride.StrideRepository;

/** Makes the demo yard in an empty database, relative to today. */
@Component
@Profile("demo")
class DemoMaker implements ApplicationRunner {

    private static final List<Story> STORIES = Stories.all();
    private static final int TELLERS = 4;
    private static final LocalTime GROUP_AT = LocalTime.of(14, 30);
    private static final Map<String, LocalTime> TODAY = Map.of(
            "Marzipan",
            LocalTime.of(9, 30),
            "Fennel",
            GROUP_AT,
            "Skerry",
            GROUP_AT,
            "Penny Black",
            GROUP_AT,
            "Vesper",
            LocalTime.of(16, 0),
            "Tamarack",
            LocalTime.of(17, 15));
    private static final Duration CAME = Duration.ofDays(7L * (Story.LAST_WEEK + 2));
    private static final Duration WEEKS_AGO = Duration.ofDays(120);
    private static final Logger LOG = LoggerFactory.getLogger(DemoMaker.class);

    private final AccountRepository accounts;
    private final YardRepository yards;
    private final PairRepository pairs;
    private final LessonRepository lessons;
    private final GroupRepository groups;
    private final FactsRepository facts;
    private final OutingRepository outings;
    private final StrideRepository strides;
    private final GroundRepository ground;
    private final Placings placings;
    private final Safety safety;
    private final OwnImport ownWork;
    private final DemoKnown known;
    private final DemoHistory history;
    private final DemoRecordings recordings;
    private final PasswordEncoder passwords;
    private final TransactionOperations transactions;
    private final Supplier<UUID> ids;
    private final Clock clock;
    private final Settings settings;

    DemoMaker(
            AccountRepository accounts,
            YardRepository yards,
            PairRepository pairs,
            LessonRepository lessons,
            GroupRepository groups,
            FactsRepository facts,
            OutingRepository outings,
            StrideRepository strides,
            GroundRepository ground,
            Placings placings,
            Safety safety,
            OwnImport ownWork,
            DemoKnown known,
            DemoHistory history,
            DemoRecordings recordings,
            PasswordEncoder passwords,
            TransactionOperations transactions,
            Supplier<UUID> ids,
            Clock clock,
            Settings settings) {
        this.accounts = accounts;
        this.yards = yards;
        this.pairs = pairs;
        this.lessons = lessons;
        this.groups = groups;
        this.facts = facts;
        this.outings = outings;
        this.strides = strides;
        this.ground = ground;
        this.placings = placings;
        this.safety = safety;
        this.ownWork = ownWork;
        this.known = known;
        this.history = history;
        this.recordings = recordings;
        this.passwords = passwords;
        this.transactions = transactions;
        this.ids = ids;
        this.clock = clock;
        this.settings = settings;
    }

    @Override
    public void run(ApplicationArguments args) throws InterruptedException {
        Viewer coach = new Viewer(ids.get(), ids.get(), Role.COACH);
        long begun = System.nanoTime();
        boolean isNew = as(coach, () -> {
            if (!accounts.isEmpty()) {
                return false;
            }
            make(coach);
            return true;
        });
        if (isNew) {
            tell(coach);
            as(coach, () -> {
                rideTogether();
                yards.markDemo(clock.instant());
                return null;
            });
        }
        if (isNew) {
            LOG.info("The demo yard was made in {} ms.", TimeUnit.NANOSECONDS.toMillis(System.nanoTime() - begun));
        }
    }

    private <T> T as(Viewer coach, Supplier<T> work) {
        return YardScope.as(coach, () -> transactions.execute(status -> work.get()));
    }

    /** The stories beside each other: each is another pair's. A yard whose stories were cut is not marked as a demo. */
    private void tell(Viewer coach) throws InterruptedException {
        ExecutorService tellers = Executors.newFixedThreadPool(TELLERS);
        try {
            List<Future<?>> told = new ArrayList<>();
            for (Story story : STORIES) {
                told.add(tellers.submit(() -> as(coach, () -> {
                    tell(coach, story, ZoneId.of(DemoPeople.TIME_ZONE));
                    return null;
                })));
            }
            for (Future<?> each : told) {
                each.get();
            }
        } catch (ExecutionException e) {
            throw new IllegalStateException("The demo yard could not be made.", e.getCause());
        } finally {
            tellers.shutdownNow();
        }
    }

    /** Stories whose last lessons were held at the same time were held together. */
    private void rideTogether() {
        ZoneId zone = ZoneId.of(DemoPeople.TIME_ZONE);
        LocalDate today = LocalDate.ofInstant(clock.instant(), zone);
        STORIES.stream()
                .collect(Collectors.groupingBy(
                        s -> DemoHistory.at(today.minusDays(s.lastDaysAgo()), s.hour(), zone), Collectors.counting()))
                .forEach((at, many) -> {
                    if (many > 1) {
                        groups.put(
                                lessons.between(at, at.plusSeconds(1)).stream()
                                        .map(Lesson::id)
                                        .toList(),
                                ids.get());
                    }
                });
    }

    private void make(Viewer coach) {
        String hash = passwords.encode(settings.demoPassword().orElseThrow());
        ZoneId zone = ZoneId.of(DemoPeople.TIME_ZONE);
        yards.addYard(coach.yard(), DemoPeople.YARD, DemoPeople.TIME_ZONE, clock.instant());
        addPerson(coach.person(), DemoPeople.COACH, Role.COACH, "ottilie", hash);
        addPerson(ids.get(), DemoPeople.ASSISTANT, Role.ASSISTANT, "kwame", hash);
        List<UUID> together = new ArrayList<>();
        for (DemoPeople.DemoPair demo : DemoPeople.pairs()) {
            UUID pair = addPair(demo, hash);
            LocalTime at = TODAY.get(demo.pair().horse());
            if (at != null) {
                UUID lesson = ids.get();
                if (at.equals(GROUP_AT)) {
                    together.add(lesson);
                }
                Instant planned = LocalDate.ofInstant(clock.instant(), zone)
                        .atTime(at)
                        .atZone(zone)
                        .toInstant();
                lessons.add(lesson, pair, planned, 45, clock.instant());
            }
        }
        groups.put(together, ids.get());
        addSecondRider();
        safety.keepContacts(DemoPeople.CONTACTS);
        Instant now = clock.instant();
        known.write(pairs.findVisible(), LocalDate.ofInstant(now, zone), now);
        ownWork.take(DemoMaker.class.getResourceAsStream("/demo/own-work.json"), clock.instant());
        ground.begin(DemoMaker.class.getResourceAsStream("/demo/ground.json"), ids, clock.instant());
    }

    private void tell(Viewer coach, Story story, ZoneId zone) {
        Pair pair = pairs.findVisible().stream()
                .filter(p -> p.horse().equals(story.horse()))
                .findFirst()
                .orElseThrow();
        LocalDate today = LocalDate.ofInstant(clock.instant(), zone);
        facts.change(pair.id(), 0, story.facts().on(today));
        story.outings()
                .forEach(o -> outings.add(
                        pair.horseId(),
                        new StoredOuting(
                                ids.get(),
                                o.what(),
                                today.plusDays(o.travelInDays()),
                                today.plusDays(o.countsInDays()),
                                o.isFirst(),
                                false),
                        clock.instant()));
        story.strides().forEach(m -> strides.add(pair.horseId(), ids.get(), m.measure(today), clock.instant()));
        Instant came = clock.instant().minus(CAME);
        story.placed().forEach(rung -> placings.place(pair, new NewPlacing(ids.get(), rung, true), came));
        story.weightReason()
                .ifPresent(reason -> facts.overrule(
                        pair.id(),
                        ids.get(),
                        new Overrule(
                                new BigDecimal("20.7"),
                                reason,
                                "",
                                clock.instant().minus(WEEKS_AGO))));
        Viewer rider = new Viewer(coach.yard(), pair.riderId(), Role.RIDER);
        // each story draws from a stream of its own, so that one can change without the other
        SplittableRandom random =
                new SplittableRandom(settings.demoSeed() * 31 + story.horse().hashCode());
        List<UUID> ridden = history.make(new DemoHistory.Setting(coach, rider, pair, story, zone, random));
        story.measured().ifPresent(lessons -> recordings.make(pair, ridden, lessons, settings.demoSeed()));
    }

    /** While Penny Black comes back to work, Lindiwe rides Marzipan: a horse of two riders. */
    private void addSecondRider() {
        List<Pair> all = pairs.findVisible();
        Pair lindiwe = of(all, "Penny Black");
        Pair marzipan = of(all, "Marzipan");
        pairs.addFor(
                lindiwe.riderId(),
                new NewPair(
                        lindiwe.rider(),
                        marzipan.horse(),
                        null,
                        null,
                        marzipan.school(),
                        "Stay fit while Penny Black comes back.",
                        lindiwe.riderId(),
                        marzipan.horseId(),
                        null,
                        null,
                        null));
    }

    private static Pair of(List<Pair> pairs, String horse) {
        return pairs.stream().filter(p -> p.horse().equals(horse)).findFirst().orElseThrow();
    }

    private UUID addPair(DemoPeople.DemoPair demo, String hash) {
        UUID rider = ids.get();
        addPerson(rider, demo.pair().rider(), Role.RIDER, demo.signIn().orElse(null), hash);
        demo.guardian().ifPresent(g -> {
            UUID guardian = ids.get();
            addPerson(guardian, g.name(), Role.GUARDIAN, g.signIn(), hash);
            yards.addGuardianship(guardian, rider);
        });
        return pairs.addFor(rider, demo.pair());
    }

    private void addPerson(UUID id, String name, Role role, String signIn, String hash) {
        UUID account = null;
        if (signIn != null) {
            account = ids.get();
            accounts.add(account, signIn, hash, true, clock.instant());
        }
        yards.addPerson(id, name, role, account, clock.instant());
    }
}
