package strophos.core.homework;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import strophos.core.exchange.Gait;
import strophos.core.exchange.Place;
import strophos.core.pause.StopSign;
import strophos.core.stair.RungId;
import strophos.core.stats.Proportion;

/** Rules 8, on both sides of each threshold (common practice, no source). */
class HomeworkFoldTest {

    private static final LocalDate SET = LocalDate.of(2026, 3, 2);
    private static final RungId RUNG = new RungId("circle-bend", Gait.WALK, Place.CIRCLE);
    private static final RungId BACK = new RungId("inside-bend", Gait.WALK, Place.RAIL);
    private static final Dose DOSE = new Dose(4, DoseRange.Unit.CIRCLES, 240);
    private static final Gate GATE = new Gate(2, 5, OptionalDouble.empty());

    private static Assignment assignment(Gate gate, boolean isBrandNew) {
        return new Assignment(
                List.of(new Step(BACK, DOSE), new Step(RUNG, DOSE), new Step(RUNG, DOSE)), 1, gate, 5, SET, isBrandNew);
    }

    private static HomeworkEvent.Report report(int day, Feel feel) {
        return report(day, feel, 240, Set.of(), false);
    }

    private static HomeworkEvent.Report report(
            int day, Feel feel, int seconds, Set<StopSign> stops, boolean secondBest) {
        Proportion none = new Proportion(0, 0);
        return new HomeworkEvent.Report(
                SET.plusDays(day), feel, seconds, seconds, none, none, stops, false, secondBest);
    }

    private static HomeworkState fold(LocalDate today, Assignment of, List<HomeworkEvent> events) {
        return HomeworkFold.on(today, of, events, HomeworkThresholds.SET.standard());
    }

    private static HomeworkState on(int day, HomeworkEvent... events) {
        return fold(SET.plusDays(day), assignment(GATE, false), List.of(events));
    }

    @Test
    void beginsOnItsFirstStep() {
        HomeworkState state = on(0);
        assertThat(state.step()).isEqualTo(1);
        assertThat(state.daysToGo()).isEqualTo(5);
        assertThat(state.lookIn()).isEqualTo(HomeworkState.LookInReason.NOT_YET_DUE);
    }

    @Test
    void theGateNeedsItsReportsRunningAndItsDays() {
        assertThat(on(5, report(1, Feel.EASY), report(3, Feel.EASY)).step())
                .as("two easy and five days")
                .isEqualTo(2);
        assertThat(on(4, report(1, Feel.EASY), report(3, Feel.EASY)).step())
                .as("a good first week cannot skip the days")
                .isEqualTo(1);
        assertThat(on(9, report(1, Feel.EASY), report(3, Feel.GETTING_THERE), report(8, Feel.EASY))
                        .step())
                .as("running, not in all")
                .isEqualTo(1);
        assertThat(on(9, report(6, Feel.EASY)).step()).as("one is too few").isEqualTo(1);
    }

    /** Rules 8: a two-week groundwork stage cannot be skipped by a good first day (common practice, no source). */
    @ParameterizedTest
    @CsvSource({"13, 0", "14, 1"})
    void aStageOfAProgrammeWaitsForItsOwnDays(int day, int step) {
        Gate twoWeeks = new Gate(3, 14, OptionalDouble.empty());
        Assignment programme = new Assignment(
                List.of(new Step(BACK, DOSE, Optional.of(twoWeeks)), new Step(RUNG, DOSE)), 0, GATE, 5, SET, false);
        HomeworkState state = fold(
                SET.plusDays(day),
                programme,
                List.of(report(1, Feel.EASY), report(2, Feel.EASY), report(4, Feel.EASY), report(6, Feel.EASY)));
        assertThat(state.step()).isEqualTo(step);
        assertThat(state.daysToGo())
                .as("from then on the gate of the assignment holds")
                .isEqualTo(step == 0 ? 1 : 5);
    }

    @Test
    void theStepOpensOnTheDayItsDaysHavePassed() {
        HomeworkState state = on(8, report(1, Feel.EASY), report(2, Feel.EASY));
        assertThat(state.moves()).containsExactly(new HomeworkState.Move(SET.plusDays(8), 1, 2));
        assertThat(state.easyRunning()).as("counted anew on the next step").isZero();
    }

