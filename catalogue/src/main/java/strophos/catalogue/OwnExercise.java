package strophos.catalogue;

import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import strophos.core.exchange.Gait;
import strophos.core.exchange.Place;
import strophos.core.exchange.Shot;
import strophos.core.exchange.WorkedSide;
import strophos.core.homework.DoseRange;
import strophos.core.homework.Gate;
import strophos.core.school.School;
import strophos.core.stair.RungId;

/**
 * An exercise a coach made. What it does not say comes from the shipped exercise it was copied from, or from where it is ridden; what
 * that has to say for safety can be added to and not taken away.
 *
 * @param id begins with {@value #PREFIX}, so that it never clashes with a shipped one
 * @param shortName fits a button; the name, cut, where it is empty
 * @param from the shipped exercise it was copied from
 * @param strand a shipped strand it is taught in
 * @param steps gaits and places it is ridden at, easiest first; each needs the one before
 * @param needs rungs before the first step
 * @param dose as homework, on each rein
 * @param gate what opens the next step of homework
 * @param isPutAway no school teaches it any more; its record stays
 */
public record OwnExercise(
        String id,
        String name,
        Optional<String> shortName,
        Optional<String> from,
        Optional<String> strand,
        List<Step> steps,
        Set<RungId> needs,
        WorkedSide works,
        Exercise.People people,
        boolean isHard,
        DoseRange dose,
        Optional<Gate> gate,
        Words words,
        boolean isPutAway) {

    public static final String PREFIX = "own-";

    /** As long as a button's text may be. */
    static final int SHORT = 18;

    /** A gait and a place. */
    public record Step(Gait gait, Place place) {}

    /**
     * What the rider reads.
     *
     * @param instruction at most five sentences; empty: its name says it
     */
    public record Words(
            String instruction,
            String feel,
            String goesWrong,
            String secondBest,
            List<String> stopIf,
            List<String> cautions) {
        public Words {
            stopIf = List.copyOf(stopIf);
            cautions = List.copyOf(cautions);
        }
    }

    public OwnExercise {
        Objects.requireNonNull(id, "id");
        Objects.requireNonNull(name, "name");
        steps = steps.stream()
                .sorted(Comparator.comparing(Step::gait).thenComparing(Step::place))
                .toList();
        needs = Set.copyOf(needs);
    }

    /** Its rungs, the easiest first. */
    public List<RungId> rungs() {
        return steps.stream().map(s -> new RungId(id, s.gait(), s.place())).toList();
    }

    /** As the rest of the catalogue is told. */
    Exercise exercise(Optional<Exercise> base) {
        AtPlace at = AtPlace.of(steps.get(0).place());
        return new Exercise(
                id,
                name,
                shortName.filter(s -> !s.isBlank()).orElseGet(this::cut),
                base.map(Exercise::purpose).orElse(Set.of()),
                schools(base),
                new Exercise.Needs(
                        base.map(b -> b.needs().space()).orElse(""),
                        atLeast(base, at),
                        Optional.of(base.map(Exercise::isFence).orElse(false) || at.isFence()),
                        base.map(b -> b.needs().kit()).orElse(List.of())),
                base.map(Exercise::ground).orElseGet(at::ground),
                works,
                base.flatMap(Exercise::goes),
                base.map(Exercise::position).orElse(""),
                base.map(Exercise::aids).orElse(List.of()),
                base.map(Exercise::goodSigns).orElse(List.of()),
                base.map(Exercise::faults).orElse(List.of()),
                List.of(),
                base.flatMap(Exercise::correction),
                Optional.of(base.map(Exercise::padKind).orElse(at.pad())),
                Optional.of(isHard || base.map(Exercise::isHard).orElse(false)),
                base.flatMap(Exercise::quickens),
                base.flatMap(Exercise::inHand),
                base.flatMap(Exercise::sideReins),
                base.map(Exercise::wayBack).orElse(""),
                words.instruction().isBlank() ? name : words.instruction(),
                together(words.cautions(), together(base.map(Exercise::cautions).orElse(List.of()), at.cautions())),
                dose,
                gate,
                base.flatMap(Exercise::hack),
                words.feel(),
                words.goesWrong(),
                base.map(Exercise::film).orElse(List.of(Shot.SIDE, Shot.EACH_REIN)),
                together(words.stopIf(), base.map(Exercise::stopIf).orElse(List.of())),
                words.secondBest());
    }

    private Set<School> schools(Optional<Exercise> base) {
        if (isPutAway) {
            return Set.of();
        }
        return base.map(Exercise::schools).orElse(Set.of(School.values()));
    }

    /** Nobody less than what it was copied from asks for, and than its place does. */
    private Exercise.People atLeast(Optional<Exercise> base, AtPlace at) {
        return Stream.of(people, base.map(b -> b.needs().people()).orElse(people), at.people())
                .max(Comparator.naturalOrder())
                .orElseThrow();
    }

    private String cut() {
        return name.length() <= SHORT ? name : name.substring(0, SHORT - 1).strip() + "…";
    }

    private static List<String> together(List<String> first, List<String> then) {
        return Stream.concat(first.stream(), then.stream()).distinct().toList();
    }
}
