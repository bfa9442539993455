package strophos.core.homework;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import strophos.core.exchange.Gait;
import strophos.core.exchange.Place;
import strophos.core.judgement.Thresholds;
import strophos.core.stair.RungId;
import strophos.core.stats.Proportion;

/** What a glance tells is what all the reports tell, or it says that it cannot. */
class SinceLookInTest {

    private static final LocalDate SET = LocalDate.of(2026, 3, 2);
    private static final Thresholds STANDARD = HomeworkThresholds.SET.standard();

    private static Assignment assignment(boolean isBrandNew) {
        Step step =
                new Step(new RungId("circle-bend", Gait.WALK, Place.CIRCLE), new Dose(4, DoseRange.Unit.CIRCLES, 240));
        return new Assignment(List.of(step, step, step), 1, new Gate(2, 5, OptionalDouble.empty()), 5, SET, isBrandNew);
    }

    private static SinceLookIn since(Assignment of, List<HomeworkEvent> events) {
        LocalDate lookedIn = of.setOn();
        boolean wasLookedIn = false;
        int practices = 0;
        int notYet = 0;
        boolean hasQuestion = false;
        for (HomeworkEvent e : events) {
            if (e instanceof HomeworkEvent.Answer a) {
                lookedIn = a.day();
                wasLookedIn = true;
                practices = 0;
                notYet = 0;
                hasQuestion = false;
            } else if (e instanceof HomeworkEvent.Report r) {
                practices++;
                if (!r.isSecondBest()) {
                    notYet = r.feel() == Feel.NOT_YET ? notYet + 1 : 0;
                }
                hasQuestion |= r.hasQuestion();
            }
        }
        return new SinceLookIn(of.isBrandNew() && !wasLookedIn, lookedIn, practices, hasQuestion, notYet);
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void aGlanceTellsWhatAllReportsTell(long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        Set<HomeworkState.LookInReason> told = EnumSet.noneOf(HomeworkState.LookInReason.class);
        int unclear = 0;
        for (int run = 0; run < 400; run++) {
            Assignment of = assignment(random.nextBoolean());
            List<HomeworkEvent> events = events(random);
            LocalDate today =
                    (events.isEmpty() ? SET : events.get(events.size() - 1).day()).plusDays(random.nextInt(9));
            Optional<HomeworkState.LookInReason> glance = since(of, events).lookIn(today, STANDARD);
            if (glance.isPresent()) {
                assertThat(glance.get())
                        .isEqualTo(HomeworkFold.on(today, of, events, STANDARD).lookIn());
                told.add(glance.get());
            } else {
                unclear++;
            }
        }
        assertThat(told)
                .containsExactlyInAnyOrder(
                        HomeworkState.LookInReason.QUESTION,
                        HomeworkState.LookInReason.NEW_AID,
                        HomeworkState.LookInReason.DUE,
                        HomeworkState.LookInReason.NOT_YET_DUE);
        assertThat(unclear).as("a closer look is the exception").isBetween(1, 200);
    }

    private static List<HomeworkEvent> events(SplittableRandom random) {
        List<HomeworkEvent> events = new ArrayList<>();
        int day = 0;
        int many = random.nextInt(8);
        for (int i = 0; i < many; i++) {
            day += random.nextInt(3);
            events.add(
                    random.nextInt(4) == 0
                            ? new HomeworkEvent.Answer(SET.plusDays(day), Verdict.values()[random.nextInt(3)])
                            : new HomeworkEvent.Report(
                                    SET.plusDays(day),
                                    Feel.values()[random.nextInt(3)],
                                    240,
                                    240,
                                    new Proportion(0, 0),
                                    new Proportion(0, 0),
                                    Set.of(),
                                    random.nextInt(12) == 0,
                                    random.nextInt(9) == 0));
        }
        return events;
    }

    @Test
    void notYetTwiceNeedsACloserLook() {
        assertThat(new SinceLookIn(false, SET, 1, false, 1).lookIn(SET.plusDays(2), STANDARD))
                .contains(HomeworkState.LookInReason.NOT_YET_DUE);
        assertThat(new SinceLookIn(false, SET, 2, false, 2).lookIn(SET.plusDays(2), STANDARD))
                .isEmpty();
        assertThat(new SinceLookIn(false, SET, 2, true, 2).lookIn(SET.plusDays(2), STANDARD))
                .as("a question waits whatever else is said")
                .contains(HomeworkState.LookInReason.QUESTION);
    }
}
