package strophos.catalogue;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import strophos.core.exchange.Gait;
import strophos.core.exchange.PadKind;
import strophos.core.exchange.Place;
import strophos.core.exchange.WorkedSide;
import strophos.core.homework.DoseRange;
import strophos.core.homework.Gate;
import strophos.core.school.School;
import strophos.core.school.Teaching;
import strophos.core.stair.Rung;
import strophos.core.stair.RungId;

class OwnWorkTest {

    private static final Library SHIPPED = CatalogueReader.shipped();
    private static final DoseRange DOSE = new DoseRange(4, 8, DoseRange.Unit.REPEATS, 0.5);

    /** An exercise of this name, at walk and trot on the track. */
    private static OwnExercise own(String name) {
        return own(name, Optional.empty(), List.of("WALK RAIL", "TROT RAIL"), List.of(), "Soft and even.");
    }

    private static OwnExercise own(
            String name, Optional<String> from, List<String> steps, List<String> needs, String feel) {
        return new OwnExercise(
                "own-" + name.toLowerCase().replace(' ', '-'),
                name,
                Optional.empty(),
                from,
                Optional.empty(),
                steps.stream()
                        .map(s -> s.split(" "))
                        .map(s -> new OwnExercise.Step(Gait.of(s[0]), Place.of(s[1])))
                        .toList(),
                needs.stream().map(RungId::of).collect(Collectors.toSet()),
                WorkedSide.INSIDE,
                Exercise.People.NOBODY,
                false,
                DOSE,
                Optional.of(new Gate(2, 5, OptionalDouble.empty())),
                new OwnExercise.Words("Ride it.", feel, "", "", List.of("the steps get uneven"), List.of()),
                false);
    }

    private static OwnWork work(OwnExercise... all) {
        return new OwnWork(List.of(all), List.of(), 0);
    }

    private static Rung rung(Library library, String id) {
        return library.rung(id).orElseThrow();
    }

    @Test
    void standsInAStrandOfItsOwnAndOpensGaitByGait() {
        Library library = SHIPPED.with(work(own("Square halt box")));
        Strand last = library.strands().get(library.strands().size() - 1);
        assertThat(last.id()).isEqualTo(OwnWork.STRAND);
        assertThat(last.exercises()).extracting(Exercise::shortName).containsExactly("Square halt box");
        Rung trot = rung(library, "own-square-halt-box.trot.rail");
        assertThat(trot.needs()).extracting(RungId::toString).containsExactly("own-square-halt-box.walk.rail");
        assertThat(trot.wayBack()).map(RungId::toString).contains("own-square-halt-box.walk.rail");
        assertThat(library.strands().subList(0, SHIPPED.strands().size()))
                .as("nothing that ships has moved")
                .extracting(Strand::id)
                .containsExactlyElementsOf(
                        SHIPPED.strands().stream().map(Strand::id).toList());
    }

    @ParameterizedTest
    @EnumSource(School.class)
    void isTaughtByEverySchoolUntilItIsPutAway(School school) {
        OwnExercise e = own("Loops");
        RungId walk = new RungId("own-loops", Gait.WALK, Place.RAIL);
        assertThat(SHIPPED.with(work(e)).isTaught(walk, Teaching.of(school))).isTrue();
        Library without = SHIPPED.with(work(new OwnExercise(
                e.id(),
                e.name(),
                e.shortName(),
                e.from(),
                e.strand(),
                e.steps(),
                e.needs(),
                e.works(),
                e.people(),
                e.isHard(),
                e.dose(),
                e.gate(),
                e.words(),
                true)));
        assertThat(without.isTaught(walk, Teaching.of(school))).isFalse();
        assertThat(without.rung(walk)).as("its record stays").isPresent();
    }

    /** What is there for safety is added to, and never taken away. */
    @Test
    void aCopyKeepsTheCautionsThePeopleAndTheStopSignsOfItsOriginal() {
        Exercise fence = SHIPPED.exercise("single-fence").orElseThrow();
        Exercise copy = SHIPPED.with(work(
                        own("My fence", Optional.of("single-fence"), List.of("CANTER FENCES"), List.of(), "Light.")))
                .exercise("own-my-fence")
                .orElseThrow();
        assertThat(copy.cautions()).containsAll(fence.cautions());
        assertThat(copy.stopIf()).containsAll(fence.stopIf()).contains("the steps get uneven");
        assertThat(copy.needs().people()).isEqualTo(fence.needs().people());
        assertThat(copy.isForPractisingAlone()).isFalse();
        assertThat(copy.aids()).isEqualTo(fence.aids());
    }

    @ParameterizedTest
    @CsvSource({
        "POLES,   POLES,    true",
        "FENCES,  LINE,     false",
        "TRAILER, CHOICE,   false",
        "RAIL,    STRENGTH, true",
        "BEACH,   STRENGTH, true",
    })
    void whereItIsRiddenSaysWhoMustBeThereAndHowItIsTouchedIn(String place, PadKind pad, boolean isAlone) {
        Exercise e = SHIPPED.with(work(own("Mine", Optional.empty(), List.of("WALK " + place), List.of(), "Good.")))
                .exercise("own-mine")
                .orElseThrow();
        assertThat(e.padKind()).isEqualTo(pad);
        assertThat(e.isForPractisingAlone()).isEqualTo(isAlone);
    }

    @Test
    void everyListedPlaceSaysWhatItAsksFor() {
        assertThat(Place.LISTED)
                .allSatisfy(p -> assertThat(AtPlace.of(p).place()).isEqualTo(p));
    }

