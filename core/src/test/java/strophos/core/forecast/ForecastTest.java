package strophos.core.forecast;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import strophos.core.judgement.Cases;
import strophos.core.judgement.Thresholds;
import strophos.core.stats.Proportion;

class ForecastTest {

    private static final Thresholds T = ForecastThresholds.SET.standard();
    private static final LearnerRules RULES = LearnerRules.of(T);
    private static final LocalDate DAY = LocalDate.of(2026, 5, 4);

    /** Calculations 8: without the floor about 14, 25 and 91 days at five, three and one day a week. */
    @Test
    void theStandardsGiveTheDaysTheyWereMadeFor() {
        LearnerRules noFloor = LearnerRules.of(Cases.moved(T, "learner.floor", 0));
        assertThat(Forecast.daysUntilLearnt(noFloor, 5)).isEqualTo(14);
        assertThat(Forecast.daysUntilLearnt(noFloor, 3)).isEqualTo(25);
        assertThat(Forecast.daysUntilLearnt(noFloor, 1)).isEqualTo(91);
    }

    /** By hand: 0.18; a half-life of 10.5 days later half of what lies above the floor, 0.06 + 0.06. */
    @Test
    void whatIsLearntFadesToItsFloor() {
        LearnerRules exact = new LearnerRules(0.18, 7, 1.5, 1 / 3.0, 0.85);
        Learner once = Learner.beginning(exact, 0).practised(0, true);
        assertThat(once.skill()).isCloseTo(0.18, within(1e-12));
        assertThat(once.halfLifeDays()).isCloseTo(10.5, within(1e-12));
        assertThat(new Learner(exact, 0.18, 10.5, 0.18, 0).skillOn(21)).isCloseTo(0.06 + 0.12 / 4, within(1e-12));
        assertThat(once.practised(3, false))
                .as("not yet: nothing gained, nothing lost")
                .isEqualTo(once);
        assertThatThrownBy(() -> once.practised(-1, true)).hasMessageContaining("in order");
    }

    private static History none() {
        return new History(List.of());
    }

    @Test
    void isARangeForEachNumberOfDaysAWeek() {
        Forecast forecast = Forecast.of(none(), DAY, List.of(1, 3, 5), T, 7);
        assertThat(forecast.ranges()).allSatisfy(r -> {
            assertThat(r.early().orElseThrow()).isBefore(r.likely().orElseThrow());
            assertThat(r.likely().orElseThrow()).isBefore(r.late().orElse(LocalDate.MAX));
        });
        List<LocalDate> likely =
                forecast.ranges().stream().map(r -> r.likely().orElseThrow()).toList();
        assertThat(likely).isSortedAccordingTo(java.util.Comparator.reverseOrder());
        assertThat(ChronoUnit.DAYS.between(DAY, likely.get(2)))
                .as("the middle lies at the standard gain's")
                .isBetween(12L, 17L);
    }

    @Test
    void theSameSeedGivesTheSameDates() {
        assertThat(Forecast.of(none(), DAY, List.of(3), T, 7)).isEqualTo(Forecast.of(none(), DAY, List.of(3), T, 7));
        assertThat(Forecast.of(none(), DAY, List.of(1), T, 7).ranges())
                .as("another draw")
                .isNotEqualTo(Forecast.of(none(), DAY, List.of(3), T, 8)
                        .ranges()
                        .get(0)
                        .late());
    }

    @Test
    void saysNothingBeyondTwoYears() {
        Thresholds slow = Cases.moved(T, "learner.gain", 0.02);
        Forecast forecast = Forecast.of(none(), DAY, List.of(1), slow, 1);
        assertThat(forecast.ranges().get(0).late()).isEmpty();
        assertThatThrownBy(() -> Forecast.of(none(), DAY, List.of(8), T, 1)).hasMessageContaining("[1, 7]");
    }

    @Test
    void whatIsLearntAlreadyIsLearntToday() {
        List<History.Event> events = new ArrayList<>();
        for (int i = 0; i < 14; i++) {
            events.add(new History.PracticeDay(DAY.minusDays(20 - i), true));
        }
        assertThat(Forecast.of(new History(events), DAY, List.of(3), T, 1)
                        .ranges()
                        .get(0)
                        .likely())
                .contains(DAY);
    }

    /** Four practices and a coached lesson of ten asks a week, by a learner of this gain. */
    static History simulated(double gain, int weeks, SplittableRandom random) {
        List<History.Event> events = new ArrayList<>();
        Learner learner = Learner.beginning(RULES.withGain(gain), DAY.toEpochDay());
        for (int week = 0; week < weeks; week++) {
            for (int d : new int[] {0, 1, 3, 5}) {
                LocalDate day = DAY.plusDays(7L * week + d);
                if (d == 0) {
                    int yes = 0;
                    for (int i = 0; i < 10; i++) {
                        yes += random.nextDouble() < learner.skillOn(day.toEpochDay()) ? 1 : 0;
                    }
                    events.add(new History.LessonDay(day, new Proportion(yes, 10)));
                }
                learner = learner.practised(day.toEpochDay(), true);
                events.add(new History.PracticeDay(day, true));
            }
        }
        return new History(events);
    }

    /** The 90 % interval of the fit holds the gain of nine in ten simulated learners. */
    @Test
    void theFitFindsASimulatedLearnersGain() {
        SplittableRandom random = new SplittableRandom(20260504);
        int inside = 0;
        double wide = GainFit.of(none(), RULES, 6).interval().high();
        int narrower = 0;
        int learners = 300;
        for (int i = 0; i < learners; i++) {
            // as pairs differ: lognormal round the standard
            double gain = Math.min(0.55, RULES.gain() * Math.exp(GainFit.LOG_SD * gaussian(random)));
            GainFit fit = GainFit.of(simulated(gain, 4, random), RULES, 6);
            assertThat(fit.isFitted()).isTrue();
            inside += fit.interval().low() - 0.005 <= gain
                            && gain <= fit.interval().high() + 0.005
                    ? 1
                    : 0;
            narrower += fit.interval().high() - fit.interval().low() < wide ? 1 : 0;
        }
        // binomial, 0.9 ± three standard errors of 0.017
        assertThat(inside / (double) learners).isBetween(0.85, 0.97);
        assertThat(narrower).isEqualTo(learners);
    }

    private static double gaussian(SplittableRandom random) {
        double sum = 0;
        for (int i = 0; i < 12; i++) {
            sum += random.nextDouble();
        }
        return sum - 6;
    }
}
