package strophos.core.look;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Optional;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import strophos.core.exchange.Rein;

/** The table of the job, row by row, on both sides of each threshold (common practice, no source). */
class FocusBookTest {

    private static final SideLook EVEN = side(3, BendPlace.EVEN);

    private static SideLook side(int bend, BendPlace place) {
        return new SideLook(OptionalInt.of(bend), Optional.of(place), OptionalInt.of(10));
    }

    /** A look on which nothing is below 3, with one thing changed. */
    private record Seen(
            Soundness soundness, int calm, int rider, int halt, int leg, SideLook left, SideLook right, Shoulders s) {

        static final Seen GOOD = new Seen(Soundness.SOUND, 3, 3, 3, 3, EVEN, EVEN, new Shoulders(0, false));

        FirstLook look() {
            return new FirstLook(
                    Optional.of(soundness),
                    OptionalInt.of(calm),
                    OptionalInt.of(rider),
                    OptionalInt.of(halt),
                    OptionalInt.of(leg),
                    left,
                    right,
                    Optional.of(s));
        }

        Seen calm(int v) {
            return new Seen(soundness, v, rider, halt, leg, left, right, s);
        }

        Seen rider(int v) {
            return new Seen(soundness, calm, v, halt, leg, left, right, s);
        }

        Seen halt(int v) {
            return new Seen(soundness, calm, rider, v, leg, left, right, s);
        }

        Seen leg(int v) {
            return new Seen(soundness, calm, rider, halt, v, left, right, s);
        }

        Seen sides(SideLook l, SideLook r) {
            return new Seen(soundness, calm, rider, halt, leg, l, r, s);
        }

        Seen sound(Soundness v) {
            return new Seen(v, calm, rider, halt, leg, left, right, s);
        }

        Seen shoulders(int heavy, boolean both) {
            return new Seen(soundness, calm, rider, halt, leg, left, right, new Shoulders(heavy, both));
        }
    }

    private static Focus focus(Seen seen) {
        return FocusBook.DEFAULT.of(seen.look());
    }

    @Test
    void nothingBelowThreeGoesOnWithTheNextRung() {
        Focus focus = focus(Seen.GOOD);
        assertThat(focus.kinds()).containsExactly(FocusKind.NEXT_RUNG);
        assertThat(focus.limits()).isEmpty();
        assertThat(focus.missing()).isEmpty();
        assertThat(focus.findings())
                .hasSize(7)
                .allSatisfy(f -> assertThat(f.answer()).isInstanceOf(FocusRow.Answer.Clear.class));
    }

    @ParameterizedTest
    @EnumSource(value = Soundness.class, names = "SOUND", mode = EnumSource.Mode.EXCLUDE)
    void painStopsTheDayWhateverElseIsFound(Soundness soundness) {
        Focus focus = focus(Seen.GOOD.sound(soundness).calm(0).halt(0));
        assertThat(focus.kinds()).containsExactly(FocusKind.HELP_FIRST);
        assertThat(focus.limits()).contains(Focus.Limit.NOTHING_RIDDEN);
    }

    @ParameterizedTest
    @CsvSource({"2, CONFIDENCE", "3, NEXT_RUNG"})
    void fright(int calm, FocusKind kind) {
        assertThat(focus(Seen.GOOD.calm(calm)).kinds()).containsExactly(kind);
    }

    @ParameterizedTest
    @CsvSource({"1, RIDER", "2, NEXT_RUNG"})
    void rider(int rider, FocusKind kind) {
        assertThat(focus(Seen.GOOD.rider(rider)).kinds()).containsExactly(kind);
    }

    @Test
    void noHaltFromWalkKeepsTheDayInWalk() {
        Focus none = focus(Seen.GOOD.halt(1));
        assertThat(none.kinds()).containsExactly(FocusKind.STOP_BACK);
        assertThat(none.limits()).containsExactly(Focus.Limit.WALK_ONLY);
        Focus there = focus(Seen.GOOD.halt(2));
        assertThat(there.kinds()).containsExactly(FocusKind.NEXT_RUNG);
        assertThat(there.limits()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"2, FORWARD", "3, NEXT_RUNG"})
    void leg(int leg, FocusKind kind) {
        assertThat(focus(Seen.GOOD.leg(leg)).kinds()).containsExactly(kind);
    }

