package strophos.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import strophos.core.cause.Help;
import strophos.core.homework.Feel;
import strophos.core.look.Focus;
import strophos.core.look.FocusKind;
import strophos.core.stair.RungId;
import strophos.core.stair.RungState;

/** Chooses the rungs of a lesson, each with why: a way in, the main one, a second one, and one to end on. */
final class Choice {

    /** Ridden when a look finds them, not for their own sake. */
    private static final Set<String> ON_CALL = Set.of("confidence", "rider", "shoulders");

    /** Proposed once the coach has begun them: what is done from the ground, first lessons, and what comes after the everyday work. */
    private static final Set<String> BEGUN_FIRST =
            Set.of("jaw", "quarters", "rhythm", "contact", "canter", "collection", "ground", "basics");

    /** A rung with its part in the lesson. */
    record Pick(Candidate rung, Block.Role role, List<Reason> why) {

        boolean says(Reason.Code code) {
            return why.stream().anyMatch(r -> r.code() == code);
        }

        /** The same, with this reason before the others. */
        Pick because(Reason reason) {
            List<Reason> all = new ArrayList<>(List.of(reason));
            all.addAll(why);
            return new Pick(rung, role, all);
        }
    }

    private final PlanFacts facts;
    private final List<FocusKind> kinds;
    private final Set<RungId> taken = new LinkedHashSet<>();
    private final List<PlanNote> notes = new ArrayList<>();
    private final Set<String> begun;
    private final Set<String> begunExercises;

    Choice(PlanFacts facts) {
        this.facts = facts;
        this.kinds = facts.kinds();
        this.begun = Stream.concat(
                        facts.rungs().stream().filter(Candidate::isBegun).map(Candidate::strand),
                        // what its school begins with needs no beginning
                        facts.current().stream())
                .collect(Collectors.toSet());
        this.begunExercises = facts.rungs().stream()
                .filter(Candidate::isBegun)
                .map(c -> c.id().exercise())
                .collect(Collectors.toSet());
    }

    List<PlanNote> notes() {
        return List.copyOf(notes);
    }

    /** Of a coach's own plan: that a thing is looked at again, where it is still worked on. */
    List<PlanNote> notesOf(List<Block> kept) {
        return notes.stream()
                .filter(n -> n.code() == PlanNote.Code.TEST_AGAIN)
                .filter(n -> kept.stream()
                        .anyMatch(b -> facts.find(b.rung())
                                .filter(c -> isOf(FocusKind.valueOf(n.values().get("focus")), c))
                                .isPresent()))
                .toList();
    }

    /**
     * In the order they are ridden; fewer than two only when the horse's day or its school leaves no more.
     *
     * @param workS seconds of work there will be: with little of it nothing is prepared, measured or tested
     */
    List<Pick> pick(int workS) {
        Optional<Pick> main = main();
        if (main.isEmpty()) {
            return List.of();
        }
        Candidate rung = main.get().rung();
        taken.add(rung.id());
        List<Pick> ground = rung.isUnmounted() ? List.of() : new GroundWork(facts).before(kinds, taken, workS);
        ground.forEach(p -> taken.add(p.rung().id()));
        // a second finding comes before the warm-up is chosen: the one rung open for it is no way in to the first
        Optional<Pick> found = secondFocus(rung);
        found.ifPresent(p -> taken.add(p.rung().id()));
        Optional<Pick> wayIn = wayIn(rung);
        wayIn.ifPresent(p -> taken.add(p.rung().id()));
        Optional<Pick> second = found.or(() -> another(rung));
        second.ifPresent(p -> taken.add(p.rung().id()));
        boolean isSecondMounted = second.filter(p -> !p.rung().isUnmounted()).isPresent();
        Optional<Pick> last = workS >= PlanRules.LAST_FROM_S && facts.riddenTodayS() == 0
                ? last(rung, isSecondMounted)
                : Optional.empty();
        Optional<Pick> probe = workS >= PlanRules.PROBE_FROM_S
                ? second.flatMap(s -> Measures.before(facts, main.get(), s))
                : Optional.empty();
        List<Pick> all = new ArrayList<>(ground);
        wayIn.ifPresent(all::add);
        probe.ifPresent(all::add);
        all.add(main.get());
        second.map(s -> probe.isPresent() ? Measures.after(s, main.get()) : s).ifPresent(all::add);
        if (workS >= PlanRules.TEST_FROM_S && (!rung.isUnmounted() || !isSecondMounted)) {
            Measures.test(facts, main.get()).ifPresent(all::add);
        }
        last.ifPresent(all::add);
        return all;
    }

    private Optional<Pick> main() {
        FocusKind first = kinds.get(0);
        Optional<Pick> found = ofKind(first, Block.Role.MAIN);
        if (found.isPresent() || first == FocusKind.NEXT_RUNG) {
            return found;
        }
        notes.add(new PlanNote(PlanNote.Code.NONE_OPEN, Map.of("focus", first.name())));
        return kinds.stream()
                .skip(1)
                .flatMap(k -> ofKind(k, Block.Role.MAIN).stream())
                .findFirst()
                .or(() -> best(c -> true).map(c -> picked(c, Block.Role.MAIN, whyOpen(c))));
    }

