package strophos.core.stair;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import strophos.core.exchange.WorkedSide;

class NeedsTest {

    private static final RungId TROT = RungId.of("trot-walk.trot.circle");
    private static final RungId STRIKE_OFF = RungId.of("strike-off.canter.circle");
    private static final RungId FENCE = RungId.of("single-fence.canter.fences");

    private static Rung rung(RungId id, RungId back, RungId... needs) {
        return new Rung(id, Set.of(needs), Optional.ofNullable(back), Optional.empty(), WorkedSide.INSIDE);
    }

    private static Needs of(Rung... each) {
        return new Needs(java.util.Arrays.stream(each)
                .map(r -> new Progression(r.id().exercise(), List.of(r)))
                .toList());
    }

    @Test
    void areFollowedThroughOtherStrands() {
        Needs needs = of(rung(FENCE, STRIKE_OFF, STRIKE_OFF), rung(STRIKE_OFF, TROT, TROT), rung(TROT, null));
        assertThat(needs.of(FENCE)).containsExactly(TROT, STRIKE_OFF);
        assertThat(needs.of(TROT)).isEmpty();
        assertThat(needs.of(RungId.of("gone.walk.rail"))).isEmpty();
    }

    @Test
    void mayNotRunInACircle() {
        assertThatThrownBy(
                        () -> of(rung(FENCE, null, STRIKE_OFF), rung(STRIKE_OFF, null, TROT), rung(TROT, null, FENCE)))
                .hasMessageContaining("needs itself");
    }

    @Test
    void nameNothingThatIsInNoStrand() {
        assertThatThrownBy(() -> of(rung(FENCE, null, STRIKE_OFF)))
                .hasMessageContaining("needs strike-off.canter.circle, which is in no strand");
        assertThatThrownBy(() -> of(rung(FENCE, STRIKE_OFF)))
                .hasMessageContaining("goes back to strike-off.canter.circle, which is in no strand");
    }

    @Test
    void aWayBackIsNeverWhatNeedsTheRung() {
        assertThatThrownBy(() -> of(rung(STRIKE_OFF, FENCE), rung(FENCE, null, STRIKE_OFF)))
                .hasMessageContaining("is not lower");
    }
}
