package strophos.core.change;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import strophos.core.exchange.Gait;
import strophos.core.exchange.Mounted;
import strophos.core.exchange.Place;
import strophos.core.exchange.Side;
import strophos.core.exchange.WorkedSide;
import strophos.core.record.SmallLog;
import strophos.core.stair.RungId;
import strophos.core.stats.Proportion;

class HandBackTest {

    private static final RungId COUNTER_BEND = new RungId("counter-bend", Gait.TROT, Place.RAIL);

    private final SmallLog log = new SmallLog();

    private List<HandBack> sides() {
        return HandBack.of(log.ride(), COUNTER_BEND, WorkedSide.OUTSIDE);
    }

    private void ride(String rein, String mounted, String answers) {
        log.asks(log.segment(rein, mounted), answers);
    }

    /** On the left rein counter-bend works the right side. The gain by hand: 5/6 − 1/6. */
    @Test
    void beforeByTheCoachAndAfterLieBesideEachOther() {
        ride("LEFT", "RIDER", "nnnynn");
        ride("RIGHT", "RIDER", "yyyy");
        ride("LEFT", "COACH", "yyy");
        ride("LEFT", "RIDER", "yyyyny");
        assertThat(sides()).singleElement().satisfies(h -> {
            assertThat(h.side()).isEqualTo(Side.RIGHT);
            assertThat(h.by()).isEqualTo(Mounted.COACH);
            assertThat(h.before()).isEqualTo(new Proportion(1, 6));
            assertThat(h.other()).isEqualTo(new Proportion(3, 3));
            assertThat(h.after()).isEqualTo(new Proportion(5, 6));
            assertThat(h.gain().orElseThrow().estimate()).isCloseTo(4.0 / 6, within(1e-12));
        });
    }

    @Test
    void withFewerThanFourOnEitherHandNothingIsConcluded() {
        ride("LEFT", "RIDER", "nnnn");
        ride("LEFT", "COACH", "yy");
        ride("LEFT", "RIDER", "yyy");
        assertThat(sides()).singleElement().satisfies(h -> {
            assertThat(h.after()).isEqualTo(new Proportion(3, 3));
            assertThat(h.gain()).isEmpty();
        });
    }

    /** Written when the turn ends, it belongs to the turn. */
    @Test
    void aTallyCountsWhereItsTurnWasRidden() {
        String own = log.segment("LEFT", "RIDER");
        log.say("tally", Map.of("segment", own, "good", 2, "others", 4));
        ride("LEFT", "COACH", "y");
        assertThat(sides()).singleElement().satisfies(h -> {
            assertThat(h.before()).isEqualTo(new Proportion(2, 6));
            assertThat(h.after()).isEqualTo(new Proportion(0, 0));
        });
    }

    @Test
    void nobodyElseNothing() {
        ride("LEFT", "RIDER", "yyyy");
        assertThat(sides()).isEmpty();
    }
}
