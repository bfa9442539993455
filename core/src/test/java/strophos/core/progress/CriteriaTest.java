package strophos.core.progress;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import strophos.core.exchange.HoldUnit;
import strophos.core.exchange.Mounted;
import strophos.core.exchange.Side;
import strophos.core.exchange.Strength;
import strophos.core.exchange.WorkedSide;
import strophos.core.judgement.Cases;
import strophos.core.judgement.Judgement;

/** The criteria beside the rate, each on both sides of its numbers (rules 3; common practice, no source). */
class CriteriaTest {

    private static final LocalDate DAY = LocalDate.of(2026, 3, 2);

    @ParameterizedTest
    @CsvSource({
        "yyyyy/yyyyy, MET, five running on each side",
        "yyyyt/yyyyy, BROKEN, the last one broke it",
        "tyyyyy/byyyyy, MET, what went before does not count",
        "yyyy/yyyyy, FEW, four asks",
        "yyyyy/y3yyyy, BROKEN, one was clear",
        "yy/yy;yyy/yyy, MET, it may begin in an earlier lesson"
    })
    void streak(String lessons, String answer, String why) {
        assertThat(Cases.word(new StreakCriterion(5, Strength.LIGHT)
                        .judge(Lessons.read(lessons).facts())))
                .as(why)
                .isEqualTo(answer);
    }

    /** A tally feeds rates; it has no order, so it neither makes nor breaks a streak, and "about" is not always. */
    @Test
    void talliesFeedRatesOnly() {
        String tallied = "++++++++++/++++++++++";
        RungFacts twice = Lessons.read(tallied + "; " + tallied).facts();
        assertThat(Cases.word(
                        RungDecision.standard().criterion(Optional.empty()).judge(twice)))
                .isEqualTo("MET");
        assertThat(Cases.word(new StreakCriterion(5, Strength.LIGHT).judge(twice)))
                .isNotEqualTo("MET");
        assertThat(Cases.word(new AlwaysCriterion(10, Strength.LIGHT, 2).judge(twice)))
                .isNotEqualTo("MET");
        RungFacts streak = Lessons.read("yyyyy--/yyyyy--").facts();
        assertThat(Cases.word(new StreakCriterion(5, Strength.LIGHT).judge(streak)))
                .isEqualTo("MET");
        // three good of ten: what came instead is not known, so it is not too hard for that
        assertThat(TooFewTries.of(RungThresholds.SET.standard())
                        .judge(Lessons.read("+++-------/+++-------").facts()))
                .isEqualTo(new Judgement.NotEnoughData(0, 8));
    }

    @Test
    void aStreakSaysHowManyAreMissing() {
        RungFacts facts = Lessons.read("yybyy/yyyyy").facts();
        assertThat(new StreakCriterion(5, Strength.LIGHT)
                        .onSide(facts, Side.LEFT)
                        .missing())
                .containsExactly(new Missing.Running(Side.LEFT, 3, 5));
    }

    @ParameterizedTest
    @CsvSource({
        "yyyyyyyyyy/yyyyyyyyyy;yyyyyyyyyy/yyyyyyyyyy, MET, ten of ten on two days",
        "yyyyyyyyyy/yyyyyyyyyy, BROKEN, on one",
        "yyyyyyyyyy/yyyyyyyyyy;yyyyyyyyyy/yyyyyyyyyt, BROKEN, nine of ten",
        "yyyyyyyyyy/yyyyyyyyyy;yyyyy/yyyyy, MET, half a window makes a day",
        "yyyyyyyyyy/yyyyyyyyyy;yyyy/yyyy, BROKEN, less does not",
        "yyyyyyyyy/yyyyyyyyyy, FEW, nine asks"
    })
    void always(String lessons, String answer, String why) {
        assertThat(Cases.word(new AlwaysCriterion(10, Strength.LIGHT, 2)
                        .judge(Lessons.read(lessons).facts())))
                .as(why)
                .isEqualTo(answer);
    }

