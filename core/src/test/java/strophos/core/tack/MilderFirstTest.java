package strophos.core.tack;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static strophos.core.tack.Pressure.BARS;
import static strophos.core.tack.Pressure.CORNERS;
import static strophos.core.tack.Pressure.CURB_GROOVE;
import static strophos.core.tack.Pressure.NOSE;
import static strophos.core.tack.Pressure.POLL;
import static strophos.core.tack.Pressure.TONGUE;

import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

class MilderFirstTest {

    private static final Headgear SNAFFLE = direct("snaffle", TONGUE, BARS, CORNERS);
    private static final Headgear SIDE_PULL = direct("side-pull", NOSE);
    private static final Headgear CURB = new Headgear(
            "curb",
            Set.of(TONGUE, BARS, CURB_GROOVE, POLL),
            Set.of(),
            HeadgearAction.LEVER,
            Optional.of(new Curb(0.05, 0.08)),
            false);
    private static final Headgear GAG =
            new Headgear("gag", Set.of(TONGUE, CORNERS, POLL), Set.of(), HeadgearAction.SLIDES, Optional.empty(), true);

    @Test
    void whatPressesWhereNothingPressedAsksForWhatIsMilder() {
        assertThat(MilderFirst.of(SNAFFLE, CURB))
                .isEqualTo(new MilderFirst(Set.of(CURB_GROOVE, POLL), HeadgearAction.LEVER));
        assertThat(MilderFirst.of(SNAFFLE, GAG)).isEqualTo(new MilderFirst(Set.of(POLL), HeadgearAction.SLIDES));
        assertThat(MilderFirst.of(SNAFFLE, SIDE_PULL).places())
                .as("another place is another place: nothing is called milder here")
                .containsExactly(NOSE);
    }

    @Test
    void theSameOrLessAsksForNothing() {
        assertThat(MilderFirst.of(SNAFFLE, SNAFFLE).isAsked()).isFalse();
        assertThat(MilderFirst.of(SNAFFLE, direct("bar", TONGUE, BARS)).isAsked())
                .isFalse();
        assertThat(MilderFirst.of(CURB, GAG))
                .as("one lever for another: only its place is new")
                .isEqualTo(new MilderFirst(Set.of(CORNERS), HeadgearAction.DIRECT));
    }

    @Test
    void aLeverHasASizeAndNothingElseHasOne() {
        assertThatThrownBy(() ->
                        new Headgear("odd", Set.of(NOSE), Set.of(), HeadgearAction.LEVER, Optional.empty(), false))
                .hasMessageContaining("odd: a lever has a size");
        assertThatThrownBy(() ->
                        new Headgear("odd", Set.of(NOSE), Set.of(NOSE), HeadgearAction.DIRECT, Optional.empty(), false))
                .hasMessageContaining("does not only sometimes");
    }

    private static Headgear direct(String id, Pressure... places) {
        return new Headgear(id, Set.of(places), Set.of(), HeadgearAction.DIRECT, Optional.empty(), false);
    }
}
