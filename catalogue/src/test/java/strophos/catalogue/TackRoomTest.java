package strophos.catalogue;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import strophos.core.tack.Headgear;
import strophos.core.tack.HeadgearAction;
import strophos.core.tack.Pressure;
import strophos.core.tack.TackKind;

class TackRoomTest {

    private static final TackRoom SHIPPED = TackRoom.shipped();

    @Test
    void everyPlaceOfTheHeadIsPressedBySomething() {
        Set<Pressure> pressed = EnumSet.noneOf(Pressure.class);
        SHIPPED.headgears().forEach(h -> {
            pressed.addAll(h.headgear().presses());
            pressed.addAll(h.headgear().mayPress());
        });

        assertThat(pressed).containsExactlyInAnyOrder(Pressure.values());
    }

    /** Where a lever without a chain in the curb groove would turn about nothing. */
    @Test
    void eachLeverHasAChinAndItsUsualSize() {
        List<Headgear> levers = SHIPPED.headgears().stream()
                .map(HeadgearText::headgear)
                .filter(h -> h.action() == HeadgearAction.LEVER)
                .toList();

        assertThat(levers)
                .hasSizeGreaterThan(3)
                .allSatisfy(h -> assertThat(h.presses()).contains(Pressure.CURB_GROOVE));
        assertThat(SHIPPED.headgear("long-shanked-curb")
                        .orElseThrow()
                        .headgear()
                        .curb()
                        .orElseThrow()
                        .ratio())
                .as("7 in below, 2 in above")
                .isCloseTo(3.5, within(0.01));
    }

    /** Rules, cautions: metal loops and mechanical nosebands are for expert hands. */
    @Test
    void whatIsForExpertHandsSaysSo() {
        assertThat(SHIPPED.headgear("mechanical-noseband").orElseThrow()).satisfies(h -> {
            assertThat(h.headgear().isForExperts()).isTrue();
            assertThat(h.caution()).hasValueSatisfying(c -> assertThat(c).startsWith("Expert hands only"));
            assertThat(h.headgear().curb()).as("it squeezes: no ratio").isEmpty();
        });
        assertThat(SHIPPED.of(TackKind.SIDE_REINS).caution())
                .hasValueSatisfying(c -> assertThat(c).contains("undone to lead, rest or mount", "never over fences"));
    }

    @Test
    void textsAreWholeSentences() {
        assertThat(SHIPPED.headgears()).allSatisfy(h -> assertThat(h.acts()).endsWith("."));
        assertThat(SHIPPED.behaviours())
                .hasSize(24)
                .allSatisfy(b -> assertThat(b.asks()).endsWith("?"));
        assertThat(SHIPPED.headgear("a-shoe")).isEmpty();
    }

    @Test
    void aListThatIsNotWholeIsRefused() {
        List<TackText> kinds =
                List.of(TackKind.values()).stream().map(SHIPPED::of).toList();
        List<HeadgearText> headgears = List.copyOf(SHIPPED.headgears());

        assertThatThrownBy(() -> new TackRoom(List.of(headgears.get(0), headgears.get(0)), kinds, SHIPPED.behaviours()))
                .hasMessage("The headgear single-jointed-snaffle stands twice.");
        assertThatThrownBy(() -> new TackRoom(headgears, kinds.subList(1, kinds.size()), SHIPPED.behaviours()))
                .hasMessage("The tack HEADGEAR is missing.");
        assertThatThrownBy(() ->
                        new TackRoom(headgears, kinds, SHIPPED.behaviours().subList(0, 23)))
                .hasMessage("The list has 23 behaviours, 23 of them different; it needs 24.");
    }
}
