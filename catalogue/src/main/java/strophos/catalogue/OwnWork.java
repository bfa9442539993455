package strophos.catalogue;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import strophos.core.stair.Progression;
import strophos.core.stair.Rung;
import strophos.core.stair.RungId;

/**
 * What a yard made itself.
 *
 * @param rejudged how often a rung that was there before got another way back: what was ridden on it is then judged anew
 */
public record OwnWork(List<OwnExercise> exercises, List<OwnProgression> progressions, int rejudged) {

    public static final OwnWork NONE = new OwnWork(List.of(), List.of(), 0);

    /** The strand of own exercises that are in no other. */
    public static final String STRAND = "own";

    public OwnWork {
        exercises = List.copyOf(exercises);
        progressions = List.copyOf(progressions);
    }

    /** These strands with the own exercises in them, then the own strands. */
    List<Strand> joinedTo(List<Strand> shipped, Catalogue catalogue) {
        Set<String> known = shipped.stream().map(Strand::id).collect(Collectors.toSet());
        Map<String, List<OwnExercise>> byStrand = new LinkedHashMap<>();
        lowestFirst()
                .forEach(e -> byStrand.computeIfAbsent(home(e, known, catalogue), s -> new ArrayList<>())
                        .add(e));
        List<Strand> all = new ArrayList<>();
        shipped.forEach(s ->
                all.add(s.with(exercises(byStrand.get(s.id()), catalogue), rungs(byStrand.get(s.id()), catalogue))));
        byStrand.forEach((strand, own) -> {
            if (!known.contains(strand)) {
                all.add(new Strand(
                        strand,
                        exercises(own, catalogue),
                        new Progression(strand, rungs(own, catalogue)),
                        Map.of(),
                        Map.of()));
            }
        });
        return all;
    }

    /** The strand it is taught in: its progression's, its own word, that of what it was copied from. */
    private String home(OwnExercise e, Set<String> shipped, Catalogue catalogue) {
        return progressionOf(e.id())
                .map(OwnProgression::id)
                .or(() -> e.strand().filter(shipped::contains))
                .or(() -> e.from().flatMap(from -> strandOf(from, catalogue)))
                .orElse(STRAND);
    }

    private static Optional<String> strandOf(String exercise, Catalogue catalogue) {
        return catalogue.strands().stream()
                .filter(s -> s.exercises().stream().anyMatch(e -> e.id().equals(exercise)))
                .map(Strand::id)
                .findFirst();
    }

    public Optional<OwnProgression> progressionOf(String exercise) {
        return progressions.stream()
                .filter(p -> p.exercises().contains(exercise))
                .findFirst();
    }

    private static List<Exercise> exercises(List<OwnExercise> own, Catalogue catalogue) {
        return own == null
                ? List.of()
                : own.stream()
                        .map(e -> e.exercise(e.from().flatMap(catalogue::exercise)))
                        .toList();
    }

    private List<Rung> rungs(List<OwnExercise> own, Catalogue catalogue) {
        return own == null
                ? List.of()
                : own.stream().flatMap(e -> rungs(e, catalogue).stream()).toList();
    }

    private List<Rung> rungs(OwnExercise e, Catalogue catalogue) {
        List<Rung> rungs = new ArrayList<>();
        Optional<RungId> below = before(e);
        for (RungId id : e.rungs()) {
            Set<RungId> needs = new HashSet<>(rungs.isEmpty() ? e.needs() : Set.of());
            below.ifPresent(needs::add);
            Optional<RungId> wayBack = below.or(() -> e.from()
                    .flatMap(from -> catalogue
                            .rung(new RungId(from, id.gait(), id.place()))
                            .flatMap(Rung::wayBack)));
            rungs.add(new Rung(id, needs, wayBack, Optional.empty(), e.works()));
            below = Optional.of(id);
        }
        return rungs;
    }

    /** The last rung of what stands before it in its progression. */
    private Optional<RungId> before(OwnExercise e) {
        return progressionOf(e.id()).flatMap(p -> {
            int at = p.exercises().indexOf(e.id());
            return at == 0 ? Optional.empty() : find(p.exercises().get(at - 1)).map(OwnWork::last);
        });
    }

    private static RungId last(OwnExercise e) {
        return e.rungs().get(e.rungs().size() - 1);
    }

    public Optional<OwnProgression> progression(String id) {
        return progressions.stream().filter(p -> p.id().equals(id)).findFirst();
    }

    public Optional<OwnExercise> find(String id) {
        return exercises.stream().filter(e -> e.id().equals(id)).findFirst();
    }

    /** Each after those that it needs, else in their order. */
    private List<OwnExercise> lowestFirst() {
        Map<String, OwnExercise> byId =
                exercises.stream().collect(Collectors.toMap(OwnExercise::id, Function.identity(), (a, b) -> a));
        Set<OwnExercise> ordered = new LinkedHashSet<>();
        exercises.forEach(e -> place(e, byId, ordered, new HashSet<>()));
        return List.copyOf(ordered);
    }

    private void place(OwnExercise e, Map<String, OwnExercise> byId, Set<OwnExercise> ordered, Set<String> path) {
        // what leads round in a circle is refused later, by name
        if (ordered.contains(e) || !path.add(e.id())) {
            return;
        }
        e.needs().stream()
                .map(RungId::exercise)
                .sorted()
                .filter(byId::containsKey)
                .forEach(n -> place(byId.get(n), byId, ordered, path));
        before(e).map(RungId::exercise).ifPresent(n -> place(byId.get(n), byId, ordered, path));
        ordered.add(e);
    }

    /** With this exercise in place of its earlier version, or at the end. */
    public OwnWork with(OwnExercise e) {
        return new OwnWork(replaced(exercises, e, OwnExercise::id), progressions, rejudged);
    }

    /** With this progression in place of its earlier version, or at the end. */
    public OwnWork with(OwnProgression p) {
        return new OwnWork(exercises, replaced(progressions, p, OwnProgression::id), rejudged);
    }

    private static <T> List<T> replaced(List<T> all, T one, Function<T, String> id) {
        if (all.stream().noneMatch(a -> id.apply(a).equals(id.apply(one)))) {
            List<T> longer = new ArrayList<>(all);
            longer.add(one);
            return longer;
        }
        return all.stream()
                .map(a -> id.apply(a).equals(id.apply(one)) ? one : a)
                .toList();
    }

    /** The way back of each of its rungs, as far as it has one: what the judgement of rungs reads. */
    public Map<RungId, Optional<RungId>> waysBack(Catalogue catalogue) {
        return exercises.stream()
                .flatMap(e -> rungs(e, catalogue).stream())
                .collect(Collectors.toMap(Rung::id, Rung::wayBack, (a, b) -> a));
    }
}
