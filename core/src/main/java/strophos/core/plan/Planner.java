package strophos.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Predicate;
import java.util.stream.Stream;
import strophos.core.bend.CircleSizes;
import strophos.core.exchange.Rein;
import strophos.core.exchange.Side;
import strophos.core.exchange.WorkedSide;
import strophos.core.look.Focus;
import strophos.core.progress.Sidedness;
import strophos.core.stair.RungId;

/** Makes a lesson's plan from its facts, and a coach's own blocks whole. Deterministic. */
public final class Planner {

    private record Part(RungId rung, Block.Role role) {}

    /** A block as a coach changes it. */
    public record Request(Candidate rung, Block.Role role, int workS, Rein longer, boolean isLocked) {}

    private final PlanFacts facts;

    private Planner(PlanFacts facts) {
        this.facts = facts;
    }

    /** The plan that follows from these facts. */
    public static Plan propose(PlanFacts facts) {
        return new Planner(facts).propose(p -> true);
    }

    /** A warm-up and the main thing, and no other. */
    static Plan towardsGoal(PlanFacts facts) {
        return new Planner(facts).propose(p -> p.role() != Block.Role.SECOND && p.role() != Block.Role.LAST);
    }

    /** The coach's blocks with their turns, rests, circles and reasons; kept as wanted, however the limits stand. */
    public static Plan of(PlanFacts facts, List<Request> wanted) {
        Planner planner = new Planner(facts);
        Map<Part, List<Reason>> why = new HashMap<>();
        Choice choice = new Choice(facts);
        choice.pick(planner.workS()).forEach(p -> why.put(new Part(p.rung().id(), p.role()), p.why()));
        List<Block> blocks = wanted.stream()
                .map(w -> planner.block(
                        w.rung(),
                        w.role(),
                        Math.max(Shares.SHORTEST_BLOCK_S, w.workS()),
                        w.longer(),
                        new ArrayList<>(why.getOrDefault(
                                new Part(w.rung().id(), w.role()), List.of(Reason.of(Reason.Code.CHOSEN)))),
                        w.isLocked()))
                .toList();
        return planner.plan(blocks, choice.notesOf(blocks));
    }

    private Plan propose(Predicate<Choice.Pick> isWanted) {
        if (facts.isNothingRidden()) {
            return plan(List.of(), List.of());
        }
        Choice choice = new Choice(facts);
        Shares shares = new Shares(workS());
        List<Choice.Pick> picked =
                shares.fitting(choice.pick(workS()).stream().filter(isWanted).toList());
        int[] seconds = shares.seconds(picked);
        List<Block> blocks = new ArrayList<>();
        for (int i = 0; i < picked.size(); i++) {
            Choice.Pick p = picked.get(i);
            Rein longer = p.rung().works().reinFor(stiffer(p.rung()));
            blocks.add(block(p.rung(), p.role(), seconds[i], longer, new ArrayList<>(p.why()), false));
        }
        return plan(blocks, choice.notes());
    }

    /** Seconds of work there is room for, by the lesson's minutes and the horse's cap. */
    public static int roomS(PlanFacts facts) {
        return new Planner(facts).workS();
    }

    private int beforeS() {
        return (int) Math.min(PlanRules.BEFORE_MOST_S, PlanRules.BEFORE_SHARE * facts.minutes() * 60);
    }

    private int afterS() {
        return (int) Math.min(PlanRules.AFTER_MOST_S, PlanRules.AFTER_SHARE * facts.minutes() * 60);
    }

    private int workS() {
        double between = facts.minutes() * 60.0 - beforeS() - afterS();
        int ofLessonS = (int) (PlanRules.WORK_SHARE * between * facts.shareOfDay());
        return Math.min(Math.min(facts.workCapS(), facts.outingCapS()), ofLessonS);
    }

    private Block block(Candidate rung, Block.Role role, int seconds, Rein longer, List<Reason> why, boolean isLocked) {
        ReinTime time = ReinTime.of(seconds, longer, facts.stop().get("reins.stifferShare"), facts.turnCapS());
        why.add(new Reason(
                Reason.Code.SHARE, Map.of("minutes", minutes(seconds), "work", String.valueOf(facts.workCapS() / 60))));
        why.add(whySides(rung, longer));
        why.add(Reason.of(Reason.Code.TURNS, "minutes", facts.turnCapS() / 60));
        OptionalInt circle = circle(rung);
        circle.ifPresent(m -> why.add(Reason.of(whyCircle(), "metres", m)));
        // a third of the work again, as WORK_SHARE has it: 75 of work to 25 of rest
        int restS = (int) Math.round(seconds * (1 / PlanRules.WORK_SHARE - 1));
        return new Block(rung.id(), role, time, restS, meant(rung), rung.wayBack(), circle, isLocked, why);
    }

    private static String minutes(int seconds) {
        return String.valueOf(Math.round(seconds / 6.0) / 10.0);
    }

    private Reason.Code whyCircle() {
        if (facts.look()
                .filter(l -> l.circleLeft().isPresent() || l.circleRight().isPresent())
                .isPresent()) {
            return Reason.Code.CIRCLE_SEEN;
        }
        return circles().stream().allMatch(OptionalInt::isPresent)
                ? Reason.Code.CIRCLE_BENDS
                : Reason.Code.CIRCLE_LARGEST;
    }

