package strophos.catalogue;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import strophos.core.stair.RungId;

/** Whether what a coach made can be taught: what is checked of a shipped exercise is checked of it as well. */
public final class OwnCheck {

    /** A rider reads no more at the mounting block. */
    static final int MOST_SENTENCES = 5;

    /** So long is homework on a rein at most; common practice, no source. */
    static final double MOST_MINUTES_A_REIN = 45;

    private final Library shipped;

    /** @param shipped the catalogue without anything of a yard's own */
    public OwnCheck(Library shipped) {
        this.shipped = shipped;
    }

    /**
     * What is wrong with this exercise; empty when it can be taught.
     *
     * @param others what the yard has made so far; an earlier version of it does not count
     */
    public List<Finding> of(OwnExercise e, OwnWork others) {
        List<Finding> found = new ArrayList<>();
        refuse(
                found,
                !isOwnId(e.id()) || shipped.exercise(e.id()).isPresent(),
                "not_own",
                "id",
                "an id that begins own- and is not taken by what ships");
        refuse(found, isTaken(e, others), "same_name", "name", "a name that no other exercise of yours has");
        refuse(found, isNoRider(e.words().instruction()), "too_long", "instruction", "at most five sentences");
        refuse(found, e.words().feel().isBlank(), "missing", "feel", "how it feels when it goes well");
        refuse(found, e.words().stopIf().isEmpty(), "missing", "stopIf", "at least one sign on which to stop");
        refuse(
                found,
                e.dose().most() * e.dose().minutesEach() > MOST_MINUTES_A_REIN,
                "too_long",
                "dose",
                "at most 45 minutes a rein");
        refuse(
                found,
                e.from().isPresent() && e.from().flatMap(shipped::exercise).isEmpty(),
                "unknown_id",
                "from",
                "an exercise of the library");
        refuse(
                found,
                e.strand().isPresent()
                        && shipped.strands().stream()
                                .noneMatch(s -> e.strand().get().equals(s.id())),
                "unknown_id",
                "strand",
                "a strand of the library");
        steps(e, found);
        needs(e, others, found);
        return found;
    }

    private static void refuse(List<Finding> found, boolean isBroken, String code, String path, String expected) {
        if (isBroken) {
            found.add(new Finding(code, path, expected));
        }
    }

    private static boolean isOwnId(String id) {
        return id.matches(OwnExercise.PREFIX + "[a-z0-9-]{1,60}");
    }

    private static boolean isTaken(OwnExercise e, OwnWork others) {
        return !e.isPutAway()
                && others.exercises().stream()
                        .anyMatch(o -> !o.id().equals(e.id())
                                && !o.isPutAway()
                                && o.name().strip().equalsIgnoreCase(e.name().strip()));
    }

    private static boolean isNoRider(String instruction) {
        return instruction.split("[.!?](\\s|$)").length > MOST_SENTENCES;
    }

    private static void steps(OwnExercise e, List<Finding> found) {
        refuse(found, e.steps().isEmpty(), "missing", "steps", "at least one gait and place");
        refuse(found, new HashSet<>(e.steps()).size() < e.steps().size(), "twice", "steps", "each gait and place once");
        refuse(
                found,
                e.steps().stream()
                        .anyMatch(s -> !s.gait().isListed() || !s.place().isListed()),
                "unknown_word",
                "steps",
                "a gait and a place that Strophos knows");
    }

    private void needs(OwnExercise e, OwnWork others, List<Finding> found) {
        Set<String> known = new TreeSet<>();
        others.exercises().stream()
                .flatMap(o -> o.rungs().stream())
                .map(RungId::toString)
                .forEach(known::add);
        Optional<RungId> unknown = e.needs().stream()
                .filter(n -> shipped.rung(n).isEmpty() && !known.contains(n.toString()))
                .findFirst();
        refuse(found, unknown.isPresent(), "unknown_id", "needs", "rungs of the library");
        if (found.isEmpty()) {
            refuse(found, !holds(others.with(e)), "circle", "needs", "rungs that do not need this exercise themselves");
        }
    }

    /** What is wrong with this progression, of own exercises that are there; empty when it can be taught. */
    public List<Finding> of(OwnProgression p, OwnWork others) {
        List<Finding> found = new ArrayList<>();
        refuse(found, !isOwnId(p.id()), "not_own", "id", "an id that begins own-");
        refuse(
                found,
                others.progressions().stream()
                        .anyMatch(o -> !o.id().equals(p.id())
                                && !o.isPutAway()
                                && o.name().strip().equalsIgnoreCase(p.name().strip())),
                "same_name",
                "name",
                "a name that no other progression of yours has");
        refuse(found, p.exercises().isEmpty(), "missing", "exercises", "at least one stage");
        refuse(
                found,
                new HashSet<>(p.exercises()).size() < p.exercises().size(),
                "twice",
                "exercises",
                "each stage once");
        refuse(
                found,
                p.exercises().stream().anyMatch(id -> others.find(id).isEmpty()),
                "unknown_id",
                "exercises",
                "exercises of your own");
        refuse(
                found,
                p.exercises().stream().anyMatch(id -> isElsewhere(id, p, others)),
                "elsewhere",
                "exercises",
                "exercises that are in no other progression");
        if (found.isEmpty()) {
            refuse(found, !holds(others.with(p)), "circle", "exercises", "stages that do not need a later one");
        }
        return found;
    }

    private static boolean isElsewhere(String exercise, OwnProgression p, OwnWork others) {
        return others.progressions().stream()
                .anyMatch(o -> !o.id().equals(p.id()) && o.exercises().contains(exercise));
    }

    /** Whether nothing needs itself. */
    private boolean holds(OwnWork own) {
        try {
            shipped.with(own);
            return true;
        } catch (IllegalArgumentException e) {
            return false;
        }
    }
}
