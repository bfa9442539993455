package strophos.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import strophos.core.exchange.Gait;
import strophos.core.exchange.Rein;
import strophos.core.look.Focus;
import strophos.core.look.FocusKind;

/** The planner's hard limits, over thousands of random pairs. */
class PlannerLimitsTest {

    private static final int PAIRS = 6000;

    private static final List<PlanFacts> FACTS =
            LongStream.range(0, PAIRS).mapToObj(RandomFacts::of).toList();

    @Test
    void breaksNoLimit() {
        for (int seed = 0; seed < PAIRS; seed++) {
            PlanFacts facts = FACTS.get(seed);
            Plan plan = Planner.propose(facts);
            List<PlanLimits.Breach> breaches = PlanLimits.of(plan, facts).stream()
                    // with next to nothing open a plan may be short; it is never long
                    .filter(b ->
                            b.limit() != PlanLimits.Limit.COUNT || plan.blocks().size() > PlanRules.MOST_BLOCKS)
                    // what could be ridden is shown; it is kept only with a reason
                    .filter(b -> b.limit() != PlanLimits.Limit.WEIGHT_OVER)
                    .toList();
            assertThat(breaches).as("seed %d: %s", seed, plan).isEmpty();
        }
        assertThat(RandomFacts.counts(FACTS))
                .allSatisfy((what, count) -> assertThat(count).as(what).isGreaterThan(PAIRS / 50));
    }

    /** The same limits again, asked in other words than the code's. */
    @Test
    void staysWithinTheRulesAsWritten() {
        for (int seed = 0; seed < PAIRS; seed++) {
            PlanFacts facts = FACTS.get(seed);
            Plan plan = Planner.propose(facts);
            boolean isSpared =
                    facts.horse().isFirstMonthBack() || facts.horse().ageYears().orElse(9) < 5;
            assertThat(plan.workS()).as("seed %d, work", seed).isLessThanOrEqualTo((isSpared ? 20 : 45) * 60);
            int riddenToday = facts.look().map(l -> l.riddenToday().orElse(0)).orElse(0);
            assertThat(plan.workS())
                    .as("seed %d, the whole day's work", seed)
                    .isLessThanOrEqualTo(Math.max(10, 45 - riddenToday) * 60);
            if (facts.look().map(l -> l.halt().orElse(4)).orElse(4) < 3) {
                assertThat(plan.blocks())
                        .as("seed %d, canter", seed)
                        .allSatisfy(b -> assertThat(b.rung().gait()).isNotEqualTo(Gait.CANTER));
            }
            int turnMinutes = facts.horse().isFirstYear() || facts.horse().isFirstMonthBack() ? 2 : 5;
            for (Block b : plan.blocks()) {
                assertThat(b.time().turns())
                        .allSatisfy(t -> assertThat(t.seconds()).isLessThanOrEqualTo(turnMinutes * 60));
                assertThat((double) b.time().secondsOn(Rein.LEFT) / b.time().secondsOn(Rein.RIGHT))
                        .isBetween(0.5, 2.0);
                for (int i = 1; i < b.time().turns().size(); i++) {
                    assertThat(b.time().turns().get(i).rein())
                            .isNotEqualTo(b.time().turns().get(i - 1).rein());
                }
            }
            assertThat(plan.focus().size()).isBetween(1, 2);
            assertThat(plan.blocks().size()).isLessThanOrEqualTo(7);
        }
    }

    @Test
    void ridesARungOnceAndSaysWhyEachIsThere() {
        for (PlanFacts facts : FACTS) {
            Plan plan = Planner.propose(facts);
            List<Block> worked =
                    plan.blocks().stream().filter(b -> !b.role().isMeasure()).toList();
            assertThat(new HashSet<>(worked.stream().map(Block::rung).toList())).hasSameSizeAs(worked);
            assertThat(worked.stream().map(Block::rung).toList())
                    .as("what is measured is worked on as well")
                    .containsAll(plan.blocks().stream().map(Block::rung).toList());
            assertThat(plan.blocks()).allSatisfy(b -> assertThat(b.reasons()).hasSizeGreaterThanOrEqualTo(4));
        }
    }

    @Test
    void aFrightenedHorseIsAskedForNothingNew() {
        for (PlanFacts facts : FACTS) {
            if (!facts.kinds().contains(FocusKind.CONFIDENCE)) {
                continue;
            }
            assertThat(Planner.propose(facts).blocks())
                    .allSatisfy(b -> assertThat(facts.find(b.rung()).orElseThrow())
                            .matches(c -> c.isKnown() || c.strand().equals("confidence") || c.isForAnyHorse()));
        }
    }

    @Test
    void nobodyDismountsInTheMiddle() {
        for (PlanFacts facts : FACTS) {
            List<Boolean> isMounted = Planner.propose(facts).blocks().stream()
                    .map(b -> facts.find(b.rung()).orElseThrow())
                    .filter(c -> c.inHand().filter(InHand::isMountedToo).isEmpty())
                    .map(c -> c.inHand().isEmpty())
                    .toList();
            assertThat(isMounted).as("%s", isMounted).isSorted();
        }
    }

    @Test
    void anEasierDayAndAGoalDayKeepTheSameLimits() {
        EnumSet<Alternative.Kind> offered = EnumSet.noneOf(Alternative.Kind.class);
        for (int seed = 0; seed < PAIRS; seed++) {
            PlanFacts facts = FACTS.get(seed);
            Plan proposal = Planner.propose(facts);
            for (Alternative other : Alternative.to(facts)) {
                offered.add(other.kind());
                assertThat(PlanLimits.of(other.plan(), facts))
                        .as("seed %d %s", seed, other.kind())
                        .filteredOn(b -> b.limit().isSafety() && b.limit() != PlanLimits.Limit.WEIGHT_OVER)
                        .isEmpty();
                assertThat(other.givesUp()).isNotEmpty();
                if (other.kind() == Alternative.Kind.EASIER) {
                    assertThat(other.plan().workS()).as("seed %d", seed).isLessThanOrEqualTo(proposal.workS());
                    assertThat(other.plan().blocks())
                            .allSatisfy(b -> assertThat(facts.find(b.rung()).orElseThrow())
                                    .matches(Candidate::isKnown));
                }
            }
        }
        assertThat(offered).containsExactlyInAnyOrder(Alternative.Kind.values());
    }

    @Test
    void theSameFactsGiveTheSamePlan() {
        for (long seed = 0; seed < 300; seed++) {
            assertThat(Planner.propose(RandomFacts.of(seed))).isEqualTo(Planner.propose(RandomFacts.of(seed)));
        }
    }

    @Test
    void painCannotBeChosenAway() {
        assertThat(FACTS.stream()
                        .filter(f -> f.isLimitedTo(Focus.Limit.NOTHING_RIDDEN)
                                && f.chosen().isPresent()))
                .isNotEmpty()
                .allSatisfy(f -> assertThat(Planner.propose(f).blocks()).isEmpty());
    }
}
