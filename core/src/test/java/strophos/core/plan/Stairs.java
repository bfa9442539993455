package strophos.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import strophos.core.cause.Help;
import strophos.core.exchange.Gait;
import strophos.core.exchange.Place;
import strophos.core.exchange.WorkedSide;
import strophos.core.look.FirstLook;
import strophos.core.look.FocusBook;
import strophos.core.pause.HorseState;
import strophos.core.school.School;
import strophos.core.school.Teaching;
import strophos.core.stair.RungId;
import strophos.core.stair.RungState;
import strophos.core.stop.StopThresholds;
import strophos.core.welfare.GroundAndWeather;

/** A pair that bends, with the other strands at their feet. */
final class Stairs {

    private Stairs() {}

    static final HorseFacts HORSE = horse(9, false, false, OptionalInt.empty());

    static HorseFacts horse(int age, boolean firstYear, boolean back, OptionalInt minutes) {
        return new HorseFacts(
                OptionalInt.of(age),
                firstYear,
                back,
                minutes,
                OptionalDouble.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                List.of(),
                Optional.empty());
    }

    static RungId rung(String name, Gait gait) {
        return new RungId(name, gait, Place.RAIL);
    }

    static final RungId COUNTER = rung("counter-bend", Gait.WALK);
    static final RungId INSIDE = rung("inside-bend", Gait.WALK);
    static final RungId CIRCLE = rung("circle-bend", Gait.TROT);
    static final RungId LEG = rung("light-leg", Gait.WALK);
    static final RungId HALT = rung("step-back", Gait.HALT);

    static Candidate at(RungId id, String strand, int step, RungState state, RungId back, Integer ago) {
        return new Candidate(
                id,
                strand,
                step,
                state,
                Optional.ofNullable(back),
                id.equals(CIRCLE) ? FigureKind.CIRCLE : FigureKind.TRACK,
                false,
                false,
                false,
                Proposal.FREELY,
                WorkedSide.INSIDE,
                Optional.empty(),
                Optional.empty(),
                false,
                Optional.ofNullable(ago),
                Optional.empty());
    }

    /** Counter-bend passed, inside bend in work; the other strands at their feet. */
    static List<Candidate> stair() {
        return new ArrayList<>(List.of(
                at(COUNTER, "bend", 0, RungState.PASSED, null, 1),
                at(INSIDE, "bend", 1, RungState.IN_WORK, COUNTER, 0),
                at(CIRCLE, "bend", 2, RungState.CLOSED, INSIDE, null),
                at(LEG, "forward", 0, RungState.OPEN, null, null),
                at(HALT, "stop-back", 0, RungState.OPEN, null, null)));
    }

    static PlanFacts facts(int minutes, HorseFacts horse, FirstLook look, List<Candidate> rungs) {
        return new PlanFacts(
                minutes,
                horse,
                HorseState.FREE,
                Optional.ofNullable(look),
                Optional.ofNullable(look).map(FocusBook.DEFAULT::of),
                Optional.empty(),
                Optional.of("bend"),
                rungs,
                List.of(),
                List.of(),
                Teaching.of(School.CLASSICAL),
                List.of(),
                GroundAndWeather.UNKNOWN,
                StopThresholds.SET.standard());
    }

    static Block main(Plan plan) {
        return plan.blocks().stream()
                .filter(b -> b.role() == Block.Role.MAIN)
                .findFirst()
                .orElseThrow();
    }

    static List<RungId> rungs(Plan plan) {
        return plan.blocks().stream().map(Block::rung).toList();
    }

    /** The foot of a strand that nobody has ridden yet; in hand where that is given. */
    static Candidate foot(RungId id, String strand, WorkedSide works, RungState state, Optional<InHand> inHand) {
        return new Candidate(
                id,
                strand,
                0,
                state,
                Optional.empty(),
                FigureKind.TRACK,
                false,
                false,
                false,
                Proposal.FREELY,
                works,
                Optional.empty(),
                Optional.empty(),
                false,
                Optional.empty(),
                inHand);
    }

    /** The same day, with what helped before. */
    static PlanFacts helped(PlanFacts f, Help help) {
        return with(f, List.of(help), f.day());
    }

    /** The same, on this ground and in this weather. */
    static PlanFacts on(PlanFacts f, GroundAndWeather day) {
        return with(f, f.helps(), day);
    }

    private static PlanFacts with(PlanFacts f, List<Help> helps, GroundAndWeather day) {
        return new PlanFacts(
                f.minutes(),
                f.horse(),
                f.state(),
                f.look(),
                f.focus(),
                f.chosen(),
                f.current(),
                f.rungs(),
                f.hardYesterday(),
                helps,
                f.teaching(),
                f.strands(),
                day,
                f.stop());
    }

    /** Asked of any horse, to prepare these. */
    static Optional<InHand> ofAnyHorse(String... prepares) {
        return Optional.of(new InHand(Set.of(prepares), true, false));
    }
}
