package strophos.core.look;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import strophos.core.exchange.Side;
import strophos.core.record.PayloadReader;

/** The table of the job, row by row, on both sides of each threshold (common practice, no source). */
class FocusBookTest {

    /** A look on which nothing is below 3. */
    private static final Map<String, Object> GOOD = new LinkedHashMap<>();

    static {
        GOOD.putAll(Map.of("soundness", "SOUND", "calm", 3, "rider", 3, "halt", 3, "leg", 3));
        GOOD.putAll(Map.of("bendLeft", 3, "bendRight", 3, "placeLeft", "EVEN", "placeRight", "EVEN"));
        GOOD.putAll(Map.of("circleLeft", 10, "circleRight", 10, "shoulder", 0));
    }

    /** Of a good look with these changes. */
    private static Focus focus(Object... changes) {
        return FocusBook.DEFAULT.of(Looks.of(GOOD, changes));
    }

    @Test
    void nothingBelowThreeGoesOnWithTheNextRung() {
        Focus focus = focus();
        assertThat(focus.kinds()).containsExactly(FocusKind.NEXT_RUNG);
        assertThat(focus.limits()).isEmpty();
        assertThat(focus.missing()).isEmpty();
        assertThat(focus.findings())
                .hasSize(7)
                .allSatisfy(f -> assertThat(f.answer()).isInstanceOf(FocusRow.Outcome.Clear.class));
    }

    @ParameterizedTest
    @EnumSource(value = Soundness.class, names = "SOUND", mode = EnumSource.Mode.EXCLUDE)
    void painStopsTheDayWhateverElseIsFound(Soundness soundness) {
        Focus focus = focus("soundness", soundness.word(), "calm", 0, "halt", 0);
        assertThat(focus.kinds()).containsExactly(FocusKind.HELP_FIRST);
        assertThat(focus.limits()).contains(Focus.Limit.NOTHING_RIDDEN);
    }

    @ParameterizedTest
    @CsvSource({"2, CONFIDENCE", "3, NEXT_RUNG"})
    void fright(int calm, FocusKind kind) {
        assertThat(focus("calm", calm).kinds()).containsExactly(kind);
    }

    @ParameterizedTest
    @CsvSource({"1, RIDER", "2, NEXT_RUNG"})
    void rider(int rider, FocusKind kind) {
        assertThat(focus("rider", rider).kinds()).containsExactly(kind);
    }

    @Test
    void noHaltFromWalkKeepsTheDayInWalk() {
        Focus none = focus("halt", 1);
        assertThat(none.kinds()).containsExactly(FocusKind.STOP_BACK);
        assertThat(none.limits()).containsExactly(Focus.Limit.WALK_ONLY);
        Focus there = focus("halt", 2);
        assertThat(there.kinds()).containsExactly(FocusKind.NEXT_RUNG);
        assertThat(there.limits()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"2, FORWARD", "3, NEXT_RUNG"})
    void leg(int leg, FocusKind kind) {
        assertThat(focus("leg", leg).kinds()).containsExactly(kind);
    }

    @Test
    void bendsLess() {
        assertThat(focus("bendLeft", 2, "bendRight", 2).kinds()).containsExactly(FocusKind.BEND);
        Focus unlike = focus("bendLeft", 4, "bendRight", 3);
        assertThat(unlike.kinds()).as("the sides differ by one").containsExactly(FocusKind.BEND);
        assertThat(unlike.stiffer()).isEqualTo(Side.RIGHT);
        Focus alike = focus("bendLeft", 4, "bendRight", 4);
        assertThat(alike.kinds()).containsExactly(FocusKind.NEXT_RUNG);
        assertThat(alike.stiffer()).isEqualTo(Side.NONE);
    }

    @ParameterizedTest
    @EnumSource(value = BendPlace.class, names = "EVEN", mode = EnumSource.Mode.EXCLUDE)
    void bendsAtOnePlaceOnly(BendPlace place) {
        assertThat(focus("placeRight", place.word()).kinds()).containsExactly(FocusKind.BEND);
    }

    @Test
    void shouldersOnlyWhenTheSameIsHeavyOnBothReins() {
        assertThat(focus("shoulder", 1, "shoulderBoth", true).kinds()).containsExactly(FocusKind.SHOULDERS);
        assertThat(focus("shoulder", -1, "shoulderBoth", true).kinds()).containsExactly(FocusKind.SHOULDERS);
        assertThat(focus("shoulder", 2, "shoulderBoth", false).kinds()).containsExactly(FocusKind.NEXT_RUNG);
        assertThat(focus("shoulder", 0, "shoulderBoth", true).kinds()).containsExactly(FocusKind.NEXT_RUNG);
    }

    @Test
    void atMostTwoInTheTablesOrder() {
        Focus focus = focus("leg", 0, "halt", 0, "rider", 0, "calm", 0);
        assertThat(focus.kinds()).containsExactly(FocusKind.CONFIDENCE, FocusKind.RIDER);
        assertThat(focus.limits())
                .as("a limit holds though its row is not among the two")
                .containsExactly(Focus.Limit.WALK_ONLY);
    }

    @Test
    void whatWasNotLookedAtDoesNotSpeakAndIsNamed() {
        Focus focus = FocusBook.DEFAULT.of(Looks.of());
        assertThat(focus.kinds()).containsExactly(FocusKind.NEXT_RUNG);
        assertThat(focus.missing()).containsExactly(Check.values());
    }

    @Test
    void oneSideAloneCanSpeak() {
        FirstLook left = Looks.of("bendLeft", 1, "placeLeft", "EVEN");
        assertThat(FocusBook.DEFAULT.of(left).kinds()).containsExactly(FocusKind.BEND);
        assertThat(FocusBook.DEFAULT.of(left).stiffer()).isEqualTo(Side.NONE);
    }

    @ParameterizedTest
    @CsvSource({"calm, 5", "calm, -1", "shoulder, 3", "circleLeft, 11"})
    void valuesOutOfTheirBoundsAreNoLook(String check, int value) {
        assertThat(PayloadReader.look(Map.of(check, value))).isEmpty();
    }
}