    /** Ten of ten: by Wilson's formula the lower end is 10 / (10 + 1.96²) = 0.7225. */
    @Test
    void alwaysCountsDaysAndShowsItsInterval() {
        String all = "yyyyyyyyyy";
        AlwaysCriterion always = new AlwaysCriterion(10, Strength.LIGHT, 2);
        RungEvidence.OfSide once =
                always.onSide(Lessons.of(all, all).sameDay(all, all).facts(), Side.LEFT);
        assertThat(once.missing()).containsExactly(new Missing.Days(Side.LEFT, 1));
        assertThat(once.interval().low()).isCloseTo(10 / (10 + 1.959964 * 1.959964), within(1e-6));
    }

    private static RungFacts observed(Observation... observed) {
        return new RungFacts(WorkedSide.INSIDE, List.of(new LessonFacts("a", DAY, List.of(), List.of(observed))));
    }

    private static Observation.Hold held(Side side, double strides) {
        return new Observation.Hold("h", side, HoldUnit.STRIDES, strides);
    }

    @Test
    void holdCountsStretchesLongEnoughInTheLesson() {
        HoldCriterion hold = new HoldCriterion(8, HoldUnit.STRIDES, 2);
        RungFacts facts = observed(
                held(Side.LEFT, 8),
                held(Side.LEFT, 12),
                held(Side.RIGHT, 8),
                held(Side.RIGHT, 7.5),
                new Observation.Hold("s", Side.RIGHT, HoldUnit.SECONDS, 30));
        assertThat(hold.judge(facts)).isInstanceOf(Judgement.Broken.class);
        assertThat(hold.onSide(facts, Side.LEFT).missing()).isEmpty();
        assertThat(hold.onSide(facts, Side.RIGHT).missing())
                .containsExactly(new Missing.Stretches(Side.RIGHT, 1, 8, HoldUnit.STRIDES));
        assertThat(hold.judge(new RungFacts(WorkedSide.INSIDE, List.of()))).isInstanceOf(Judgement.NotEnoughData.class);
    }

    private static LessonFacts lesson(int asks, String... faults) {
        List<Ask> all = new ArrayList<>();
        for (Side side : WorkedSide.INSIDE.sides()) {
            all.addAll(Lessons.asks("y".repeat(asks), side, Mounted.RIDER));
        }
        List<Observation> seen = new ArrayList<>();
        for (String fault : faults) {
            seen.add(new Observation.Fault("f", Side.RIGHT, fault));
        }
        return new LessonFacts("lesson " + asks, DAY, all, seen);
    }

    @Test
    void absenceNeedsChances() {
        AbsenceCriterion absence = new AbsenceCriterion("pokes the nose", 2, 6);
        assertThat(absence.judge(new RungFacts(WorkedSide.INSIDE, List.of(lesson(6), lesson(6)))))
                .isInstanceOf(Judgement.Met.class);
        assertThat(absence.judge(new RungFacts(WorkedSide.INSIDE, List.of(lesson(6), lesson(5)))))
                .as("five chances are too few")
                .isInstanceOf(Judgement.NotEnoughData.class);
        RungFacts seen = new RungFacts(WorkedSide.INSIDE, List.of(lesson(6), lesson(6), lesson(6, "pokes the nose")));
        assertThat(absence.onSide(seen, Side.RIGHT).missing())
                .containsExactly(new Missing.LessonsWithout(Side.RIGHT, 2, "pokes the nose"));
        assertThat(absence.onSide(seen, Side.LEFT).missing()).isEmpty();
        assertThat(absence.judge(new RungFacts(WorkedSide.INSIDE, List.of(lesson(6), lesson(6, "falls in")))))
                .as("another fault")
                .isInstanceOf(Judgement.Met.class);
        assertThat(absence.judge(new RungFacts(
                        WorkedSide.INSIDE, List.of(lesson(6, "pokes the nose"), lesson(1), lesson(6), lesson(6)))))
                .as("long enough ago")
                .isInstanceOf(Judgement.Met.class);
    }

    @Test
    void whatIsNotJudgedYetDoesNotCount() {
        List<LessonFacts> lessons = List.of(lesson(6, "pokes the nose"), lesson(6, "pokes the nose"));
        AbsenceCriterion absence = new AbsenceCriterion("pokes the nose", 2, 6);
        assertThat(absence.judge(new RungFacts(WorkedSide.INSIDE, lessons))).isInstanceOf(Judgement.Broken.class);
        assertThat(absence.judge(new RungFacts(WorkedSide.INSIDE, lessons, Set.of("pokes the nose"))))
                .isInstanceOf(Judgement.Met.class);
    }