    @Test
    void twoNotYetRunningCloseItAndOpenTheStepBefore() {
        assertThat(on(3, report(1, Feel.NOT_YET)).step()).isEqualTo(1);
        HomeworkState back = on(3, report(1, Feel.NOT_YET), report(2, Feel.NOT_YET));
        assertThat(back.step()).isZero();
        assertThat(back.moves()).containsExactly(new HomeworkState.Move(SET.plusDays(2), 1, 0));
        assertThat(on(4, report(1, Feel.NOT_YET), report(2, Feel.EASY), report(3, Feel.NOT_YET))
                        .step())
                .as("running, not in all")
                .isEqualTo(1);
    }

    @Test
    void onTheLowestStepTwoNotYetAskForTheCoach() {
        HomeworkState stuck = on(
                6, report(1, Feel.NOT_YET), report(2, Feel.NOT_YET), report(3, Feel.NOT_YET), report(4, Feel.NOT_YET));
        assertThat(stuck.step()).isZero();
        assertThat(stuck.lookIn()).isEqualTo(HomeworkState.LookInReason.STUCK);
    }

    @ParameterizedTest
    @EnumSource(
            value = StopSign.class,
            names = {"FRIGHT", "RIDER_HURTS", "HEAD_KNOCK"})
    void aFrightOrASignOfTheRidersPausesUntilTheCoachAnswers(StopSign sign) {
        HomeworkEvent stop = report(2, Feel.EASY, 100, Set.of(sign), false);
        HomeworkState paused = on(9, report(1, Feel.EASY), stop);
        assertThat(paused.isPaused()).isTrue();
        assertThat(paused.stopSigns()).containsExactly(sign);
        assertThat(paused.lookIn()).isEqualTo(HomeworkState.LookInReason.STOP_SIGN);
        assertThat(paused.step()).as("nothing opens meanwhile").isEqualTo(1);
        assertThat(paused.advised(assignment(GATE, false)))
                .as("no rule answers a stop sign")
                .isEmpty();
        HomeworkState on = on(9, stop, new HomeworkEvent.Answer(SET.plusDays(3), Verdict.CARRY_ON));
        assertThat(on.isPaused()).isFalse();
    }

    @Test
    void aSignOfTheHorsesIsNotEndedByAnAnswerToTheHomework() {
        HomeworkEvent sore = report(2, Feel.EASY, 100, Set.of(StopSign.SORE_SPOT), false);
        HomeworkEvent pause = new HomeworkEvent.HorsePause(SET.plusDays(2));
        HomeworkEvent answer = new HomeworkEvent.Answer(SET.plusDays(3), Verdict.CARRY_ON);
        HomeworkState paused = on(9, report(1, Feel.EASY), pause, sore, answer, report(4, Feel.EASY));
        assertThat(paused.isHorsePaused()).isTrue();
        assertThat(paused.isPaused()).as("nothing of the rider's").isFalse();
        assertThat(paused.step()).as("nothing opens meanwhile").isEqualTo(1);
        assertThat(paused.easyRunning())
                .as("what was ridden with the sign, and meanwhile, opens nothing")
                .isEqualTo(1);
        assertThat(paused.daysDone().done()).as("it is kept all the same").isEqualTo(3);
    }

    @Test
    void daysOfAPauseAreNotMissedAndTheGateGoesOnAfterIt() {
        HomeworkEvent pause = new HomeworkEvent.HorsePause(SET.plusDays(2));
        assertThat(on(16).daysDone().set()).as("16 days at five a week").isEqualTo(11);
        assertThat(on(16, pause).daysDone().set())
                .as("two days until the pause")
                .isEqualTo(1);
        HomeworkEvent cleared = new HomeworkEvent.HorseClearance(SET.plusDays(9));
        HomeworkState state = on(16, report(1, Feel.EASY), pause, cleared, report(10, Feel.EASY));
        assertThat(state.daysDone().set()).as("nine days").isEqualTo(6);
        assertThat(state.step()).isEqualTo(2);
    }

    @Test
    void whatStoppedBesideThisHomeworkStopsItToo() {
        HomeworkEvent hurt = new HomeworkEvent.Stop(SET.plusDays(2), StopSign.RIDER_HURTS);
        assertThat(on(3, hurt).isPaused()).isTrue();
        assertThat(on(3, hurt, new HomeworkEvent.Lift(SET.plusDays(3))).isPaused())
                .isFalse();
    }