    @Test
    void theStagesOfAProgressionOpenOneAfterTheOther() {
        OwnWork work = new OwnWork(
                List.of(own("Third"), own("First"), own("Second")),
                List.of(new OwnProgression(
                        "own-way", "The way", List.of("own-first", "own-second", "own-third"), false)),
                0);
        Library library = SHIPPED.with(work);
        Strand way = library.strands().get(library.strands().size() - 1);
        assertThat(way.id()).isEqualTo("own-way");
        assertThat(way.progression().rungs())
                .extracting(r -> r.id().toString())
                .containsExactly(
                        "own-first.walk.rail",
                        "own-first.trot.rail",
                        "own-second.walk.rail",
                        "own-second.trot.rail",
                        "own-third.walk.rail",
                        "own-third.trot.rail");
        assertThat(library.under(new RungId("own-third", Gait.WALK, Place.RAIL), Teaching.of(School.CLASSICAL)))
                .hasSize(4);
    }

    @Test
    void joinsTheStrandOfWhatItWasCopiedFromAfterItsRungs() {
        Library library = SHIPPED.with(work(own(
                "My serpentine",
                Optional.of("serpentine"),
                List.of("TROT ACROSS"),
                List.of("serpentine.trot.across"),
                "Even.")));
        Rung mine = rung(library, "own-my-serpentine.trot.across");
        assertThat(library.strandOf(mine.id())).map(Strand::id).contains("bend");
        assertThat(mine.wayBack())
                .isEqualTo(rung(SHIPPED, "serpentine.trot.across").wayBack());
        assertThat(library.under(mine.id(), Teaching.of(School.GAITED)))
                .extracting(RungId::toString)
                .contains("serpentine.trot.across");
    }

    /** A new exercise changes no judgement of what was ridden before; another way back for an old one does. */
    @Test
    void judgesAlikeUntilAWayBackChanges() {
        assertThat(SHIPPED.with(work(own("New"))).judgement()).isEqualTo(SHIPPED.judgement());
        assertThat(SHIPPED.with(new OwnWork(List.of(own("New")), List.of(), 1)).judgement())
                .isNotEqualTo(SHIPPED.judgement());
    }

    static Stream<Map.Entry<OwnExercise, String>> broken() {
        OwnExercise good = own("Good");
        return Stream.of(
                Map.entry(
                        own("Circle", Optional.empty(), List.of("WALK RAIL"), List.of("own-circle.walk.rail"), "x"),
                        "unknown_id needs"),
                Map.entry(
                        own("Lost", Optional.empty(), List.of("WALK RAIL"), List.of("own-gone.walk.rail"), "x"),
                        "unknown_id needs"),
                Map.entry(
                        own("Copy", Optional.of("own-good"), List.of("WALK RAIL"), List.of(), "x"), "unknown_id from"),
                Map.entry(own("Empty", Optional.empty(), List.of(), List.of(), "x"), "missing steps"),
                Map.entry(
                        own("Twice", Optional.empty(), List.of("WALK RAIL", "WALK RAIL"), List.of(), "x"),
                        "twice steps"),
                Map.entry(own("Odd", Optional.empty(), List.of("FLY RAIL"), List.of(), "x"), "unknown_word steps"),
                Map.entry(own("Dull", Optional.empty(), List.of("WALK RAIL"), List.of(), " "), "missing feel"));
    }

    @Test
    void saysWhatIsWrongWithAnExercise() {
        OwnCheck check = new OwnCheck(SHIPPED);
        assertThat(check.of(own("Good"), OwnWork.NONE)).isEmpty();
        assertThat(broken())
                .allSatisfy(b -> assertThat(check.of(b.getKey(), work(own("Good"))))
                        .extracting(f -> f.code() + " " + f.path())
                        .containsExactly(b.getValue()));
        OwnExercise clash = own("good", Optional.empty(), List.of("WALK RAIL"), List.of(), "x");
        assertThat(check.of(clash, work(own("Good"))))
                .as("an earlier version of itself")
                .isEmpty();
        assertThat(SHIPPED.exercise("own-cues"))
                .as("one that ships bears such a name")
                .isPresent();
        assertThat(check.of(own("Cues"), OwnWork.NONE))
                .extracting(Finding::code)
                .containsExactly("not_own");
        OwnExercise other = own("Other", Optional.empty(), List.of("WALK RAIL"), List.of("own-good.trot.rail"), "x");
        assertThat(check.of(
                        own("Good", Optional.empty(), List.of("WALK RAIL"), List.of("own-other.walk.rail"), "x"),
                        work(own("Good"), other)))
                .extracting(Finding::code)
                .containsExactly("circle");
    }

    @Test
    void saysWhatIsWrongWithAProgression() {
        OwnCheck check = new OwnCheck(SHIPPED);
        OwnWork work = work(own("A"), own("B")).with(new OwnProgression("own-first", "First", List.of("own-a"), false));
        assertThat(codes(check, work, List.of("own-b"))).isEmpty();
        assertThat(codes(check, work, List.of())).containsExactly("missing");
        assertThat(codes(check, work, List.of("own-b", "own-b"))).containsExactly("twice");
        assertThat(codes(check, work, List.of("own-a"))).containsExactly("elsewhere");
        assertThat(codes(check, work, List.of("serpentine"))).containsExactly("unknown_id");
        assertThat(check.of(new OwnProgression("way", "first ", List.of("own-b"), false), work))
                .extracting(Finding::code)
                .containsExactly("not_own", "same_name");
    }

    private static List<String> codes(OwnCheck check, OwnWork work, List<String> stages) {
        return check.of(new OwnProgression("own-way", "The way", stages, false), work).stream()
                .map(Finding::code)
                .toList();
    }
}