    private static Observation.Beats beats(Side side, Side feet, double low, double high) {
        return new Observation.Beats("f", side, feet, (low + high) / 2, low, high);
    }

    /** What the eye counted stands, unless a clip of the same lesson tells the beats apart from four clear ones. */
    @Test
    void beatsAreAHoldThatNoClipContradicts() {
        BeatsCriterion criterion = new BeatsCriterion(8, HoldUnit.STRIDES, 1);
        Observation left = held(Side.LEFT, 8);
        Observation right = held(Side.RIGHT, 8);
        assertThat(criterion.judge(observed(left, right))).isInstanceOf(Judgement.Met.class);
        for (double[] fits : new double[][] {{0.22, 0.28}, {0.19, 0.21}, {0.29, 0.33}, {0.1, 0.4}, {0.20, 0.20}}) {
            assertThat(criterion.judge(observed(left, right, beats(Side.LEFT, Side.RIGHT, fits[0], fits[1]))))
                    .isInstanceOf(Judgement.Met.class);
        }
        for (double[] other : new double[][] {{0.04, 0.08}, {-0.02, 0.02}, {0.96, 1.02}, {0.17, 0.19}, {0.31, 0.35}}) {
            RungFacts facts = observed(left, right, beats(Side.LEFT, Side.RIGHT, other[0], other[1]));
            assertThat(criterion.judge(facts)).isInstanceOf(Judgement.Broken.class);
            assertThat(criterion.onSide(facts, Side.LEFT).missing())
                    .containsExactly(new Missing.FourBeats(
                            Side.LEFT, Side.RIGHT, (other[0] + other[1]) / 2, other[0], other[1]));
            assertThat(criterion.onSide(facts, Side.RIGHT).missing()).isEmpty();
        }
    }

    @Test
    void ofBeatsTheStridesMarkedLastCount() {
        BeatsCriterion criterion = new BeatsCriterion(8, HoldUnit.STRIDES, 1);
        Observation.Beats pace = beats(Side.LEFT, Side.LEFT, 0.04, 0.08);
        Observation.Beats clear = beats(Side.LEFT, Side.LEFT, 0.22, 0.26);
        Observation[] kept = {held(Side.LEFT, 8), held(Side.RIGHT, 8)};
        assertThat(criterion.judge(observed(kept[0], kept[1], pace, clear))).isInstanceOf(Judgement.Met.class);
        assertThat(criterion.judge(observed(kept[0], kept[1], clear, pace))).isInstanceOf(Judgement.Broken.class);
        // the other pair of feet is looked at by itself
        assertThat(criterion.judge(observed(kept[0], kept[1], pace, beats(Side.LEFT, Side.RIGHT, 0.22, 0.26))))
                .isInstanceOf(Judgement.Broken.class);
        assertThat(criterion.onSide(observed(pace), Side.LEFT).missing())
                .as("nothing was kept either")
                .hasSize(2);
    }

    @Test
    void aCriterionLooksAtItsOwnKindOfThing() {
        HoldCriterion hold = new HoldCriterion(8, HoldUnit.STRIDES, 2);
        BeatsCriterion beats = new BeatsCriterion(8, HoldUnit.STRIDES, 2);
        Observation metres = new Observation.Hold("m", Side.LEFT, HoldUnit.METRES, 9);
        Observation pace = beats(Side.LEFT, Side.LEFT, 0.04, 0.08);
        RungFacts kept = observed(held(Side.LEFT, 3));
        assertThat(kept.isObservedIn("a", hold)).isTrue();
        assertThat(kept.isObservedIn("a", beats)).isTrue();
        assertThat(kept.isObservedIn("b", hold)).as("another lesson").isFalse();
        assertThat(kept.isObservedIn("a", new StreakCriterion(5, Strength.LIGHT)))
                .isFalse();
        assertThat(observed(metres).isObservedIn("a", hold)).isFalse();
        assertThat(observed(pace).isObservedIn("a", hold)).isFalse();
        assertThat(observed(pace).isObservedIn("a", beats)).isTrue();
        assertThat(observed(pace).isObservedIn("a", new BandCriterion(0.8, 60))).isFalse();
    }

