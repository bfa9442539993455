package strophos.server.ground;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.time.Clock;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import strophos.core.arena.FigureField;
import strophos.core.arena.FigureForm;
import strophos.core.fence.Cavaletti;
import strophos.core.fence.RelatedLine;
import strophos.core.setout.OwnPace;
import strophos.core.stride.Pace;
import strophos.core.stride.Variant;
import strophos.server.access.Action;
import strophos.server.access.Needs;
import strophos.server.contract.CanBeNull;
import strophos.server.problem.Issue;
import strophos.server.problem.Problem;
import strophos.server.rules.YardSettings;

/** The ground: arenas, what is set up on them, and how it suits today's horses. */
@RestController
@RequestMapping("/api/v1/ground")
@Transactional
class GroundController {

    /** So many horses are looked at together. */
    static final int MOST_HORSES = 8;

    /** So many things make a set-up. */
    static final int MOST_THINGS = 40;

    /** A line is mostly begun with these, for a horse of 12 ft (common practice, no source). */
    private static final int LINE_STRIDES = 5;

    private static final double USUAL_STRIDE_M = 12 * Pace.FOOT_M;

    private final GroundRepository ground;
    private final Arenas arenas;
    private final GroundHorses horses;
    private final YardSettings settings;
    private final Clock clock;

    GroundController(GroundRepository ground, Arenas arenas, GroundHorses horses, YardSettings settings, Clock clock) {
        this.ground = ground;
        this.arenas = arenas;
        this.horses = horses;
        this.settings = settings;
        this.clock = clock;
    }

    /**
     * What there is to work with.
     *
     * @param lineM from fence to fence of a line as it is mostly begun
     * @param mostPairs so many are measured together
     * @param mostThings so many make a set-up
     * @param paceM of whoever asks
     * @param isPaceWalked whether it was measured, or is the usual one
     */
    record GroundRoom(
            List<ArenaOfYard> arenas,
            List<FormView> forms,
            List<GaitView> gaits,
            List<LayoutInShort> layouts,
            FigureForm.Bounds corner,
            FigureForm.Bounds narrowest,
            double lineM,
            Cavaletti cavaletti,
            int mostPairs,
            int mostThings,
            double paceM,
            boolean isPaceWalked) {}

    /** @param version 0 for a standard one, which nobody changes */
    record ArenaOfYard(
            GroundView.ArenaView drawn,
            int version,
            @CanBeNull WantedArena told,
            boolean isPutAway) {}

    record FormView(
            FigureForm form,
            Set<FigureField> fields,
            FigureForm.Bounds size,
            FigureForm.Bounds count,
            String usualAt) {}

    record GaitView(Pace pace, List<Variant> variants, Variant usual) {}

    record LayoutInShort(UUID id, String name, String arena, int things, boolean isPutAway, String by, Instant at) {}

    record LayoutView(UUID id, int version, String name, String arena, List<WantedThing> things, boolean isPutAway) {}

    /**
     * What is to be measured.
     *
     * @param arena of the yard, or the name of a standard one
     */
    record WantedGround(
            @NotBlank @Size(max = 36) String arena,
            @NotNull @Size(max = MOST_HORSES) List<@NotNull UUID> pairs,
            @NotNull Pace pace,
            @NotNull Variant variant,
            @NotNull @Size(max = MOST_THINGS) List<@NotNull @Valid WantedThing> things) {}

    /** What pairs that go together ride, each by its own plan. */
    record WantedMerge(
            @NotBlank @Size(max = 36) String arena,
            @NotNull @Size(min = 1, max = MOST_THINGS) List<@NotNull @Valid WantedNeed> needs) {}

    /** The version it was made from; 0 for a new one, whose id is made by the caller. */
    record NewArena(
            @NotNull @Min(0) Integer version,
            @NotNull @Valid WantedArena arena,
            boolean isPutAway) {}

    /** The version it was made from; 0 for a new one, whose id is made by the caller. */
    record NewLayout(
            @NotNull @Min(0) Integer version,
            @NotBlank @Size(max = 60) String name,
            @NotBlank @Size(max = 36) String arena,
            @NotNull @Size(min = 1, max = MOST_THINGS) List<@NotNull @Valid WantedThing> things,
            boolean isPutAway) {}

    /** A known length, and the paces walked over it. */
    record WalkedPaces(
            @NotNull @DecimalMin("5") @DecimalMax("200") BigDecimal lengthM,
            @NotNull @Min(4) @Max(500) Integer paces) {}

    @GetMapping
    @Needs(Action.SEE_PLAN)
    GroundRoom room() {
        List<ArenaOfYard> standard = Arrays.stream(Standard.values())
                .map(s -> new ArenaOfYard(GroundTeller.view(s.name(), null, s.arena()), 0, null, false))
                .toList();
        List<ArenaOfYard> own = ground.arenas().stream()
                .map(a -> new ArenaOfYard(
                        GroundTeller.view(
                                a.id().toString(), a.arena().name(), a.arena().arena()),
                        a.version(),
                        a.arena(),
                        a.isPutAway()))
                .toList();
        Optional<OwnPace> pace = ground.pace();
        return new GroundRoom(
                Stream.concat(own.stream(), standard.stream()).toList(),
                Arrays.stream(FigureForm.values())
                        .map(f -> new FormView(f, f.fields(), f.size(), f.count(), f.usualAt()))
                        .toList(),
                Arrays.stream(Pace.values())
                        .map(p -> new GaitView(
                                p,
                                Arrays.stream(Variant.values())
                                        .filter(p.variants()::contains)
                                        .toList(),
                                p.usualVariant()))
                        .toList(),
                ground.layouts().stream()
                        .map(l -> new LayoutInShort(
                                l.id(), l.name(), l.arena(), l.things().size(), l.isPutAway(), l.by(), l.at()))
                        .toList(),
                FigureForm.CORNER,
                FigureForm.TO,
                RelatedLine.distanceM(LINE_STRIDES, USUAL_STRIDE_M, Cavaletti.NO_LONGER_M),
                Cavaletti.of(USUAL_STRIDE_M),
                MOST_HORSES,
                MOST_THINGS,
                pace.orElse(OwnPace.USUAL).paceM(),
                pace.isPresent());
    }

