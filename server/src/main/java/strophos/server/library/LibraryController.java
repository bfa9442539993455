package strophos.server.library;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import strophos.catalogue.Catalogue;
import strophos.catalogue.Exercise;
import strophos.catalogue.Schools;
import strophos.catalogue.Strand;
import strophos.core.exchange.Gait;
import strophos.core.exchange.Place;
import strophos.core.exchange.Rein;
import strophos.core.school.School;
import strophos.core.stair.Rung;
import strophos.core.stair.RungId;
import strophos.server.access.Action;
import strophos.server.access.Needs;
import strophos.server.contract.CanBeNull;
import strophos.server.problem.Problem;

/** The exercises the product ships with, and the yard's own. */
@RestController
@RequestMapping("/api/v1/library")
@Transactional
class LibraryController {

    /** So many pairs that are on an exercise. */
    static final int PAIRS = 12;

    private final Catalogue catalogue;
    private final Schools schools;
    private final LibraryRepository pairs;
    private final OwnRepository own;
    private final YardCatalogue yard;

    LibraryController(
            Catalogue catalogue, Schools schools, LibraryRepository pairs, OwnRepository own, YardCatalogue yard) {
        this.catalogue = catalogue;
        this.schools = schools;
        this.pairs = pairs;
        this.own = own;
        this.yard = yard;
    }

    /**
     * Strands and their exercises, each in the order in which they are learnt.
     *
     * @param strandNames of the yard's own progressions, by their ids
     */
    record Library(
            List<ExerciseItem> exercises,
            List<StrandView> strands,
            Map<String, String> strandNames,
            List<StrandsOfSchool> bySchool) {}

    /** The strands in the order in which a school goes about them. */
    record StrandsOfSchool(School school, List<String> strands) {}

    /** A strand's stair, from the bottom up. */
    record StrandView(String strand, List<StepOfStrand> steps) {}

    /**
     * A rung of a strand, by the ids of those it names; where a school does not say otherwise.
     *
     * @param wayBack null at the bottom
     */
    record StepOfStrand(
            String rung,
            String exercise,
            String shortName,
            Gait gait,
            Place place,
            List<String> needs,
            @CanBeNull String wayBack) {}

    /**
     * An exercise in the list.
     *
     * @param gaits it has rungs in
     * @param schools that teach it; none teaches what was put away
     * @param isAlone a rider may practise it alone
     * @param isOwn the yard made it
     */
    record ExerciseItem(
            String id,
            String strand,
            String name,
            List<Gait> gaits,
            Set<School> schools,
            Set<Exercise.Purpose> purpose,
            Exercise.People people,
            List<String> kit,
            boolean isAlone,
            boolean isHard,
            boolean isOwn) {}

    @GetMapping
    @Needs(Action.SEE_PLAN)
    Library all() {
        return new Library(
                catalogue.strands().stream()
                        .flatMap(s -> s.exercises().stream().map(e -> item(s, e)))
                        .toList(),
                catalogue.strands().stream()
                        .map(s -> new StrandView(
                                s.id(),
                                s.progression().rungs().stream().map(this::step).toList()))
                        .toList(),
                catalogue.strandNames(),
                schools.all().stream()
                        .map(s -> new StrandsOfSchool(s.school(), s.strands()))
                        .toList());
    }

    private StepOfStrand step(Rung r) {
        return new StepOfStrand(
                r.id().toString(),
                r.id().exercise(),
                catalogue.exercise(r.id().exercise()).orElseThrow().shortName(),
                r.id().gait(),
                r.id().place(),
                r.needs().stream().map(RungId::toString).sorted().toList(),
                r.wayBack().map(RungId::toString).orElse(null));
    }

    private ExerciseItem item(Strand strand, Exercise e) {
        return new ExerciseItem(
                e.id(),
                strand.id(),
                e.name(),
                rungs(strand, e).map(r -> r.id().gait()).distinct().toList(),
                e.schools(),
                e.purpose(),
                e.needs().people(),
                e.needs().kit().stream().map(Exercise.Kit::item).toList(),
                e.isForPractisingAlone(),
                e.isHard(),
                yard.isOwn(e.id()));
    }

    private static Stream<Rung> rungs(Strand strand, Exercise e) {
        return strand.progression().rungs().stream()
                .filter(r -> r.id().exercise().equals(e.id()));
    }

    @GetMapping("/{exercise}")
    @Needs(Action.SEE_PLAN)
    ExerciseView one(@PathVariable String exercise) {
        Exercise e = catalogue.exercise(exercise).orElseThrow(Problem::notFound);
        Strand strand = catalogue.strands().stream()
                .filter(s -> s.exercises().contains(e))
                .findFirst()
                .orElseThrow();
        List<Rung> rungs = rungs(strand, e).toList();
        Optional<OwnItem<Aside>> aside = own.find(OwnItem.Kind.ASIDE, exercise, Aside.class);
        return new ExerciseView(
                e.id(),
                strand.id(),
                catalogue.strandNames().get(strand.id()),
                e.name(),
                e.purpose(),
                e.schools(),
                e.needs().space(),
                e.needs().people(),
                e.needs().kit().stream()
                        .map(k -> new ExerciseView.KitView(
                                k.item(), k.substitute().orElse(null)))
                        .toList(),
                e.line(),
                e.circleM().isPresent() ? e.circleM().getAsInt() : null,
                e.ground().note(),
                e.works(),
                e.goes().map(Exercise.Course::moves).orElse(null),
                e.position(),
                ExerciseView.OnRein.of(e, Rein.LEFT),
                ExerciseView.OnRein.of(e, Rein.RIGHT),
                e.goodSigns(),
                e.faults(),
                e.notJudgedYet(),
                e.correction().orElse(null),
                e.wayBack(),
                e.instruction(),
                e.cautions(),
                e.dose(),
                e.feel(),
                e.goesWrong(),
                e.film(),
                e.stopIf(),
                e.secondBest(),
                e.hack().orElse(null),
                e.isHard(),
                e.isForPractisingAlone(),
                rungs.stream().map(this::rung).toList(),
                pairs.pairsOn(rungs.stream().map(Rung::id).toList(), PAIRS),
                own.find(OwnItem.Kind.EXERCISE, exercise, OwnForm.class)
                        .map(OwnController.OwnExerciseView::of)
                        .orElse(null),
                aside.map(OwnItem::body).filter(a -> !a.isEmpty()).orElse(null),
                aside.map(OwnItem::version).orElse(0));
    }

    private ExerciseView.RungView rung(Rung r) {
        return new ExerciseView.RungView(
                r.id().toString(),
                r.id().gait(),
                r.id().place(),
                r.needs().stream().map(this::name).toList(),
                r.wayBack().map(this::name).orElse(null),
                ExerciseView.criterion(r));
    }

    private ExerciseView.RungName name(RungId id) {
        return new ExerciseView.RungName(id.exercise(), catalogue.nameOf(id.exercise()), id.gait(), id.place());
    }
}
