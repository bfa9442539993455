package strophos.core.pause;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import strophos.core.exchange.Gait;

/** Rules 8: what pauses a horse, and what ends it (common practice, no source). */
class PauseFoldTest {

    private static final LocalDate DAY = LocalDate.of(2026, 3, 2);
    private static final Limits WALK = new Limits(Gait.WALK, OptionalInt.of(20), Optional.of(DAY.plusDays(10)));

    private static Occurrence seen(int day, StopSign sign) {
        return new Occurrence.Sighting(
                "s" + day, sign, at(day, 9), DAY.plusDays(day), "lesson " + day, day, at(day, 10));
    }

    private static Occurrence answered(int day, Occurrence.Reply reply) {
        return new Occurrence.Answer("a" + day, reply, DAY.plusDays(day), at(day, 18));
    }

    private static long at(int day, int hour) {
        return 1000 * (86_400L * day + 3_600L * hour);
    }

    private static HorseState on(int day, Occurrence... all) {
        return PauseFold.on(DAY.plusDays(day), List.of(all), PauseThresholds.SET.standard());
    }

    private static Occurrence.Reply cleared() {
        return new Occurrence.Reply.Clearance(Optional.empty(), Optional.empty());
    }

    @ParameterizedTest
    @EnumSource(StopSign.class)
    void painPausesUntilSomebodyHasLookedAndNothingElseDoes(StopSign sign) {
        boolean isPain = sign.kind() == SignKind.PAIN;
        assertThat(on(0, seen(0, sign)).isPaused()).isEqualTo(isPain);
        assertThat(on(60, seen(0, sign)).isPaused()).as("time ends no pause").isEqualTo(isPain);
    }

    @Test
    void behaviourAndAFallEndTheDayAndNoMore() {
        for (StopSign sign : List.of(StopSign.REARS, StopSign.BOLTS, StopSign.KICKS_AT_LEG, StopSign.FALL)) {
            assertThat(on(0, seen(0, sign)).isDayOver())
                    .as("%s, that day", sign)
                    .isTrue();
            assertThat(on(1, seen(0, sign)).isNotRidden())
                    .as("%s, the next day", sign)
                    .isFalse();
        }
        assertThat(on(0, seen(0, StopSign.FRIGHT)).isNotRidden()).isFalse();
        assertThat(on(0, seen(0, StopSign.RIDER_HURTS)).isNotRidden()).isFalse();
    }

    @Test
    void aRiderHurtStopsNoHorseAndIsAskedAboutForSomeDays() {
        HorseState state = on(1, seen(0, StopSign.RIDER_HURTS));
        assertThat(state.isNotRidden()).isFalse();
        assertThat(state.lately()).extracting(Occurrence.Sighting::sign).containsExactly(StopSign.RIDER_HURTS);
        assertThat(on(1, seen(0, StopSign.FRIGHT), seen(0, StopSign.BLOOD)).lately())
                .isEmpty();
        assertThat(on(1, seen(0, StopSign.REARS), answered(0, cleared())).lately())
                .as("somebody has looked")
                .isEmpty();
    }

    @Test
    void restingOnAndCallingSomebodyEndNothing() {
        HorseState rests = on(5, seen(0, StopSign.SORE_SPOT), answered(1, new Occurrence.Reply.KeepResting(false)));
        assertThat(rests.isPaused()).isTrue();
        assertThat(rests.since()).contains(DAY);
        assertThat(rests.mayHandWalk()).isFalse();
        HorseState called = on(
                5,
                seen(0, StopSign.SORE_SPOT),
                answered(1, new Occurrence.Reply.KeepResting(false)),
                answered(2, new Occurrence.Reply.Call(true)));
        assertThat(called.isPaused()).isTrue();
        assertThat(called.mayHandWalk()).isTrue();
    }

