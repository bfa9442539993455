package strophos.catalogue;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.networknt.schema.InputFormat;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SpecVersion;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import strophos.core.exchange.Gait;
import strophos.core.exchange.HoldUnit;
import strophos.core.exchange.Place;
import strophos.core.exchange.Strength;
import strophos.core.exchange.UsualAid;
import strophos.core.progress.AbsenceCriterion;
import strophos.core.progress.AlwaysCriterion;
import strophos.core.progress.BandCriterion;
import strophos.core.progress.BeatsCriterion;
import strophos.core.progress.Criterion;
import strophos.core.progress.HoldCriterion;
import strophos.core.progress.RateCriterion;
import strophos.core.progress.RecoveryCriterion;
import strophos.core.progress.StreakCriterion;
import strophos.core.school.School;
import strophos.core.school.Teaching;
import strophos.core.stair.Rung;
import strophos.core.stair.RungId;
import strophos.core.stair.RungState;
import strophos.core.stair.Stair;
import strophos.core.stair.StairState;

class CatalogueTest {

    /** In lines of its file. */
    private static final int LONGEST_EXERCISE = 30;

    static List<String> strands() {
        return CatalogueReader.SHIPPED;
    }

    @ParameterizedTest
    @MethodSource("strands")
    void isOfTheSchema(String strand) throws IOException {
        JsonSchema schema = JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012)
                .getSchema(CatalogueReader.text("strand.schema.json"));
        assertThat(schema.validate(CatalogueReader.text(strand + ".yaml"), InputFormat.YAML))
                .isEmpty();
        assertThat(schema.validate(
                        CatalogueReader.text(strand + ".yaml").replaceFirst("works: \\w+", "works: HIT"),
                        InputFormat.YAML))
                .as("the schema refuses what is not in it")
                .isNotEmpty();
    }

    @ParameterizedTest
    @MethodSource("strands")
    void tellsTheRiderInAtMostFiveSentences(String strand) {
        assertThat(CatalogueReader.shipped().strands())
                .filteredOn(s -> s.id().equals(strand))
                .flatExtracting(Strand::exercises)
                .allSatisfy(e -> assertThat(((Exercise) e).instruction().split("[.!?](\\s|$)"))
                        .hasSizeBetween(1, 5));
    }

    @Test
    void bendHasAtLeastSixRungsAndBeginsOnTheRail() {
        Strand bend = CatalogueReader.shipped().strands().get(0);
        assertThat(bend.progression().rungs()).hasSizeGreaterThanOrEqualTo(6);
        Rung foot = bend.progression().rungs().get(0);
        assertThat(foot.id()).isEqualTo(new RungId("counter-bend", Gait.WALK, Place.RAIL));
        assertThat(foot.wayBack()).isEmpty();
    }

    @Test
    void theThreadHasAtLeastFourteenRungsInItsThreeStrands() {
        assertThat(CatalogueReader.shipped().strands())
                .filteredOn(s -> List.of("bend", "forward", "stop-back").contains(s.id()))
                .hasSize(3)
                .allSatisfy(s -> assertThat(s.progression().rungs()).hasSizeGreaterThanOrEqualTo(5))
                .flatExtracting(s -> s.progression().rungs())
                .hasSizeGreaterThanOrEqualTo(14);
    }

    /** Rules of the job: stopping must be always there, ten of ten on two days, before the next gait. */
    @Test
    void steppingBackFromTheReinIsAskedToHoldAlways() {
        assertThat(CatalogueReader.shipped().rung("step-back-rein.walk.rail"))
                .flatMap(Rung::criterion)
                .contains(new AlwaysCriterion(10, Strength.LIGHT, 2));
    }

    @Test
    void homeworkSaysHowMuchHowItFeelsAndWhenToStop() {
        assertThat(CatalogueReader.shipped().strands())
                .flatExtracting(Strand::exercises)
                .allSatisfy(e -> {
                    Exercise h = (Exercise) e;
                    assertThat(h.dose().most()).isGreaterThanOrEqualTo(h.dose().least());
                    assertThat(h.feel()).isNotBlank();
                    assertThat(h.goesWrong()).isNotBlank();
                    assertThat(h.stopIf()).isNotEmpty();
                    assertThat(h.secondBest()).isNotBlank();
                });
    }

    @ParameterizedTest
    @MethodSource("strands")
    void gaitsOpenInOrderWithinAnExercise(String strand) {
        List<Rung> rungs = CatalogueReader.shipped().strands().stream()
                .filter(s -> s.id().equals(strand))
                .findFirst()
                .orElseThrow()
                .progression()
                .rungs();
        for (Rung rung : rungs) {
            int here = rungs.indexOf(rung);
            assertThat(rungs.subList(0, here))
                    .filteredOn(r -> r.id().exercise().equals(rung.id().exercise()))
                    .allSatisfy(
                            r -> assertThat(r.id().gait()).isLessThan(rung.id().gait()));
        }
    }

    /** Records name rungs by their id for ever: one that was shipped never disappears. New ones are added at the end of their strand's list. */
    @Test
    void everyRungThatWasEverShippedIsStillThere() throws IOException {
        Catalogue catalogue = CatalogueReader.shipped();
        List<String> shipped;
        try (InputStream in = CatalogueTest.class.getResourceAsStream("/shipped-rungs.txt")) {
            shipped = new String(in.readAllBytes(), StandardCharsets.UTF_8)
                    .lines()
                    .toList();
        }
        assertThat(shipped)
                .allSatisfy(id -> assertThat(catalogue.rung(id)).as(id).isPresent());
        assertThat(catalogue.strands().stream()
                        .flatMap(s -> s.progression().rungs().stream())
                        .map(r -> r.id().toString()))
                .as("what ships is in the list, so that it cannot disappear later")
                .hasSameElementsAs(shipped);
    }

    @Test
    void findsExercisesAndRungsByName() {
        Catalogue catalogue = CatalogueReader.shipped();
        assertThat(catalogue.exercise("serpentine")).map(Exercise::name).contains("Serpentine");
        assertThat(catalogue.exercise("counter-bend").orElseThrow().usualAids())
                .extracting(UsualAid::strength)
                .containsExactly(Strength.THOUGHT, Strength.LIGHT, Strength.LIGHT);
        assertThat(catalogue.rung("serpentine.trot.across")).isPresent();
        assertThat(catalogue.rung("serpentine.canter.across")).isEmpty();
    }

    /** Backing is the way into halts in the school of pressure and release; elsewhere the halt comes from the seat (rules of the trade). */
    @ParameterizedTest
    @EnumSource(School.class)
    void walkAndHaltWaitForBackingInPressureAndReleaseAlone(School school) {
        Catalogue catalogue = CatalogueReader.shipped();
        Strand strand = catalogue.strands().stream()
                .filter(s -> s.id().equals("stop-back"))
                .findFirst()
                .orElseThrow();
        Map<RungId, RungState> states =
                Stair.states(catalogue.progression(strand, Teaching.of(school)), Set.of(), StairState.START);
        assertThat(states.get(new RungId("walk-halt", Gait.WALK, Place.RAIL)))
                .isEqualTo(school == School.PRESSURE_AND_RELEASE ? RungState.CLOSED : RungState.OPEN);
    }

    @Test
    void refusesARungThatNamesWhatIsNotThere() {
        String file = stair("{ exercise: breathe-turn, gait: WALK, place: RAIL, needs: [b.walk.rail] }");
        assertThatThrownBy(() -> new Library(List.of(StrandFile.read("test.yaml", file))))
                .hasMessageContaining("needs b.walk.rail, which is in no strand");
    }

    @Test
    void refusesARungOfAnExerciseThatIsNotThere() {
        String file = stair("{ exercise: a, gait: WALK, place: RAIL, needs: [] }");
        assertThatThrownBy(() -> StrandFile.read("test.yaml", file)).hasMessageContaining("not in this strand");
    }

    /** The strand of confidence with this rung alone. */
    private static String stair(String rung) {
        return CatalogueReader.text("confidence.yaml").replaceAll("(?s)\\nstair:.*", "\nstair: [" + rung + "]\n");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', quoteCharacter = '`', textBlock = """
            short: Breathe | shrt: Breathe    | exercises[0].short
            works: inside  | works: sideways  | exercises[0].works
            unit: minutes  | unt: minutes     | exercises[0].dose.unit
            unit: minutes  | unit: laps       | exercises[0].dose.unit
            least: 4       | lest: 4          | exercises[0].dose.least
            strength: 1    | strength: 9      | exercises[0].aids[0].strength
            second-person  | a crowd          | exercises[0].needs.people
            [classical,    | [circus,         | exercises[0].schools[0]
            place: RAIL    | plaice: RAIL     | stair[0].place
            needs: []      | needs: ~         | stair[0].needs
            stair:         | stare:           | stair
            """)
    void aFieldThatIsMissingOrWrongIsNamedByFileLineAndPath(String right, String wrong, String path) {
        String whole = CatalogueReader.text("confidence.yaml");
        assertThat(whole).contains(right);
        int at = whole.indexOf(right);
        String broken = whole.substring(0, at) + wrong + whole.substring(at + right.length());
        int line = (int) broken.substring(0, at + 1).lines().count();
        assertThatThrownBy(() -> StrandFile.read("confidence.yaml", broken))
                .isInstanceOfSatisfying(IllegalArgumentException.class, e -> {
                    Matcher m = Pattern.compile("confidence\\.yaml, line (\\d+), at ([^:]+): (?s).+")
                            .matcher(e.getMessage());
                    assertThat(m.matches()).as(e.getMessage()).isTrue();
                    assertThat(m.group(2)).isEqualTo(path);
                    // what is missing is missed where its object ends
                    assertThat(Integer.parseInt(m.group(1)))
                            .as(e.getMessage())
                            .isBetween(line, line + LONGEST_EXERCISE);
                });
    }

    static List<Arguments> criteria() {
        return List.of(
                Arguments.of("streak: { length: 5, atMost: 1 }", new StreakCriterion(5, Strength.THOUGHT)),
                Arguments.of(
                        "rate: { share: 0.9, window: 20, atMost: 1, lessons: 3, lowerEnd: 0.5 }",
                        new RateCriterion(0.9, 20, Strength.THOUGHT, 3, 0.5)),
                Arguments.of("hold: { amount: 8, unit: strides, times: 3 }", new HoldCriterion(8, HoldUnit.STRIDES, 3)),
                Arguments.of(
                        "beats: { amount: 20, unit: strides, times: 3 }", new BeatsCriterion(20, HoldUnit.STRIDES, 3)),
                Arguments.of(
                        "absence: { fault: pokes the nose, lessons: 3, chances: 6 }",
                        new AbsenceCriterion("pokes the nose", 3, 6)),
                Arguments.of("band: { share: 0.8, leastS: 60 }", new BandCriterion(0.8, 60)),
                Arguments.of("recovery: { withinS: 4, times: 3 }", new RecoveryCriterion(4, 3)),
                Arguments.of("always: { window: 10, atMost: 2, days: 2 }", new AlwaysCriterion(10, Strength.LIGHT, 2)));
    }

    @ParameterizedTest
    @MethodSource("criteria")
    void readsARungsOwnCriterion(String written, Criterion criterion) throws IOException {
        String file = stair(
                "{ exercise: breathe-turn, gait: HALT, place: RAIL, needs: [], criterion: { %s } }".formatted(written));
        assertThat(StrandFile.read("test.yaml", file)
                        .progression()
                        .rungs()
                        .get(0)
                        .criterion())
                .contains(criterion);
        JsonSchema schema = JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012)
                .getSchema(CatalogueReader.text("strand.schema.json"));
        assertThat(schema.validate(file, InputFormat.YAML)).as(file).isEmpty();
    }
}