    private Optional<Pick> ofKind(FocusKind kind, Block.Role role) {
        if (kind == FocusKind.NEXT_RUNG) {
            return best(c -> isCurrent(c) && c.isBeingLearnt())
                    .or(() -> best(c -> !ON_CALL.contains(c.strand())))
                    .or(() -> best(c -> true))
                    .map(c -> picked(c, role, whyOpen(c)));
        }
        Reason why =
                Reason.of(facts.chosen().isPresent() ? Reason.Code.CHOSEN : Reason.Code.FOCUS, "focus", kind.name());
        if (isSuspected(kind)) {
            notes.add(new PlanNote(PlanNote.Code.TEST_AGAIN, Map.of("focus", kind.name())));
            return best(c -> isOf(kind, c))
                    .map(c -> picked(c, role, why, Reason.of(Reason.Code.SUSPECTED), whyOpen(c)));
        }
        return best(c -> isOf(kind, c)).map(c -> picked(c, role, why, whyOpen(c)));
    }

    private static boolean isOf(FocusKind kind, Candidate c) {
        return kind.strand().filter(c.strand()::equals).isPresent();
    }

    /** Seen at one station only; what the coach chose is not in doubt. */
    private boolean isSuspected(FocusKind kind) {
        return facts.chosen().isEmpty()
                && facts.focus().filter(f -> f.isSuspected(kind)).isPresent();
    }

    private boolean isCurrent(Candidate c) {
        return facts.current().filter(c.strand()::equals).isPresent();
    }

    /** What is being learnt before what is known; what the rider got stuck on first; then what was ridden last. */
    private Optional<Candidate> best(Predicate<Candidate> which) {
        return facts.rungs().stream()
                .filter(this::isAllowed)
                .filter(which)
                .min(Comparator.comparing((Candidate c) -> !c.isBeingLearnt())
                        .thenComparing(
                                c -> c.report().filter(f -> f == Feel.NOT_YET).isEmpty())
                        .thenComparing(c -> c.turnsAgo().orElse(Integer.MAX_VALUE))
                        .thenComparing(c -> facts.place(c.strand()))
                        .thenComparing(c -> c.isBeingLearnt() ? c.step() : -c.step())
                        .thenComparing(c -> c.id().toString()));
    }

    private Optional<Pick> wayIn(Candidate main) {
        boolean isStuck = main.report().filter(f -> f == Feel.NOT_YET).isPresent();
        Optional<Candidate> back = main.wayBack()
                .flatMap(facts::find)
                .filter(this::isAllowed)
                .filter(this::isQuietEnough)
                .filter(c -> c.isUnmounted() == main.isUnmounted())
                .filter(c -> !taken.contains(c.id()));
        if (isStuck && back.isPresent()) {
            return back.map(c -> picked(c, Block.Role.WAY_IN, Reason.of(Reason.Code.BACK_FIRST)));
        }
        Optional<Pick> helping = helping(main);
        if (helping.isPresent()) {
            return helping;
        }
        return lower(main)
                .or(() -> back)
                .or(() -> free(c -> c.isUnmounted() == main.isUnmounted() && c.isKnown() && isQuietEnough(c))
                        .findFirst())
                .map(c -> picked(
                        c,
                        Block.Role.WAY_IN,
                        switch (c.state()) {
                            case PASSED -> Reason.of(Reason.Code.EASY_FIRST);
                            case PLACED -> Reason.of(Reason.Code.PLACED_FIRST);
                            default -> Reason.of(Reason.Code.FOOT_FIRST);
                        }));
    }

    /** What went before it on days on which it went better, where the pair can do that. */
    private Optional<Pick> helping(Candidate main) {
        return facts.helps().stream()
                .filter(h -> h.rung().equals(main.id()))
                .flatMap(h -> free(c -> c.id().exercise().equals(h.exercise())
                                && c.isUnmounted() == main.isUnmounted()
                                && (c.isKnown() || c.isBegun())
                                && isQuietEnough(c))
                        .max(Comparator.comparingInt(Candidate::step))
                        .map(c -> picked(c, Block.Role.WAY_IN, why(h)))
                        .stream())
                .findFirst();
    }

    private static Reason why(Help h) {
        return new Reason(
                switch (h.basis()) {
                    case MORE_THAN_WAITING -> Reason.Code.HELPED_MORE;
                    case HINT -> Reason.Code.HELPED_DAYS;
                    case WORD -> Reason.Code.HELPED_WORD;
                },
                Map.of("rung", h.rung().toString(), "days", String.valueOf(h.days()), "of", String.valueOf(h.of())));
    }

