package strophos.server.ride;

import io.swagger.v3.oas.annotations.media.ArraySchema;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import strophos.catalogue.Catalogue;
import strophos.catalogue.Exercise;
import strophos.catalogue.SchoolText;
import strophos.catalogue.Schools;
import strophos.catalogue.TackRoom;
import strophos.core.drill.ConeDrill;
import strophos.core.drill.ConePart;
import strophos.core.exchange.PadKind;
import strophos.core.exchange.Place;
import strophos.core.plan.FigureKind;
import strophos.core.record.EarlierMark;
import strophos.core.school.CorrectionPolicy;
import strophos.core.school.School;
import strophos.core.school.Settings;
import strophos.core.school.Teaching;
import strophos.core.school.WhenStuck;
import strophos.core.state.PairState;
import strophos.core.watch.WatchCount;
import strophos.server.access.Action;
import strophos.server.access.Needs;
import strophos.server.contract.CanBeNull;
import strophos.server.cue.CueForRide;
import strophos.server.ground.LessonGroundView;
import strophos.server.intake.IntakeForRide;
import strophos.server.lesson.Lesson;
import strophos.server.lesson.LessonRepository;
import strophos.server.look.StoredLook;
import strophos.server.plan.Plans;
import strophos.server.problem.Problem;
import strophos.server.stair.StairReader;
import strophos.server.state.PairStates;
import strophos.server.state.RecentLesson;
import strophos.server.watch.WatchItem;
import tools.jackson.databind.JsonNode;

/** Entries in, a lesson's log out, and what a device needs to ride without a network. */
@RestController
@RequestMapping("/api/v1")
class RideController {

    /** Where something is done that has no rein. */
    private static final Set<Place> WITHOUT_REIN = Set.of(Place.SPOT, Place.TRAIL, Place.STALL, Place.TRAILER);

    /** More than anybody rides of it in a lesson. */
    private static final int CONE_PARTS = 60;

    private final RideLog log;
    private final Turns turns;
    private final LessonRepository lessons;
    private final PairStates states;
    private final StairReader stairs;
    private final Plans plans;
    private final BesideRepository besides;
    private final Catalogue catalogue;
    private final TackRoom tack;
    private final Schools schools;
    private final Clock clock;

    RideController(
            RideLog log,
            Turns turns,
            LessonRepository lessons,
            PairStates states,
            StairReader stairs,
            Plans plans,
            BesideRepository besides,
            Catalogue catalogue,
            TackRoom tack,
            Schools schools,
            Clock clock) {
        this.log = log;
        this.turns = turns;
        this.lessons = lessons;
        this.states = states;
        this.stairs = stairs;
        this.plans = plans;
        this.besides = besides;
        this.catalogue = catalogue;
        this.tack = tack;
        this.schools = schools;
        this.clock = clock;
    }

    /** Entries of any of the author's lessons. */
    record Batch(
            @NotNull @Size(max = 500) @ArraySchema(schema = @Schema(implementation = EntryWire.class))
            List<JsonNode> entries) {}

    /** The answers in the batch's order, and the server's clock for the device's. */
    record BatchAnswer(List<Answer> answers, long serverMs) {}

    /** Entries of a lesson in the order of their arrival; {@code arrival} is where to go on from. */
    record Log(List<ArrivedEntry> entries, long arrival) {}

    /** All a device needs for a lesson without a network; {@code maySpeak}, {@code mayKeepStills}: voice notes, and frames of clips, may be kept of this rider's lessons; {@code strandNames}: of the yard's own progressions. */
    record Packet(
            Lesson lesson,
            List<RungForRide> rungs,
            List<Usual> usual,
            List<ArrivedEntry> entries,
            long arrival,
            Plans.PlanForRide plan,
            List<StoredLook> looksBefore,
            LastTime lastTime,
            List<WatchItem> watch,
            int watchWeeks,
            List<EarlierMark> seenBefore,
            boolean maySpeak,
            Map<String, String> strandNames,
            HeadgearChoice headgear,
            IntakeForRide known,
            SchoolForRide school,
            List<SchoolForRide> schools,
            SettingsForRide settled,
            Map<String, CorrectionPolicy> corrections,
            Map<String, PadKind> ownPads,
            GroundForRide ground,
            @CanBeNull BandForRide band,
            List<CueForRide> cues,
            boolean mayKeepStills,
            long serverMs) {}

    /** What the pair aims at in each rein, in kilograms. */
    record BandForRide(double lowKg, double highKg) {}

