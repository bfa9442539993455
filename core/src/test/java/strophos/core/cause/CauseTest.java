package strophos.core.cause;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import strophos.core.exchange.Mounted;
import strophos.core.exchange.Side;
import strophos.core.judgement.Judgement;
import strophos.core.progress.Lessons;
import strophos.core.stats.Proportion;

class CauseTest {

    private static final LocalDate DAY = LocalDate.of(2026, 5, 4);

    @ParameterizedTest
    @CsvSource({
        "y, 1",
        "y1, 1",
        "y3, 0.85",
        "y4, 0.7",
        "t, 0.5",
        "t4, 0.2",
        "b, 0",
        "n4, 0",
        "w1, 0",
    })
    void scoresAnAsk(String ask, double score) {
        assertThat(ProbeScore.of(Lessons.asks(ask, Side.LEFT, Mounted.RIDER).get(0)))
                .isCloseTo(score, within(1e-12));
    }

    private static ProbeDay day(int n, Optional<String> between, String before, String after) {
        return new ProbeDay(
                DAY.plusDays(n),
                between,
                Lessons.asks(before, Side.LEFT, Mounted.RIDER),
                Lessons.asks(after, Side.LEFT, Mounted.RIDER));
    }

    @Test
    void withoutControlDaysItAsksForOne() {
        List<ProbeDay> days = new ArrayList<>();
        for (int i = 0; i < 6; i++) {
            days.add(day(i, Optional.of("rein-back"), "tttt", "yyyy"));
        }
        Judgement hint = HelpsOverDays.of(ProbeThresholds.SET.standard()).judge(days);
        Judgement strong =
                HelpsMoreThanWaiting.of(ProbeThresholds.SET.standard()).judge(days);
        assertThat(hint).isInstanceOf(Judgement.Met.class);
        assertThat(strong).isEqualTo(new Judgement.NotEnoughData(0, 3));
        days.add(day(8, Optional.empty(), "tttt", "yyyy"));
        days.add(day(9, Optional.empty(), "tttt", "yyyy"));
        days.add(day(10, Optional.empty(), "tttt", "yyyy"));
        assertThat(HelpsMoreThanWaiting.of(ProbeThresholds.SET.standard()).judge(days))
                .as("warming up does as much")
                .isInstanceOf(Judgement.Broken.class);
    }

    @ParameterizedTest
    @CsvSource({
        "4999, false, more than 5 s before the aid",
        "5000, true, 5 s before the aid",
        "10000, true, at the aid",
        "11500, true, at the response",
        "11501, false, the horse's break moves the rider too"
    })
    void aMarkCountsFromBeforeTheAidUntilTheResponse(long atMs, boolean counts, String why) {
        MarkedAsk told =
                MarkedAsk.at("e", "l", "bend", true, 10_000, 11_500, List.of(new MarkedAsk.Mark("leg back", atMs)));
        assertThat(told.factors()).as(why).isEqualTo(counts ? Set.of("leg back") : Set.of());
    }

    /** Imre's planted truth in small: with the leg back 1 of 6 strike-offs, with it still 7 of 8. */
    @Test
    void namesTheCountsAndTheEntries() {
        List<MarkedAsk> told = new ArrayList<>();
        for (int lesson = 0; lesson < 2; lesson++) {
            for (int i = 0; i < 3; i++) {
                told.add(new MarkedAsk("b" + lesson + i, "l" + lesson, "bend", lesson + i == 0, Set.of("leg back")));
            }
            for (int i = 0; i < 4; i++) {
                told.add(new MarkedAsk("s" + lesson + i, "l" + lesson, "bend", lesson + i > 0, Set.of()));
            }
        }
        SideBySide.Result result = SideBySide.of(SideBySide.SET.standard()).compare(told);
        assertThat(result.worthChecking()).singleElement().satisfies(line -> {
            assertThat(line.with()).isEqualTo(new Proportion(1, 6));
            assertThat(line.without()).isEqualTo(new Proportion(7, 8));
            assertThat(line.entries()).containsExactly("b00", "b01", "b02", "b10", "b11", "b12");
            assertThat(line.difference().interval().high()).isNegative();
        });
    }

    /** A hard exercise has more faults and fewer YES by itself: only the like is compared. */
    @Test
    void aHardExerciseIsNoFault() {
        List<MarkedAsk> told = new ArrayList<>();
        for (int i = 0; i < 40; i++) {
            String lesson = "l" + i % 2;
            told.add(new MarkedAsk("h" + i, lesson, "hard", i % 5 == 0, i % 10 < 8 ? Set.of("looks down") : Set.of()));
            told.add(new MarkedAsk("e" + i, lesson, "easy", i % 5 != 0, i % 10 < 2 ? Set.of("looks down") : Set.of()));
        }
        SideBySide.Result result = SideBySide.of(SideBySide.SET.standard()).compare(told);
        assertThat(result.tested())
                .singleElement()
                .satisfies(line -> assertThat(line.p()).isGreaterThan(0.5));
        assertThat(result.worthChecking()).isEmpty();
    }

    /** A bad day has more faults and fewer YES by itself: kept apart by lesson there is nothing left. */
    @Test
    void aBadDayIsNoFault() {
        List<MarkedAsk> told = new ArrayList<>();
        for (int i = 0; i < 20; i++) {
            told.add(new MarkedAsk(
                    "bad" + i, "bad day", "bend", i % 5 == 0, i % 10 < 8 ? Set.of("looks down") : Set.of()));
            told.add(new MarkedAsk(
                    "good" + i, "good day", "bend", i % 5 != 0, i % 10 < 2 ? Set.of("looks down") : Set.of()));
        }
        SideBySide.Result result = SideBySide.of(SideBySide.SET.standard()).compare(told);
        assertThat(result.tested()).singleElement().satisfies(line -> {
            assertThat(line.difference().interval().high())
                    .as("thrown together it looks like one")
                    .isNegative();
            assertThat(line.p()).isGreaterThan(0.5);
        });
        assertThat(result.worthChecking()).isEmpty();
    }
}
