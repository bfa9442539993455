package strophos.core.look;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
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
        GOOD.putAll(Map.of("attention", 3, "complaint", "NONE", "haltFaster", 3, "tempo", 3, "hand", 3));
        GOOD.putAll(Map.of("jawLeft", 3, "jawRight", 3, "hindLeft", 3, "hindRight", 3));
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
                .hasSize(14)
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
    @CsvSource({"1, CONFIDENCE", "2, NEXT_RUNG"})
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
        Focus poor = focus("halt", 2);
        assertThat(poor.kinds()).containsExactly(FocusKind.NEXT_RUNG);
        assertThat(poor.limits()).containsExactly(Focus.Limit.NO_CANTER);
        assertThat(focus("halt", 3).limits()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "attention, 2, ATTENTION",
        "attention, 3, NEXT_RUNG",
        "haltFaster, 2, STOP_BACK",
        "haltFaster, 3, NEXT_RUNG",
        "tempo, 2, RHYTHM",
        "tempo, 3, NEXT_RUNG",
        "hand, 2, CONTACT",
        "hand, 3, NEXT_RUNG",
        "jawLeft, 2, JAW",
        "jawRight, 2, JAW",
        "jawRight, 3, NEXT_RUNG",
        "hindLeft, 2, QUARTERS",
        "hindRight, 2, QUARTERS",
        "hindLeft, 3, NEXT_RUNG",
        "seat, 1, RIDER",
        "seat, 2, NEXT_RUNG",
        "tension, 1, RIDER",
        "tension, 2, NEXT_RUNG",
        "breath, 1, RIDER",
        "breath, 2, NEXT_RUNG",
    })
    void aCheckThatScoresLowMakesItsFocus(String check, int score, FocusKind kind) {
        assertThat(focus(check, score).kinds()).containsExactly(kind);
    }

    @ParameterizedTest
    @CsvSource({"ARMS_TIRED, STOP_BACK", "BACK_SORE, NEXT_RUNG", "UNEASY, NEXT_RUNG"})
    void armsThatAcheAfterEachRideAreTheStop(String complaint, FocusKind kind) {
        Focus focus = focus("complaint", complaint);
        assertThat(focus.kinds()).containsExactly(kind);
        assertThat(focus.limits()).as("it halts from walk all the same").isEmpty();
    }

    @Test
    void theInsideShoulderOnEitherReinIsTheContact() {
        assertThat(focus("shoulderInside", true).kinds()).containsExactly(FocusKind.CONTACT);
        assertThat(focus("shoulderInside", false).kinds()).containsExactly(FocusKind.NEXT_RUNG);
    }

    @Test
    void shouldersComeBeforeTheQuarters() {
        assertThat(focus("hindLeft", 1, "shoulder", 1, "shoulderBoth", true).kinds())
                .containsExactly(FocusKind.SHOULDERS);
        assertThat(focus("hindLeft", 1, "neckTwists", true).kinds())
                .as("the neck twists as the quarters are asked over")
                .containsExactly(FocusKind.SHOULDERS);
        assertThat(focus("hindLeft", 1, "shoulder", 1, "shoulderBoth", false).kinds())
                .as("heavy on one rein only")
                .containsExactly(FocusKind.QUARTERS);
    }

    @Test
    void aSchoolOrdersWhatSupplesAndNothingElse() {
        Map<String, Object> stiff = new LinkedHashMap<>(GOOD);
        stiff.putAll(Map.of("jawLeft", 1, "bendLeft", 1, "hindLeft", 1));
        assertThat(FocusBook.DEFAULT.of(Looks.of(stiff)).kinds())
                .as("as the table has it")
                .containsExactly(FocusKind.JAW, FocusKind.BEND);
        assertThat(FocusBook.DEFAULT
                        .of(Looks.of(stiff), List.of("quarters", "bend", "jaw"))
                        .kinds())
                .containsExactly(FocusKind.QUARTERS, FocusKind.BEND);
        assertThat(FocusBook.DEFAULT
                        .of(Looks.of(stiff, "leg", 1), List.of("quarters", "bend", "jaw"))
                        .kinds())
                .containsExactly(FocusKind.FORWARD, FocusKind.QUARTERS);
    }

    @ParameterizedTest
    @CsvSource({
        "'', NOT_SAID",
        "standing, SUSPECTED",
        "mounted, SUSPECTED",
        "standing inHand, FOUND",
        "standing inHand mounted, FOUND",
    })
    void whatIsSeenAtTwoStationsIsFoundAtOneSuspected(String stations, Certainty certainty) {
        Map<String, Object> at = new LinkedHashMap<>();
        for (String s : stations.isEmpty() ? new String[0] : stations.split(" ")) {
            at.put(s, true);
        }
        Focus focus = focus("jawLeft", 1, "jawAt", at);
        assertThat(focus.findings().stream().filter(f -> f.rowId().equals("focus.jaw")))
                .extracting(Focus.RowOutcome::certainty)
                .containsExactly(certainty);
        assertThat(focus.isSuspected(FocusKind.JAW)).isEqualTo(certainty == Certainty.SUSPECTED);
        assertThat(focus.isSuspected(FocusKind.BEND)).isFalse();
    }

    @Test
    void ofTheSameFocusOneThatIsFoundIsEnough() {
        Focus focus = focus("halt", 1, "haltAt", Map.of("mounted", true), "haltFaster", 1);
        assertThat(focus.kinds()).as("said once").containsExactly(FocusKind.STOP_BACK);
        assertThat(focus.isSuspected(FocusKind.STOP_BACK)).isFalse();
    }

    @Test
    void aLookThatLeavesTheChiefChecksOutSaysItWasNotEnough() {
        Map<String, Object> some = new LinkedHashMap<>(GOOD);
        some.remove("halt");
        assertThat(FocusBook.DEFAULT.of(Looks.of(some)).lacking()).containsExactly(Check.HALT);
        assertThat(FocusBook.DEFAULT.of(Looks.of(some, "leg", 1)).lacking())
                .as("something was found")
                .isEmpty();
        some.put("halt", 3);
        some.remove("attention");
        assertThat(FocusBook.DEFAULT.of(Looks.of(some)).lacking()).isEmpty();
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
    @CsvSource({"calm, 5", "calm, -1", "shoulder, 3", "circleLeft, 11", "riddenToday, 30"})
    void valuesOutOfTheirBoundsAreNoLook(String check, int value) {
        assertThat(PayloadReader.look(Map.of(check, value))).isEmpty();
    }
}