    /**
     * What stands, and the drill between two cones.
     *
     * @param stands null where nobody ever set anything up
     * @param onCones exercises that are ridden round two cones
     * @param coneParts their parts, in an order drawn by lot for this lesson
     */
    record GroundForRide(@CanBeNull LessonGroundView stands, List<String> onCones, List<ConePart> coneParts) {}

    /**
     * What is settled for this pair and acts while it rides.
     *
     * @param bit what it is taught in; null: whatever it wears
     * @param correction where neither exercise nor segment says otherwise
     */
    record SettingsForRide(
            Settings.SlackRein slack,
            Settings.LandingLead landingLead,
            @CanBeNull Settings.Bit bit,
            CorrectionPolicy correction) {

        static SettingsForRide of(Teaching teaching) {
            return new SettingsForRide(
                    teaching.slack(),
                    teaching.landingLead(),
                    teaching.settings().bit().orElse(null),
                    teaching.correction());
        }
    }

    /**
     * How is taught in a school.
     *
     * @param pads how an exercise that has this pad elsewhere is touched in
     * @param ladder what is asked at each of the four strengths, lightest first; empty where the school knows no strengths
     * @param notAllowed what is never done in it, and why
     */
    record SchoolForRide(
            School school,
            List<String> ladder,
            String notAllowed,
            String why,
            Map<PadKind, PadKind> pads,
            CorrectionPolicy correction,
            WhenStuck whenStuck) {

        static SchoolForRide of(SchoolText text) {
            Teaching teaching = Teaching.of(text.school());
            return new SchoolForRide(
                    text.school(),
                    text.ladder(),
                    text.notAllowed(),
                    text.why(),
                    Arrays.stream(PadKind.values())
                            .filter(p -> teaching.pad(p) != p)
                            .collect(Collectors.toMap(p -> p, teaching::pad)),
                    teaching.correction(),
                    teaching.whenStuck());
        }
    }

    /**
     * What may be worn on the head.
     *
     * @param now what the pair's tack says; null where it does not
     * @param all by id, in the order of the list
     */
    record HeadgearChoice(@CanBeNull String now, List<HeadgearName> all) {}

    record HeadgearName(String id, String name, Settings.Bit bit) {}

    @PostMapping("/entries")
    @Needs(Action.RECORD)
    BatchAnswer take(@Valid @RequestBody Batch batch) {
        return turns.take(batch.entries(), () -> new BatchAnswer(log.take(batch.entries()), clock.millis()));
    }

    @GetMapping("/lessons/{id}/entries")
    @Needs(Action.EXPORT)
    Log entries(@PathVariable UUID id, @RequestParam(defaultValue = "0") long after) {
        RideLog.Arrivals arrived = log.after(id, after).orElseThrow(Problem::notFound);
        return new Log(wire(arrived.entries()), arrived.last());
    }

    @GetMapping("/lessons/{id}/packet")
    @Needs(Action.RECORD)
    @Transactional
    public Packet packet(@PathVariable UUID id) {
        Plans.ForDevice of = plans.forDevice(id, clock.instant());
        Lesson lesson = of.lesson();
        RideLog.Arrivals arrived = log.all(id);
        // a lesson that goes on counts as far as it has come
        PairState state = lesson.startedAt() == null ? of.before() : states.now(lesson.pair());
        List<StairReader.Step> rungs = stairs.steps(state, of.teaching());
        BesideLesson beside = besides.of(lesson, clock.instant(), lessons.zone());
        return new Packet(
                lesson,
                RungForRide.all(rungs),
                usual(of.teaching(), rungs),
                wire(arrived.entries()),
                arrived.last(),
                of.plan(),
                beside.looksBefore(),
                LastTime.of(of.ridden(), rungs, of.helps(), beside.note(), catalogue::nameOf),
                beside.watch(),
                WatchCount.STANDARD_WEEKS,
                seenBefore(of.ridden()),
                beside.maySpeak(),
                catalogue.strandNames(),
                new HeadgearChoice(beside.headgear().orElse(null), headgearNames()),
                beside.known(),
                SchoolForRide.of(schools.of(of.teaching().school())),
                allSchools(),
                SettingsForRide.of(of.teaching()),
                corrections(rungs),
                ownPads(of.teaching(), rungs),
                ground(of.ground(), rungs, id.getLeastSignificantBits()),
                beside.band().map(b -> new BandForRide(b.lowKg(), b.highKg())).orElse(null),
                beside.cues(),
                beside.mayKeepStills(),
                clock.millis());
    }

