package strophos.core.state;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import strophos.core.exchange.Gait;
import strophos.core.exchange.HoldUnit;
import strophos.core.exchange.Mounted;
import strophos.core.exchange.Place;
import strophos.core.exchange.Response;
import strophos.core.exchange.Side;
import strophos.core.exchange.Strength;
import strophos.core.exchange.WorkedSide;
import strophos.core.progress.AbsenceCriterion;
import strophos.core.progress.Ask;
import strophos.core.progress.Criterion;
import strophos.core.progress.Decision;
import strophos.core.progress.HoldCriterion;
import strophos.core.progress.LessonFacts;
import strophos.core.progress.Observation;
import strophos.core.progress.RungDecision;
import strophos.core.progress.RungFacts;
import strophos.core.progress.StifferSide;
import strophos.core.stair.DecisionOnRung;
import strophos.core.stair.Placing;
import strophos.core.stair.Rung;
import strophos.core.stair.RungId;
import strophos.core.stair.StairEvent;

/** {@code fold(all) = fold(state, since)}, and the state beside what the rules say of all that was ridden. */
class PairFoldTest {

    private static final LocalDate FIRST = LocalDate.of(2016, 3, 7);
    private static final List<RungId> RUNGS = List.of(id("foot"), id("hold"), id("absence"), id("top"));
    private static final RungId UNKNOWN = id("of-an-older-catalogue");

    private static final Map<RungId, Rung> CATALOGUE = Map.of(
            RUNGS.get(0), rung(0, Optional.empty()),
            RUNGS.get(1), rung(1, Optional.of(new HoldCriterion(8, HoldUnit.STRIDES, 3))),
            RUNGS.get(2), rung(2, Optional.of(new AbsenceCriterion("falls-in", 3, 4))),
            RUNGS.get(3), rung(3, Optional.empty()));

    private static final Judge JUDGE =
            new Judge(r -> Optional.ofNullable(CATALOGUE.get(r)), RungDecision.standard(), StifferSide.standard());

    private static RungId id(String exercise) {
        return new RungId(exercise, Gait.WALK, Place.RAIL);
    }

    private static Rung rung(int n, Optional<Criterion> criterion) {
        Optional<RungId> below = n == 0 ? Optional.empty() : Optional.of(RUNGS.get(n - 1));
        return new Rung(
                RUNGS.get(n), below.map(Set::of).orElse(Set.of()), below, criterion, WorkedSide.values()[n % 4]);
    }
    /** What happened to a pair, in order. */
    private record Past(List<RiddenLesson> lessons, Map<Integer, List<StairEvent>> decidedAfter) {}

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void goesOnFromAnyStateAsIfItHadReadAll(long seed) {
        Past past = past(new SplittableRandom(seed), 60);
        PairState all = whole(past).state();
        for (int cut = 0; cut <= 60; cut += 7) {
            PairFold before = PairFold.start(JUDGE);
            ride(before, past, 0, cut);
            PairFold since = new PairFold(before.state(), lastLessons(past, cut), JUDGE);
            ride(since, past, cut, 60);
            assertThat(since.state()).as("from lesson %d on", cut).isEqualTo(all);
        }
    }

    @ParameterizedTest
    @ValueSource(longs = {11, 12, 13, 14})
    void saysOfEachRungWhatItsLastLessonsSay(long seed) {
        Past past = past(new SplittableRandom(seed), 50);
        PairState state = whole(past).state();
        assertThat(state.lessons()).isEqualTo(50);
        for (RungId rung : RUNGS) {
            List<LessonFacts> own = past.lessons().stream()
                    .flatMap(l -> Optional.ofNullable(l.rungs().get(rung)).stream())
                    .toList();
            RungFacts facts = new RungFacts(JUDGE.works(rung), own);
            RungRecord record = state.find(rung).orElseThrow();
            assertThat(record.counts())
                    .isEqualTo(JUDGE.decision().criterion(CATALOGUE.get(rung).criterion()).onEach(facts).stream()
                            .map(SideCount::of)
                            .toList());
            assertThat(record.sides()).isEqualTo(JUDGE.stifferSide().judge(facts));
            assertThat(record.asks()).isEqualTo((int) own.stream()
                    .flatMap(l -> l.asks().stream())
                    .filter(a -> a.mounted() == Mounted.RIDER)
                    .count());
        }
    }

    @Test
    void judgesAnewWhatOtherThresholdsJudgedBefore() {
        Past past = past(new SplittableRandom(21), 40);
        Judge strict = new Judge(
                JUDGE.rungs(),
                RungDecision.with(strophos.core.progress.RungThresholds.SET.with(Map.of("rate.window", 20.0))),
                JUDGE.stifferSide());
        PairFold strictly = PairFold.start(strict);
        ride(strictly, past, 0, 40);
        PairFold again = new PairFold(whole(past).state(), lastLessons(past, 40), strict);
        assertThat(again.state()).isNotEqualTo(strictly.state());
        again.judgeAnew();
        assertThat(again.state()).isEqualTo(strictly.state());
    }

