package strophos.core.plan;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import strophos.core.bend.CircleSizes;
import strophos.core.exchange.Rein;
import strophos.core.exchange.Side;
import strophos.core.exchange.WorkedSide;
import strophos.core.homework.Feel;
import strophos.core.look.Focus;
import strophos.core.progress.Sidedness;
import strophos.core.stair.RungId;

/** Makes a lesson's plan from its facts, and a coach's own blocks whole. Deterministic. */
public final class Planner {

    /** A block as a coach changes it. */
    public record Request(Candidate rung, Block.Role role, int workS, Rein longer) {}

    private static final Map<Block.Role, Double> WEIGHTS = Map.of(
            Block.Role.WAY_IN, 1.0,
            Block.Role.MAIN, 2.0,
            Block.Role.SECOND, 1.5,
            Block.Role.LAST, 0.75);

    /** What the rider is stuck on gets this much more, what comes easily this much less. */
    private static final double STUCK = 1.25;

    private static final double EASY = 0.75;
    /** What is only suspected gets one exercise, not the day. */
    private static final double SUSPECTED = 0.5;

    private static final int SHORTEST_BLOCK_S = 60;
    private static final int GRAIN_S = 30;

    private final PlanFacts facts;

    private Planner(PlanFacts facts) {
        this.facts = facts;
    }

    /** The plan that follows from these facts. */
    public static Plan propose(PlanFacts facts) {
        return new Planner(facts).propose();
    }

    /** The coach's blocks with their turns, rests, circles and reasons; kept as wanted, however the limits stand. */
    public static Plan of(PlanFacts facts, List<Request> wanted) {
        Planner planner = new Planner(facts);
        Map<RungId, List<Reason>> why = new HashMap<>();
        new Choice(facts).pick(true).forEach(p -> why.put(p.rung().id(), p.why()));
        List<Block> blocks = wanted.stream()
                .map(w -> planner.block(
                        w.rung(),
                        w.role(),
                        Math.max(SHORTEST_BLOCK_S, w.workS()),
                        w.longer(),
                        new ArrayList<>(why.getOrDefault(w.rung().id(), List.of(Reason.of(Reason.Code.CHOSEN))))))
                .toList();
        return planner.plan(blocks, List.of());
    }

    private Plan propose() {
        if (facts.isLimitedTo(Focus.Limit.NOTHING_RIDDEN)) {
            return plan(List.of(), List.of());
        }
        int workS = workS();
        Choice choice = new Choice(facts);
        List<Choice.Pick> picked = fitting(choice.pick(workS >= PlanRules.LAST_FROM_S), workS);
        int[] seconds = shared(picked, workS);
        List<Block> blocks = new ArrayList<>();
        for (int i = 0; i < picked.size(); i++) {
            Choice.Pick p = picked.get(i);
            Rein longer = p.rung().works().reinFor(stiffer(p.rung()));
            blocks.add(block(p.rung(), p.role(), seconds[i], longer, new ArrayList<>(p.why())));
        }
        return plan(blocks, choice.notes());
    }

    /** In a very short lesson there is no time for all: what was chosen last goes first, the main thing stays. */
    private static List<Choice.Pick> fitting(List<Choice.Pick> picked, int workS) {
        List<Choice.Pick> all = new ArrayList<>(picked);
        while (all.size() > 1 && all.size() * SHORTEST_BLOCK_S > workS) {
            all.remove(all.get(all.size() - 1).role() == Block.Role.MAIN ? 0 : all.size() - 1);
        }
        return all;
    }

    /** The work by weight, in half minutes; a block that had to be rounded up takes from the longest. */
    private static int[] shared(List<Choice.Pick> picked, int workS) {
        double all = picked.stream().mapToDouble(Planner::weight).sum();
        int[] seconds = picked.stream()
                .mapToInt(p -> Math.max(SHORTEST_BLOCK_S, (int) (workS * weight(p) / all) / GRAIN_S * GRAIN_S))
                .toArray();
        for (int over = Arrays.stream(seconds).sum() - workS; over > 0; over -= GRAIN_S) {
            int longest = 0;
            for (int i = 1; i < seconds.length; i++) {
                longest = seconds[i] > seconds[longest] ? i : longest;
            }
            seconds[longest] = Math.max(SHORTEST_BLOCK_S, seconds[longest] - GRAIN_S);
        }
        return seconds;
    }

    private static double weight(Choice.Pick p) {
        double factor = p.rung()
                .report()
                .map(f -> f == Feel.NOT_YET ? STUCK : f == Feel.EASY ? EASY : 1)
                .orElse(1.0);
        boolean isSuspected = p.why().stream().anyMatch(r -> r.code() == Reason.Code.SUSPECTED);
        return WEIGHTS.get(p.role()) * factor * (isSuspected ? SUSPECTED : 1);
    }

    private int beforeS() {
        return (int) Math.min(PlanRules.BEFORE_MOST_S, PlanRules.BEFORE_SHARE * facts.minutes() * 60);
    }

    private int afterS() {
        return (int) Math.min(PlanRules.AFTER_MOST_S, PlanRules.AFTER_SHARE * facts.minutes() * 60);
    }

    private int workS() {
        double between = facts.minutes() * 60.0 - beforeS() - afterS();
        return Math.min(facts.workCapS(), (int) (PlanRules.WORK_SHARE * between));
    }

    private Block block(Candidate rung, Block.Role role, int seconds, Rein longer, List<Reason> why) {
        ReinTime time = ReinTime.of(seconds, longer, facts.stop().get("reins.stifferShare"), facts.turnCapS());
        why.add(new Reason(
                Reason.Code.SHARE, Map.of("minutes", minutes(seconds), "work", String.valueOf(facts.workCapS() / 60))));
        why.add(whySides(rung, longer));
        why.add(Reason.of(Reason.Code.TURNS, "minutes", facts.turnCapS() / 60));
        OptionalInt circle = circle(rung);
        circle.ifPresent(m -> why.add(Reason.of(whyCircle(), "metres", m)));
        // a third of the work again, as WORK_SHARE has it: 75 of work to 25 of rest
        int restS = (int) Math.round(seconds * (1 / PlanRules.WORK_SHARE - 1));
        return new Block(rung.id(), role, time, restS, meant(rung), rung.wayBack(), circle, why);
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
        notes.sort(java.util.Comparator.comparing(PlanNote::code));
        return new Plan(PlanRules.BOOK, facts.kinds(), blocks, beforeS(), afterS(), notes);
    }
}