    @Test
    void beingClearedEndsItWithinItsLimitsUntilTheirLastDay() {
        Occurrence.Reply walkOnly = new Occurrence.Reply.Clearance(
                Optional.of(WALK), Optional.of(new HorseState.TimeOff(DAY, DAY.plusDays(3))));
        HorseState last = on(10, seen(0, StopSign.UNLEVEL), answered(3, walkOnly));
        assertThat(last.isPaused()).isFalse();
        assertThat(last.limits()).contains(WALK);
        assertThat(last.allows(Gait.REIN_BACK)).isTrue();
        assertThat(last.allows(Gait.TROT)).isFalse();
        HorseState after = on(11, seen(0, StopSign.UNLEVEL), answered(3, walkOnly));
        assertThat(after.limits()).isEmpty();
        assertThat(after.allows(Gait.CANTER)).isTrue();
        assertThat(after.rest()).contains(new HorseState.TimeOff(DAY, DAY.plusDays(3)));
    }

    @Test
    void anAnswerSpeaksOnlyOfWhatWasKnownThen() {
        Occurrence late = new Occurrence.Sighting("late", StopSign.BLOOD, at(0, 9), DAY, "practice", 1, at(4, 9));
        assertThat(on(5, seen(0, StopSign.UNLEVEL), answered(3, cleared()), late)
                        .isPaused())
                .as("seen before, known after")
                .isTrue();
        Occurrence sameMoment =
                new Occurrence.Sighting("same", StopSign.BLOOD, at(0, 9), DAY, "practice", 1, at(3, 18));
        assertThat(on(5, answered(3, cleared()), sameMoment).isPaused())
                .as("in doubt it rests")
                .isTrue();
    }

    @Test
    void beingClearedAgainReplacesTheLimits() {
        HorseState state = on(
                6,
                seen(0, StopSign.SWELLING),
                answered(1, new Occurrence.Reply.Clearance(Optional.of(WALK), Optional.empty())),
                answered(5, cleared()));
        assertThat(state.limits()).isEmpty();
    }

    @Test
    void aNewSignPausesAHorseThatWasCleared() {
        assertThat(on(9, seen(0, StopSign.FLINCHES), answered(1, cleared()), seen(8, StopSign.FLINCHES))
                        .since())
                .contains(DAY.plusDays(8));
    }

    @Test
    void whatWasRiddenBetweenTheSignAndTheClearanceWasRiddenOnAPausedHorse() {
        List<Pause> pauses = PauseFold.pauses(
                List.of(
                        seen(0, StopSign.UNLEVEL),
                        seen(1, StopSign.BLOOD),
                        answered(2, cleared()),
                        seen(8, StopSign.BLOOD)),
                PauseThresholds.SET.standard());
        assertThat(pauses).hasSize(2);
        assertThat(pauses.get(0).covers(at(0, 9))).as("the touch itself").isFalse();
        assertThat(pauses.get(0).covers(at(0, 9) + 1)).isTrue();
        assertThat(pauses.get(0).covers(at(2, 18))).isFalse();
        assertThat(pauses.get(1).covers(at(90, 0))).as("it goes on").isTrue();
    }

    @ParameterizedTest
    @CsvSource({"4, false", "5, true", "180, true", "181, false"})
    void minutesOfAClearanceLieInTheirBounds(int minutes, boolean fits) {
        if (fits) {
            assertThat(new Limits(Gait.TROT, OptionalInt.of(minutes), Optional.empty()).minutes())
                    .hasValue(minutes);
        } else {
            assertThatThrownBy(() -> new Limits(Gait.TROT, OptionalInt.of(minutes), Optional.empty()))
                    .hasMessageContaining("must lie in [5, 180]");
        }
    }

    @Test
    void aClearanceNamesAGaitThatIsRidden() {
        assertThatThrownBy(() -> new Limits(Gait.HALT, OptionalInt.empty(), Optional.empty()))
                .hasMessageContaining("walk, trot or canter");
    }
}