    private OptionalInt circle(Candidate rung) {
        if (rung.line() != FigureKind.CIRCLE) {
            return OptionalInt.empty();
        }
        List<OptionalInt> sides = circles();
        return OptionalInt.of(CircleSizes.forBothReins(sides.get(0), sides.get(1)));
    }

    /** The smallest even circle to the left and to the right. */
    private List<OptionalInt> circles() {
        return facts.look()
                .map(l -> List.of(
                        CircleSizes.ofSide(l.circleLeft(), l.bendLeft()),
                        CircleSizes.ofSide(l.circleRight(), l.bendRight())))
                .orElse(List.of(OptionalInt.empty(), OptionalInt.empty()));
    }

    /** By the record; where it does not tell, in bending work by today's look. */
    private Side stiffer(Candidate rung) {
        Side known = rung.sides().map(Sidedness::stiffer).orElse(Side.NONE);
        boolean isBending = rung.strand().equals("bend");
        return known != Side.NONE || !isBending
                ? known
                : facts.focus().map(Focus::stiffer).orElse(Side.NONE);
    }

    /** Away from the heavy shoulder, whichever rein; else to the side that is behind. */
    private Side meant(Candidate rung) {
        if (rung.works() != WorkedSide.CHOSEN) {
            return Side.NONE;
        }
        return switch (heavyShoulder(rung)) {
            case LEFT -> Side.RIGHT;
            case RIGHT -> Side.LEFT;
            case NONE -> stiffer(rung);
        };
    }

    /** The one that today's look found heavy, in work on the shoulders. */
    private Side heavyShoulder(Candidate rung) {
        int heavy = rung.strand().equals("shoulders")
                ? facts.look().map(l -> l.shoulder().orElse(0)).orElse(0)
                : 0;
        return heavy == 0 ? Side.NONE : heavy < 0 ? Side.LEFT : Side.RIGHT;
    }

    private Optional<Reason> whyMeant(Candidate rung) {
        Side meant = meant(rung);
        Side heavy = heavyShoulder(rung);
        if (meant == Side.NONE) {
            return Optional.empty();
        }
        return Optional.of(
                heavy == Side.NONE
                        ? Reason.of(Reason.Code.STIFFER_EITHER, "side", meant.name())
                        : new Reason(Reason.Code.AWAY_FROM, Map.of("shoulder", heavy.name(), "side", meant.name())));
    }

    private Reason whySides(Candidate rung, Rein longer) {
        Side stiffer = stiffer(rung);
        if (longer != rung.works().reinFor(stiffer)) {
            // also alike, although a side is behind
            return Reason.of(Reason.Code.CHOSEN, "rein", longer.name());
        }
        if (longer == Rein.NONE) {
            return whyMeant(rung).orElseGet(() -> Reason.of(Reason.Code.EQUAL));
        }
        Map<String, String> where = Map.of("rein", longer.name(), "side", stiffer.name());
        return rung.sides()
                .filter(s -> s.stiffer() == stiffer)
                .map(s -> s.basis() == Sidedness.Basis.DIFFERENCE
                        ? new Reason(
                                Reason.Code.STIFFER_COUNTS,
                                with(
                                        where,
                                        Map.of(
                                                "left", "" + s.left().successes(),
                                                "leftOf", "" + s.left().total(),
                                                "right", "" + s.right().successes(),
                                                "rightOf", "" + s.right().total(),
                                                "p", String.valueOf(s.p()))))
                        : new Reason(
                                Reason.Code.STIFFER_RUN,
                                with(where, Map.of("worse", "" + s.lessonsWorse(), "lessons", "" + s.lessons()))))
                .orElseGet(() -> new Reason(Reason.Code.STIFFER_LOOK, where));
    }

    private static Map<String, String> with(Map<String, String> some, Map<String, String> more) {
        Map<String, String> all = new HashMap<>(some);
        all.putAll(more);
        return all;
    }

    private Plan plan(List<Block> blocks, List<PlanNote> more) {
        List<PlanNote> notes = new ArrayList<>(PlanNotes.of(facts));
        notes.addAll(more);
        notes.sort(Comparator.comparing(PlanNote::code));
        return new Plan(PlanRules.BOOK, facts.kinds(), blocks, beforeS(), afterS(), notes, later(blocks));
    }

    /** What the look found beside the day's things, and the rung of the pair's own strand that was to come next. */
    private List<Plan.Later> later(List<Block> blocks) {
        if (blocks.isEmpty()) {
            return List.of();
        }
        List<Plan.Later> all = new ArrayList<>();
        facts.focus().stream()
                .flatMap(f -> Stream.concat(f.kinds().stream(), f.beyond().stream()))
                .filter(k -> k.strand().isPresent() && !facts.kinds().contains(k))
                .forEach(k -> all.add(new Plan.Later.OfLook(k)));
        facts.rungs().stream()
                .filter(c -> facts.current().filter(c.strand()::equals).isPresent())
                .filter(Candidate::suits)
                .filter(Candidate::isBeingLearnt)
                .filter(c -> blocks.stream().noneMatch(b -> b.rung().equals(c.id())))
                .min(Comparator.comparingInt(Candidate::step))
                .ifPresent(c -> all.add(new Plan.Later.OfStair(c.id())));
        return all;
    }
}