    @Test
    void bendsLess() {
        assertThat(focus(Seen.GOOD.sides(side(2, BendPlace.EVEN), side(2, BendPlace.EVEN)))
                        .kinds())
                .containsExactly(FocusKind.BEND);
        Focus unlike = focus(Seen.GOOD.sides(side(4, BendPlace.EVEN), side(3, BendPlace.EVEN)));
        assertThat(unlike.kinds()).as("the sides differ by one").containsExactly(FocusKind.BEND);
        assertThat(unlike.stiffer()).isEqualTo(Rein.RIGHT);
        Focus alike = focus(Seen.GOOD.sides(side(4, BendPlace.EVEN), side(4, BendPlace.EVEN)));
        assertThat(alike.kinds()).containsExactly(FocusKind.NEXT_RUNG);
        assertThat(alike.stiffer()).isEqualTo(Rein.NONE);
    }

    @ParameterizedTest
    @EnumSource(value = BendPlace.class, names = "EVEN", mode = EnumSource.Mode.EXCLUDE)
    void bendsAtOnePlaceOnly(BendPlace place) {
        assertThat(focus(Seen.GOOD.sides(EVEN, side(3, place))).kinds()).containsExactly(FocusKind.BEND);
    }

    @Test
    void shouldersOnlyWhenTheSameIsHeavyOnBothReins() {
        assertThat(focus(Seen.GOOD.shoulders(1, true)).kinds()).containsExactly(FocusKind.SHOULDERS);
        assertThat(focus(Seen.GOOD.shoulders(-1, true)).kinds()).containsExactly(FocusKind.SHOULDERS);
        assertThat(focus(Seen.GOOD.shoulders(2, false)).kinds()).containsExactly(FocusKind.NEXT_RUNG);
        assertThat(focus(Seen.GOOD.shoulders(0, true)).kinds()).containsExactly(FocusKind.NEXT_RUNG);
    }

    @Test
    void atMostTwoInTheTablesOrder() {
        Focus focus = focus(Seen.GOOD.leg(0).halt(0).rider(0).calm(0));
        assertThat(focus.kinds()).containsExactly(FocusKind.CONFIDENCE, FocusKind.RIDER);
        assertThat(focus.limits())
                .as("a limit holds though its row is not among the two")
                .containsExactly(Focus.Limit.WALK_ONLY);
    }

    @Test
    void whatWasNotLookedAtDoesNotSpeakAndIsNamed() {
        Focus focus = FocusBook.DEFAULT.of(FirstLook.NOTHING);
        assertThat(focus.kinds()).containsExactly(FocusKind.NEXT_RUNG);
        assertThat(focus.missing()).containsExactly(Check.values());
    }

    @Test
    void oneSideAloneCanSpeak() {
        FirstLook left = new FirstLook(
                Optional.empty(),
                OptionalInt.empty(),
                OptionalInt.empty(),
                OptionalInt.empty(),
                OptionalInt.empty(),
                side(1, BendPlace.EVEN),
                SideLook.NOT_LOOKED,
                Optional.empty());
        assertThat(FocusBook.DEFAULT.of(left).kinds()).containsExactly(FocusKind.BEND);
        assertThat(FocusBook.DEFAULT.of(left).stiffer()).isEqualTo(Rein.NONE);
    }

    @Test
    void valuesOutOfTheirBoundsAreNoLook() {
        assertThatThrownBy(() -> Seen.GOOD.calm(5).look()).hasMessageContaining("[0, 4]");
        assertThatThrownBy(() -> new Shoulders(3, true)).hasMessageContaining("[-2, 2]");
        assertThatThrownBy(() -> new SideLook(OptionalInt.empty(), Optional.empty(), OptionalInt.of(11)))
                .hasMessageContaining("0 for none");
    }
}
