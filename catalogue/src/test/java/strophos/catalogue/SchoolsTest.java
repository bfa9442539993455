package strophos.catalogue;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import strophos.core.exchange.PadKind;
import strophos.core.school.School;
import strophos.core.stair.Rung;
import strophos.core.stair.RungState;
import strophos.core.stair.Stair;
import strophos.core.stair.StairState;

class SchoolsTest {

    private final Schools schools = Schools.shipped();
    private final Catalogue catalogue = CatalogueReader.shipped();

    /** A ladder where there are strengths, none where there are only choices; every strand has its place. */
    @ParameterizedTest
    @EnumSource(School.class)
    void eachHasItsLadderAndItsOrder(School school) {
        SchoolText text = schools.of(school);
        assertThat(text.ladder().isEmpty()).isEqualTo(school.pad(PadKind.STRENGTH) == PadKind.CHOICE);
        assertThat(text.strands()).containsExactlyInAnyOrderElementsOf(CatalogueReader.SHIPPED);
        assertThat(text.notAllowed()).isNotBlank();
        assertThat(text.why()).isNotBlank();
    }

    /** What is not taught is never waited for: in each school every rung it teaches can be reached. */
    @ParameterizedTest
    @EnumSource(School.class)
    void everyRungThatASchoolTeachesCanBeReached(School school) {
        for (Strand strand : catalogue.strands()) {
            for (Rung rung : strand.progression(school).rungs()) {
                if (catalogue.isTaught(rung.id(), school)) {
                    assertThat(rung.needs())
                            .as("%s in %s", rung.id(), school)
                            .allMatch(n -> catalogue.isTaught(n, school));
                }
            }
        }
        assertThat(catalogue.strands().stream()
                        .flatMap(s ->
                                Stair.states(s.progression(school), Set.of(), StairState.START).entrySet().stream())
                        .filter(e -> e.getValue() == RungState.OPEN && catalogue.isTaught(e.getKey(), school)))
                .as("something to begin with")
                .isNotEmpty();
    }

    @Test
    void theyDiffer() {
        assertThat(schools.all()).extracting(SchoolText::ladder).doesNotHaveDuplicates();
        assertThat(schools.all()).extracting(t -> t.strands().get(0)).doesNotHaveDuplicates();
        assertThat(schools.place(School.GAITED, "rhythm")).isZero();
        assertThat(schools.place(School.GAITED, "own")).isEqualTo(Integer.MAX_VALUE);
    }

    @Test
    void refusesASchoolThatIsMissingOrHalfTold() {
        List<SchoolText> all = schools.all();
        assertThatThrownBy(() -> new Schools(all.subList(1, all.size()))).hasMessageContaining("is missing");
        assertThatThrownBy(() -> new Schools(List.of(all.get(0), all.get(0)))).hasMessageContaining("told twice");
        SchoolText c = all.get(0);
        assertThatThrownBy(() -> new Schools(List.of(new SchoolText(
                        c.school(),
                        List.of("one"),
                        c.teaches(),
                        c.frame(),
                        c.leg(),
                        c.notAllowed(),
                        c.why(),
                        c.strands()))))
                .hasMessageContaining("1 steps");
    }
}