    @Test
    void theCoachsAnswerMovesTheStep() {
        assertThat(on(3, new HomeworkEvent.Answer(SET.plusDays(2), Verdict.NEXT))
                        .step())
                .isEqualTo(2);
        assertThat(on(3, new HomeworkEvent.Answer(SET.plusDays(2), Verdict.BACK))
                        .step())
                .isZero();
        assertThat(on(
                                5,
                                new HomeworkEvent.Answer(SET.plusDays(2), Verdict.BACK),
                                new HomeworkEvent.Answer(SET.plusDays(3), Verdict.BACK))
                        .step())
                .as("there is nothing below the lowest")
                .isZero();
    }

    @Test
    void theSecondBestCountsAsPractisedAndForNothingElse() {
        HomeworkState state = on(
                9,
                report(1, Feel.EASY, 240, Set.of(), true),
                report(2, Feel.EASY, 240, Set.of(), true),
                report(3, Feel.NOT_YET, 240, Set.of(), true),
                report(4, Feel.NOT_YET, 240, Set.of(), true));
        assertThat(state.step()).isEqualTo(1);
        assertThat(state.easyRunning()).isZero();
        assertThat(state.daysDone().done()).isEqualTo(4);
    }

    @Test
    void aGateWithCountsAsksForThemOnEachRein() {
        Gate counted = new Gate(1, 0, OptionalDouble.of(0.8));
        Proportion good = new Proportion(4, 5);
        Proportion less = new Proportion(3, 5);
        HomeworkEvent both =
                new HomeworkEvent.Report(SET.plusDays(1), Feel.EASY, 240, 240, good, good, Set.of(), false, false);
        HomeworkEvent right =
                new HomeworkEvent.Report(SET.plusDays(1), Feel.EASY, 240, 240, good, less, Set.of(), false, false);
        Assignment a = assignment(counted, false);
        assertThat(fold(SET.plusDays(1), a, List.of(both)).step()).isEqualTo(2);
        assertThat(fold(SET.plusDays(1), a, List.of(right)).step()).isEqualTo(1);
        assertThat(fold(SET.plusDays(1), a, List.of(report(1, Feel.EASY))).step())
                .as("nothing counted")
                .isEqualTo(1);
    }

    @Test
    void theLastStepIsReadyAndStays() {
        HomeworkState state =
                on(20, report(1, Feel.EASY), report(6, Feel.EASY), report(8, Feel.EASY), report(12, Feel.EASY));
        assertThat(state.step()).isEqualTo(2);
        assertThat(state.isReady()).isTrue();
    }

    @ParameterizedTest
    @ValueSource(ints = {2, 3})
    void theCoachLooksInAfterThreePractices(int practices) {
        List<HomeworkEvent> events = new ArrayList<>();
        for (int i = 1; i <= practices; i++) {
            events.add(report(i, Feel.GETTING_THERE));
        }
        HomeworkState state = fold(SET.plusDays(4), assignment(GATE, false), events);
        assertThat(state.lookIn())
                .isEqualTo(practices == 3 ? HomeworkState.LookInReason.DUE : HomeworkState.LookInReason.NOT_YET_DUE);
    }

    @Test
    void orAfterSevenDaysAndTheNextDayWithABrandNewAid() {
        assertThat(on(6).lookIn()).isEqualTo(HomeworkState.LookInReason.NOT_YET_DUE);
        assertThat(on(7).lookIn()).isEqualTo(HomeworkState.LookInReason.DUE);
        Assignment brandNew = assignment(GATE, true);
        assertThat(fold(SET, brandNew, List.of()).lookIn()).isEqualTo(HomeworkState.LookInReason.NOT_YET_DUE);
        assertThat(fold(SET.plusDays(1), brandNew, List.of()).lookIn()).isEqualTo(HomeworkState.LookInReason.NEW_AID);
        HomeworkEvent answered = new HomeworkEvent.Answer(SET.plusDays(1), Verdict.CARRY_ON);
        assertThat(fold(SET.plusDays(2), brandNew, List.of(answered)).lookIn())
                .isEqualTo(HomeworkState.LookInReason.NOT_YET_DUE);
    }

    @Test
    void daysAndMinutesDoneOfThoseSet() {
        HomeworkState state = on(14, report(1, Feel.EASY), report(1, Feel.EASY), report(9, Feel.GETTING_THERE));
        assertThat(state.daysDone()).isEqualTo(new HomeworkState.Done(2, 10));
        assertThat(state.leftSeconds()).isEqualTo(new HomeworkState.Done(720, 480));
    }