    private static Observation.InBand band(Side side, int inside, int measured) {
        return new Observation.InBand("b", side, Duration.ofSeconds(inside), Duration.ofSeconds(measured));
    }

    @Test
    void bandNeedsTimeAndItsShare() {
        BandCriterion band = new BandCriterion(0.8, 60);
        assertThat(band.judge(observed(band(Side.LEFT, 48, 60), band(Side.RIGHT, 30, 40), band(Side.RIGHT, 50, 60))))
                .isInstanceOf(Judgement.Met.class);
        RungFacts low = observed(band(Side.LEFT, 47, 60), band(Side.RIGHT, 60, 60));
        assertThat(band.onSide(low, Side.LEFT).missing())
                .containsExactly(new Missing.InBand(Side.LEFT, 47 / 60.0, 0.8));
        RungFacts brief = observed(band(Side.LEFT, 59, 59), band(Side.RIGHT, 60, 60));
        assertThat(band.judge(brief)).isInstanceOf(Judgement.NotEnoughData.class);
        assertThat(band.onSide(brief, Side.LEFT).missing()).containsExactly(new Missing.Seconds(Side.LEFT, 1));
    }

    private static Observation.Recovery after(Side side, double seconds) {
        return new Observation.Recovery("r", side, Optional.of(Duration.ofMillis((long) (1000 * seconds))));
    }

    @Test
    void recoveryLooksAtTheLastMistakes() {
        RecoveryCriterion recovery = new RecoveryCriterion(4, 2);
        assertThat(recovery.judge(observed(
                        after(Side.LEFT, 9),
                        after(Side.LEFT, 4),
                        after(Side.LEFT, 2),
                        after(Side.RIGHT, 1),
                        after(Side.RIGHT, 3))))
                .isInstanceOf(Judgement.Met.class);
        RungFacts slow = observed(after(Side.LEFT, 4.1), after(Side.LEFT, 2), after(Side.RIGHT, 1));
        assertThat(recovery.onSide(slow, Side.LEFT).missing()).containsExactly(new Missing.Recoveries(Side.LEFT, 1, 4));
        assertThat(recovery.judge(slow)).isInstanceOf(Judgement.NotEnoughData.class);
    }

    @Test
    void numbersThatMeanNothingAreRefused() {
        assertThatThrownBy(() -> new StreakCriterion(0, Strength.LIGHT)).hasMessageContaining("at least one ask");
        assertThatThrownBy(() -> new HoldCriterion(0, HoldUnit.METRES, 1)).hasMessageContaining("above 0");
        assertThatThrownBy(() -> new BeatsCriterion(8, HoldUnit.STRIDES, 0)).hasMessageContaining("at least one time");
        assertThatThrownBy(() -> new AbsenceCriterion(" ", 1, 1)).hasMessageContaining("needs a fault");
        assertThatThrownBy(() -> new BandCriterion(1.1, 1)).hasMessageContaining("(0, 1]");
        assertThatThrownBy(() -> new RecoveryCriterion(0, 1)).hasMessageContaining("at least 1");
        assertThatThrownBy(() -> new AlwaysCriterion(10, Strength.LIGHT, 0)).hasMessageContaining("at least 1");
    }

    @Test
    void everyAdviceNamesTheEntriesItCounted() {
        Advice advice = RungDecision.standard()
                .advise(Lessons.read("yyyyyyyyyy/yyyyyyyyyy").facts(), java.util.Optional.empty(), Standing.IN_WORK);
        assertThat(advice.findings())
                .filteredOn(f -> f.ruleId().equals("criterion.rate"))
                .singleElement()
                .satisfies(f -> assertThat(f.judgement().evidence().get(0).entries())
                        .hasSize(10)
                        .contains("LEFT 0", "LEFT 9"));
        assertThat(advice.findings())
                .extracting(f -> f.ruleId())
                .containsExactly(
                        "get-help.pain-signs",
                        "get-help.three-step-backs",
                        "step-back.forcing",
                        "step-back.too-few-tries",
                        "step-back.one-rein-fails",
                        "step-back.fright-repeats",
                        "criterion.rate",
                        "stay-harder.room-for-width");
    }
}
