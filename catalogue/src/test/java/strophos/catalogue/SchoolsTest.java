package strophos.catalogue;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import strophos.core.exchange.PadKind;
import strophos.core.school.School;
import strophos.core.school.Settings;
import strophos.core.school.Teaching;
import strophos.core.stair.Rung;
import strophos.core.stair.RungId;
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
        assertThat(text.ladder().isEmpty()).isEqualTo(Teaching.of(school).pad(PadKind.STRENGTH) == PadKind.CHOICE);
        assertThat(text.strands()).containsExactlyInAnyOrderElementsOf(CatalogueReader.SHIPPED);
        assertThat(text.notAllowed()).isNotBlank();
        assertThat(text.why()).isNotBlank();
    }

    private static Stream<Teaching> teachings() {
        return Teaching.Way.all().stream().map(w -> teaching(w.school(), w.sideReins(), w.canterFrom()));
    }

    private static Teaching teaching(School school, Settings.SideReins reins, Settings.CanterFrom from) {
        return new Teaching(
                school,
                new Settings(
                        Optional.of(reins),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.empty(),
                        Optional.of(from),
                        Optional.empty()));
    }

    /** What is not taught is never waited for: however a pair is taught, every rung of it can be reached. */
    @ParameterizedTest
    @MethodSource("teachings")
    void everyRungThatIsTaughtCanBeReached(Teaching teaching) {
        for (Strand strand : catalogue.strands()) {
            for (Rung rung : catalogue.progression(strand, teaching).rungs()) {
                if (catalogue.isTaught(rung.id(), teaching)) {
                    assertThat(rung.needs()).as("%s", rung.id()).allMatch(n -> catalogue.isTaught(n, teaching));
                }
            }
        }
        assertThat(catalogue.strands().stream()
                        .flatMap(
                                s -> Stair.states(catalogue.progression(s, teaching), Set.of(), StairState.START)
                                        .entrySet()
                                        .stream())
                        .filter(e -> e.getValue() == RungState.OPEN && catalogue.isTaught(e.getKey(), teaching)))
                .as("something to begin with")
                .isNotEmpty();
    }

    /** Side reins are left out where they are never used; by default in the classical and the reward-based school (rules 10). */
    @ParameterizedTest
    @EnumSource(School.class)
    void sideReinsAreLeftOutWhereTheyAreNeverUsed(School school) {
        RungId rung = RungId.of("side-reins.trot.circle");
        assertThat(catalogue.isTaught(rung, Teaching.of(school)))
                .isEqualTo(school != School.CLASSICAL && school != School.REWARD_BASED);
        assertThat(catalogue.isTaught(rung, teaching(school, Settings.SideReins.ALLOWED, Settings.CanterFrom.TROT)))
                .isTrue();
        assertThat(catalogue.isTaught(rung, teaching(school, Settings.SideReins.NEVER, Settings.CanterFrom.TROT)))
                .isFalse();
    }

    /** Asked from the walk first, that strike-off needs what the other one did, and what needed the other one needs it. */
    @ParameterizedTest
    @EnumSource(School.class)
    void theCanterComesFromTheWalkWhereThatIsSettled(School school) {
        RungId fromTrot = RungId.of("strike-off.canter.circle");
        RungId fromWalk = RungId.of("strike-off-walk.canter.circle");
        RungId change = RungId.of("simple-change.canter.across");
        Teaching trot = teaching(school, Settings.SideReins.NEVER, Settings.CanterFrom.TROT);
        Teaching walk = teaching(school, Settings.SideReins.NEVER, Settings.CanterFrom.WALK);
        boolean isTaught = catalogue.isTaught(fromWalk, walk);

        assertThat(catalogue.standIn(fromTrot, trot)).isEmpty();
        assertThat(catalogue.standIn(fromTrot, walk)).isEqualTo(isTaught ? Optional.of(fromWalk) : Optional.empty());
        if (isTaught) {
            assertThat(catalogue.under(fromWalk, trot)).contains(fromTrot);
            assertThat(catalogue.under(fromWalk, walk)).doesNotContain(fromTrot);
            assertThat(catalogue.under(change, walk)).contains(fromWalk).doesNotContain(fromTrot);
        }
    }

    @Test
    void theyDiffer() {
        assertThat(schools.all()).extracting(SchoolText::ladder).doesNotHaveDuplicates();
        assertThat(schools.all()).extracting(t -> t.strands().get(0)).doesNotHaveDuplicates();
        assertThat(schools.place(Teaching.of(School.GAITED), "rhythm")).isZero();
        assertThat(schools.place(Teaching.of(School.GAITED), "own")).isEqualTo(Integer.MAX_VALUE);
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
