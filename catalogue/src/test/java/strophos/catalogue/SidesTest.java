package strophos.catalogue;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import strophos.core.exchange.Means;
import strophos.core.exchange.Rein;
import strophos.core.exchange.Side;

/** Bend, side worked, direction and legs of the exercises, set out on both reins, against the table of the trade. */
class SidesTest {

    private final Catalogue catalogue = CatalogueReader.shipped();

    @ParameterizedTest
    @CsvFileSource(resources = "/sides.csv", nullValues = "-")
    void areThoseOfTheTrade(
            String id, Side flexed, Side worked, Exercise.Moves moves, Side atTheGirth, Side behindTheGirth) {
        Exercise exercise = catalogue.exercise(id).orElseThrow();
        for (Rein rein : List.of(Rein.RIGHT, Rein.LEFT)) {
            assertThat(exercise.flexedOn(rein)).as("flexed on the %s", rein).isEqualTo(on(rein, flexed));
            assertThat(exercise.works().on(rein, Side.NONE))
                    .as("worked on the %s", rein)
                    .isEqualTo(on(rein, worked));
            assertLeg(exercise, rein, "At the girth", atTheGirth);
            assertLeg(exercise, rein, "ehind the girth", behindTheGirth);
        }
        assertThat(exercise.goes().map(Exercise.Course::moves)).isEqualTo(Optional.ofNullable(moves));
    }

    private static void assertLeg(Exercise exercise, Rein rein, String place, Side side) {
        if (side != null) {
            assertThat(exercise.aids())
                    .filteredOn(a -> a.means() == Means.LEG
                            && a.says()
                                    .filter(s -> s.toLowerCase().contains(place.toLowerCase()))
                                    .isPresent())
                    .as("%s on the %s", place, rein)
                    .isNotEmpty()
                    .allSatisfy(a -> assertThat(a.usual().on(rein).side()).isEqualTo(on(rein, side)));
        }
    }

    private static Side on(Rein rein, Side ofTheRightRein) {
        return rein == Rein.RIGHT || ofTheRightRein == Side.NONE
                ? ofTheRightRein
                : ofTheRightRein == Side.LEFT ? Side.RIGHT : Side.LEFT;
    }
}