    /** Changes nothing: what is asked for is too much for an address. */
    @PostMapping("/measures")
    @Needs(Action.SEE_PLAN)
    GroundView measure(@Valid @RequestBody WantedGround wanted) {
        WantedThing.refuseIf(WantedThing.issues(wanted.things()));
        Arenas.Named arena = arenas.named(wanted.arena());
        refuseVariant(wanted.pace(), wanted.variant());
        GroundTeller teller = new GroundTeller(
                arena.arena(),
                wanted.pace(),
                wanted.variant(),
                ground.pace().orElse(OwnPace.USUAL),
                horses.of(wanted.pairs()));
        return new GroundView(
                GroundTeller.view(wanted.arena(), arena.name(), arena.arena()),
                teller.horses(),
                teller.tell(wanted.things()));
    }

    /** One ground for all that a group rides; changes nothing. */
    @PostMapping("/merged")
    @Needs(Action.SEE_PLAN)
    MergedTeller.MergedView merge(@Valid @RequestBody WantedMerge wanted) {
        WantedThing.refuseIf(WantedThing.issues(
                wanted.needs().stream().map(WantedNeed::thing).toList(), i -> "needs[%d].thing".formatted(i)));
        Arenas.Named arena = arenas.named(wanted.arena());
        List<UUID> pairs =
                wanted.needs().stream().map(WantedNeed::pair).distinct().toList();
        if (pairs.size() > MOST_HORSES) {
            throw Problem.refused(List.of(new Issue("bounds", "needs", "things for at most 8 pairs")));
        }
        return new MergedTeller(arena.arena(), horses.of(pairs)).tell(wanted.needs());
    }

    @PutMapping("/arenas/{arena}")
    @Needs(Action.PLAN)
    GroundRoom change(@PathVariable("arena") UUID id, @Valid @RequestBody NewArena wanted) {
        WantedThing.refuseIf(wanted.arena().issues().stream()
                .map(i -> new Issue(i.code(), "arena." + i.path(), i.expected()))
                .toList());
        settings.lock();
        if (wanted.version() == 0 && ground.countArenas() >= GroundRepository.MOST_ARENAS) {
            throw new Problem(
                    HttpStatus.CONFLICT,
                    "too_many_arenas",
                    "This yard has %d arenas; change one of them instead.".formatted(GroundRepository.MOST_ARENAS));
        }
        if (!ground.change(id, wanted.version(), wanted.arena(), wanted.isPutAway(), clock.instant())) {
            throw Problem.changedMeanwhile();
        }
        return room();
    }

    @GetMapping("/layouts/{layout}")
    @Needs(Action.SEE_PLAN)
    LayoutView layout(@PathVariable("layout") UUID id) {
        StoredLayout l = ground.layout(id).orElseThrow(Problem::notFound);
        return new LayoutView(l.id(), l.version(), l.name(), l.arena(), l.things(), l.isPutAway());
    }

    @PutMapping("/layouts/{layout}")
    @Needs(Action.PLAN)
    LayoutView change(@PathVariable("layout") UUID id, @Valid @RequestBody NewLayout wanted) {
        WantedThing.refuseIf(WantedThing.issues(wanted.things()));
        Arenas.Named arena = arenas.named(wanted.arena());
        settings.lock();
        if (wanted.version() == 0 && ground.countLayouts() >= GroundRepository.MOST_LAYOUTS) {
            throw new Problem(
                    HttpStatus.CONFLICT,
                    "too_many_layouts",
                    "This yard has %d set-ups; change one of them instead.".formatted(GroundRepository.MOST_LAYOUTS));
        }
        if (!ground.change(
                id,
                wanted.version(),
                wanted.name(),
                arena.id().orElse(null),
                Standard.of(wanted.arena()).orElse(null),
                wanted.things(),
                wanted.isPutAway(),
                clock.instant())) {
            throw Problem.changedMeanwhile();
        }
        return layout(id);
    }

    /** Of whoever asks. */
    @PutMapping("/pace")
    @Needs(Action.RECORD)
    GroundRoom walk(@Valid @RequestBody WalkedPaces walked) {
        try {
            OwnPace.walked(walked.lengthM().doubleValue(), walked.paces());
        } catch (IllegalArgumentException e) {
            throw Problem.refused(List.of(new Issue("no_pace", "paces", "paces of 0.4 to 1.5 m over this length")));
        }
        ground.walked(walked.lengthM(), walked.paces(), clock.instant());
        return room();
    }

    static void refuseVariant(Pace pace, Variant variant) {
        if (!pace.variants().contains(variant)) {
            throw Problem.refused(List.of(new Issue("form", "variant", "one that this gait has")));
        }
    }
}