    @Test
    void aLessonThatOnlyTheCoachRodeIsALessonAndNothingOnTheRung() {
        PairFold fold = PairFold.start(JUDGE);
        fold.ride(new RiddenLesson(Map.of(
                RUNGS.get(0), new LessonFacts("a", FIRST, List.of(ask("1", Side.LEFT, Mounted.COACH, Response.YES))))));
        assertThat(fold.state().lessons()).isEqualTo(1);
        assertThat(fold.state().rungs()).isEmpty();
        assertThat(fold.state().asked()).isEmpty();
    }

    @Test
    void whatWasOnlyObservedWasNotAsked() {
        PairFold fold = PairFold.start(JUDGE);
        fold.ride(new RiddenLesson(Map.of(
                RUNGS.get(0),
                new LessonFacts("a", FIRST, List.of(), List.of(new Observation.Fright("1", Side.LEFT))))));
        assertThat(fold.state().find(RUNGS.get(0)).orElseThrow().lessons()).isEqualTo(1);
        assertThat(fold.state().asked()).isEmpty();
    }

    @Test
    void aRungThatLeftTheCatalogueIsKeptAndDecidesNothing() {
        PairFold fold = PairFold.start(JUDGE);
        fold.ride(new RiddenLesson(Map.of(
                UNKNOWN, new LessonFacts("a", FIRST, List.of(ask("1", Side.LEFT, Mounted.RIDER, Response.YES))))));
        fold.decide(new DecisionOnRung(UNKNOWN, Decision.MOVE_ON));
        assertThat(fold.state().asked()).containsExactly(UNKNOWN);
        assertThat(fold.state().stair().passed()).isEmpty();
    }

    private static PairFold whole(Past past) {
        PairFold fold = PairFold.start(JUDGE);
        ride(fold, past, 0, past.lessons().size());
        return fold;
    }

    private static void ride(PairFold fold, Past past, int from, int to) {
        for (int i = from; i < to; i++) {
            fold.ride(past.lessons().get(i));
            past.decidedAfter().getOrDefault(i, List.of()).forEach(fold::decide);
        }
    }

    /** As a database would give them: on each rung the last lessons before, and no more. */
    private static Map<RungId, RungFacts> lastLessons(Past past, int before) {
        Map<RungId, RungFacts> last = new HashMap<>();
        for (RungId rung : RUNGS) {
            List<LessonFacts> on = past.lessons().subList(0, before).stream()
                    .flatMap(l -> Optional.ofNullable(l.rungs().get(rung)).stream())
                    .filter(l ->
                            !l.observed().isEmpty() || l.asks().stream().anyMatch(a -> a.mounted() == Mounted.RIDER))
                    .toList();
            last.put(
                    rung,
                    new RungFacts(
                            JUDGE.works(rung), on.subList(Math.max(0, on.size() - RungFacts.LESSONS), on.size())));
        }
        return last;
    }

    private static Past past(SplittableRandom random, int lessons) {
        List<RiddenLesson> ridden = new ArrayList<>();
        Map<Integer, List<StairEvent>> decided = new HashMap<>();
        for (int i = 0; i < lessons; i++) {
            Map<RungId, LessonFacts> rungs = new HashMap<>();
            for (RungId rung : RUNGS) {
                if (random.nextInt(4) > 0) {
                    rungs.put(rung, lesson(random, i));
                }
            }
            ridden.add(new RiddenLesson(rungs));
            if (random.nextInt(3) == 0) {
                Decision[] all = Decision.values();
                RungId rung = RUNGS.get(random.nextInt(RUNGS.size()));
                StairEvent event = random.nextInt(4) == 0
                        ? new Placing(rung, random.nextInt(3) > 0)
                        : new DecisionOnRung(rung, all[random.nextInt(all.length)]);
                decided.put(i, List.of(event));
            }
        }
        return new Past(ridden, decided);
    }

    private static LessonFacts lesson(SplittableRandom random, int n) {
        List<Ask> asks = new ArrayList<>();
        List<Observation> observed = new ArrayList<>();
        int count = random.nextInt(12);
        for (int i = 0; i < count; i++) {
            Side side = random.nextBoolean() ? Side.LEFT : Side.RIGHT;
            Mounted who = random.nextInt(8) == 0 ? Mounted.COACH : Mounted.RIDER;
            asks.add(ask(n + "." + i, side, who, random.nextInt(3) > 0 ? Response.YES : Response.BRACE));
            if (random.nextInt(6) == 0) {
                observed.add(new Observation.Hold(n + ".held." + i, side, HoldUnit.STRIDES, random.nextInt(16)));
            }
            if (random.nextInt(9) == 0) {
                observed.add(new Observation.Fault(n + ".fault." + i, side, "falls-in"));
            }
        }
        return new LessonFacts("lesson " + n, FIRST.plusDays(7L * n), asks, observed);
    }

    private static Ask ask(String entry, Side side, Mounted who, Response response) {
        return new Ask(entry, 0, side, who, Strength.LIGHT, response);
    }
}