    private GroundForRide ground(Optional<LessonGroundView> stands, List<StairReader.Step> rungs, long seed) {
        return new GroundForRide(
                stands.orElse(null),
                rungs.stream()
                        .map(StairReader.Step::exercise)
                        .distinct()
                        .filter(id -> catalogue
                                .exercise(id)
                                .filter(e -> e.line() == FigureKind.TWO_CONES)
                                .isPresent())
                        .toList(),
                ConeDrill.order(seed, CONE_PARTS));
    }

    private List<SchoolForRide> allSchools() {
        return schools.all().stream().map(SchoolForRide::of).toList();
    }

    /** What exercises have by themselves where this teaching touches them in otherwise: from it a stretch borrows. */
    private Map<String, PadKind> ownPads(Teaching teaching, List<StairReader.Step> rungs) {
        Map<String, PadKind> own = new TreeMap<>();
        rungs.forEach(r -> catalogue
                .exercise(r.exercise())
                .map(Exercise::padKind)
                .filter(pad -> teaching.pad(pad) != pad)
                .ifPresent(pad -> own.put(r.exercise(), pad)));
        return own;
    }

    /** What exercises ask for by themselves. */
    private Map<String, CorrectionPolicy> corrections(List<StairReader.Step> rungs) {
        Map<String, CorrectionPolicy> own = new TreeMap<>();
        rungs.forEach(r -> catalogue
                .exercise(r.exercise())
                .flatMap(Exercise::correction)
                .ifPresent(c -> own.put(r.exercise(), c)));
        return own;
    }

    private List<HeadgearName> headgearNames() {
        return tack.headgears().stream()
                .map(h -> new HeadgearName(
                        h.headgear().id(), h.name(), h.headgear().bit()))
                .toList();
    }

    /**
     * All a device needs for the first lesson of a pair that nobody has met, without a network: its names and ids are put in there. The
     * lesson in it is a blank.
     */
    @GetMapping("/clinic/{school}")
    @Needs(Action.ADD_PAIR)
    @Transactional
    public Packet clinic(@PathVariable School school) {
        Teaching teaching = Teaching.of(school);
        List<StairReader.Step> rungs = stairs.steps(PairState.START, teaching);
        UUID nobody = new UUID(0, 0);
        return new Packet(
                new Lesson(
                        nobody,
                        nobody,
                        nobody,
                        teaching,
                        null,
                        "",
                        "",
                        clock.instant(),
                        Plans.UNPLANNED_MINUTES,
                        null,
                        null,
                        0,
                        null),
                RungForRide.all(rungs),
                usual(teaching, rungs),
                List.of(),
                0,
                plans.forNewPair(teaching),
                List.of(),
                LastTime.NONE,
                List.of(),
                WatchCount.STANDARD_WEEKS,
                List.of(),
                true,
                catalogue.strandNames(),
                new HeadgearChoice(null, headgearNames()),
                IntakeForRide.NOTHING,
                SchoolForRide.of(schools.of(school)),
                allSchools(),
                SettingsForRide.of(teaching),
                corrections(rungs),
                ownPads(teaching, rungs),
                ground(Optional.empty(), rungs, clock.millis()),
                null,
                List.of(),
                true,
                clock.millis());
    }

    /** What was marked in the last lessons, the latest last. */
    private static List<EarlierMark> seenBefore(List<RecentLesson> latestFirst) {
        List<List<EarlierMark>> seen = new ArrayList<>(latestFirst.stream()
                .limit(EarlierMark.LESSONS)
                .map(RecentLesson::seen)
                .toList());
        Collections.reverse(seen);
        return EarlierMark.inAll(seen);
    }

    private List<Usual> usual(Teaching teaching, List<StairReader.Step> rungs) {
        Map<String, Set<Place>> ridden = rungs.stream()
                .collect(Collectors.groupingBy(
                        StairReader.Step::exercise, Collectors.mapping(StairReader.Step::place, Collectors.toSet())));
        return catalogue.strands().stream()
                .flatMap(s -> s.exercises().stream())
                .filter(e -> ridden.containsKey(e.id()))
                .map(e -> Usual.of(e, teaching, ridden.get(e.id()).stream().anyMatch(WITHOUT_REIN::contains)))
                .toList();
    }

    private static List<ArrivedEntry> wire(List<StoredEntry> entries) {
        return entries.stream().map(ArrivedEntry::of).toList();
    }
}