    /** The highest known rung below it in its strand. */
    private Optional<Candidate> lower(Candidate main) {
        return free(c -> c.strand().equals(main.strand())
                        && c.step() < main.step()
                        && c.isUnmounted() == main.isUnmounted()
                        && c.isKnown()
                        && isQuietEnough(c))
                .max(Comparator.comparingInt(Candidate::step));
    }

    private Optional<Pick> secondFocus(Candidate main) {
        return kinds.stream()
                .skip(1)
                .flatMap(k -> ofKind(k, Block.Role.SECOND).stream())
                .filter(p -> !taken.contains(p.rung().id()) && !isDismounting(main, p.rung()))
                .findFirst();
    }

    /** Where the look found one thing only: what stands next in another strand. */
    private Optional<Pick> another(Candidate main) {
        boolean isLittle = asksLittle();
        return free(c -> (!isLittle || c.isKnown()) && !isDismounting(main, c))
                .min(Comparator.comparing((Candidate c) -> ON_CALL.contains(c.strand()))
                        .thenComparing(c -> !c.isBeingLearnt())
                        .thenComparing(c -> c.strand().equals(main.strand()))
                        .thenComparing(c -> c.turnsAgo().orElse(Integer.MAX_VALUE))
                        .thenComparing(c -> facts.place(c.strand()))
                        .thenComparing(c -> c.isBeingLearnt() ? c.step() : -c.step())
                        .thenComparing(c -> c.id().toString()))
                .map(c -> picked(
                        c,
                        Block.Role.SECOND,
                        isLittle ? known(c, Reason.Code.KNOWN_ONLY) : Reason.of(Reason.Code.SECOND),
                        whyOpen(c)));
    }

    /** Who sits on the horse does not get off for it. */
    private Optional<Pick> last(Candidate main, boolean isSecondMounted) {
        boolean isMounted = isSecondMounted || !main.isUnmounted();
        return free(c -> c.isKnown() && isQuietEnough(c) && !(isMounted && c.isUnmounted()))
                .min(Comparator.comparing((Candidate c) -> !c.strand().equals(main.strand()))
                        .thenComparing(c -> -c.step())
                        .thenComparing(c -> c.id().toString()))
                .map(c -> picked(c, Block.Role.LAST, known(c, Reason.Code.END_WELL)));
    }

    private static boolean isDismounting(Candidate before, Candidate then) {
        return !before.isUnmounted() && then.isUnmounted();
    }

    /** That it can do a thing is said only of what it has passed; what was placed has no record yet. */
    private static Reason known(Candidate c, Reason.Code passed) {
        return Reason.of(c.state() == RungState.PASSED ? passed : Reason.Code.ASKS_LITTLE);
    }

    /** What makes a horse quicker is neither a warm-up nor an end for one that is hot or hard to stop today. */
    private boolean isQuietEnough(Candidate c) {
        return !c.isQuickening()
                || facts.look()
                        .map(l -> l.calm().orElse(PlanRules.KEEN + 1) > PlanRules.KEEN
                                && l.halt().orElse(PlanRules.KEEN + 1) > PlanRules.KEEN)
                        .orElse(true);
    }

    private Stream<Candidate> free(Predicate<Candidate> which) {
        return facts.rungs().stream()
                .filter(this::isAllowed)
                .filter(c -> !taken.contains(c.id()))
                .filter(which);
    }

    private boolean isAllowed(Candidate c) {
        return c.suits()
                && c.isRideable()
                && (begun.contains(c.strand())
                        || !BEGUN_FIRST.contains(c.strand())
                        || kinds.stream().anyMatch(k -> isOf(k, c)))
                && (c.proposal() == Proposal.FREELY || begunExercises.contains(c.id().exercise()))
                && !c.isReported()
                && facts.isCleared(c)
                && facts.suitsDay(c)
                && (c.isCalm() || !facts.isLimitedTo(Focus.Limit.WALK_ONLY))
                && (!c.isCanter() || !facts.isLimitedTo(Focus.Limit.NO_CANTER))
                && (c.isKnown()
                        || !kinds.contains(FocusKind.CONFIDENCE)
                        || c.strand().equals("confidence"))
                && !(c.isHard() && facts.hardYesterday().contains(c.id()));
    }

    /** A frightened horse or a tight rider is asked for nothing new beside it. */
    private boolean asksLittle() {
        return kinds.contains(FocusKind.CONFIDENCE) || kinds.contains(FocusKind.RIDER);
    }

    private static Reason whyOpen(Candidate c) {
        return Reason.of(
                switch (c.state()) {
                    case IN_WORK -> Reason.Code.IN_WORK;
                    case OPEN -> Reason.Code.NEXT_OPEN;
                    case PLACED -> Reason.Code.PLACED_FIRST;
                    default -> Reason.Code.EASY_FIRST;
                });
    }

    private static Pick picked(Candidate rung, Block.Role role, Reason... why) {
        List<Reason> all = new ArrayList<>(List.of(why));
        rung.report().ifPresent(f -> all.add(Reason.of(Reason.Code.REPORTED, "feel", f.name())));
        return new Pick(rung, role, all);
    }
}