    @Test
    void moreThanHalfAsMuchAgainIsTooMuch() {
        assertThat(on(2, report(1, Feel.EASY, 360, Set.of(), false)).overDays())
                .as("exactly half as much again")
                .isEmpty();
        assertThat(on(2, report(1, Feel.EASY, 361, Set.of(), false)).overDays()).containsExactly(SET.plusDays(1));
    }

    @Test
    void whatARuleWouldAnswer() {
        Assignment a = assignment(new Gate(1, 0, OptionalDouble.empty()), false);
        HomeworkState fresh = fold(SET, a, List.of());
        assertThat(fresh.advised(a)).contains(Verdict.CARRY_ON);
        HomeworkState stuckLow = on(
                6, report(1, Feel.NOT_YET), report(2, Feel.NOT_YET), report(3, Feel.NOT_YET), report(4, Feel.NOT_YET));
        assertThat(stuckLow.advised(assignment(GATE, false)))
                .as("nothing lower to go back to")
                .contains(Verdict.CARRY_ON);
    }

    /** Whatever is reported and answered, the step stays on the ladder and what is done never shrinks. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void holdsOverRandomWeeks(long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        for (int run = 0; run < 200; run++) {
            List<HomeworkEvent> events = new ArrayList<>();
            int day = 0;
            int done = 0;
            for (int i = 0; i < 25; i++) {
                day += random.nextInt(3);
                Feel feel = Feel.values()[random.nextInt(3)];
                events.add(
                        random.nextInt(5) == 0
                                ? new HomeworkEvent.Answer(SET.plusDays(day), Verdict.values()[random.nextInt(3)])
                                : report(
                                        day,
                                        feel,
                                        random.nextInt(500),
                                        random.nextInt(9) == 0 ? Set.of(StopSign.FRIGHT) : Set.of(),
                                        random.nextInt(9) == 0));
                HomeworkState state = fold(SET.plusDays(day), assignment(GATE, false), events);
                assertThat(state.step()).isBetween(0, 2);
                assertThat(state.daysDone().done()).isGreaterThanOrEqualTo(done);
                done = state.daysDone().done();
            }
        }
    }

    @Test
    void dosesScale() {
        DoseRange range = new DoseRange(5, 8, DoseRange.Unit.REPEATS, 0.6);
        assertThat(Dose.least(range, false)).isEqualTo(new Dose(5, DoseRange.Unit.REPEATS, 180));
        assertThat(Dose.most(range, false)).isEqualTo(new Dose(8, DoseRange.Unit.REPEATS, 300));
        assertThat(Dose.least(range, true))
                .as("coming back to work: half, rounded up")
                .isEqualTo(new Dose(3, DoseRange.Unit.REPEATS, 120));
        assertThat(Dose.least(range, false).leftOfTodayS(100)).isEqualTo(80);
        assertThat(Dose.least(range, false).leftOfTodayS(500)).isZero();
    }

    @Test
    void theLadderHoldsOnlyWhatWasRidden() {
        DoseRange range = new DoseRange(3, 5, DoseRange.Unit.CIRCLES, 1);
        Ladder ladder =
                Ladder.of(new Ladder.RungDose(RUNG, range), Optional.of(new Ladder.RungDose(BACK, range)), false);
        assertThat(ladder.steps()).extracting(Step::rung).containsExactly(BACK, RUNG, RUNG);
        assertThat(ladder.first()).isEqualTo(1);
        Ladder foot = Ladder.of(
                new Ladder.RungDose(RUNG, new DoseRange(3, 3, DoseRange.Unit.CIRCLES, 1)), Optional.empty(), false);
        assertThat(foot.steps()).hasSize(1);
    }

    @Test
    void refusesWhatIsNoHomework() {
        assertThatThrownBy(() -> new Gate(0, 5, OptionalDouble.empty())).hasMessageContaining("at least 1 report");
        assertThatThrownBy(() -> new Gate(1, 5, OptionalDouble.of(1.1))).hasMessageContaining("(0, 1]");
        assertThatThrownBy(() -> new DoseRange(5, 4, DoseRange.Unit.CIRCLES, 1)).hasMessageContaining("A dose goes");
        assertThatThrownBy(() -> new Assignment(List.of(), 0, GATE, 5, SET, false))
                .hasMessageContaining("first step");
        assertThatThrownBy(() -> new Assignment(List.of(new Step(RUNG, DOSE)), 0, GATE, 8, SET, false))
                .hasMessageContaining("[1, 7]");
    }
}
