package strophos.catalogue;

import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import strophos.core.school.School;
import strophos.core.stair.Needs;
import strophos.core.stair.Progression;
import strophos.core.stair.Rung;
import strophos.core.stair.RungId;

/** Strands held together: each rung is of one of them, and may need rungs of the others. */
public final class Library implements Catalogue {

    /** As they were given, before what a school does not teach was left out. */
    private final List<Strand> whole;

    private final String judgement;
    private final Map<String, String> strandNames;
    private final List<Strand> strands;
    private final Map<String, Exercise> exercises = new LinkedHashMap<>();
    private final Map<RungId, Place> places = new HashMap<>();
    private final Map<String, Rung> byName = new HashMap<>();
    private final Map<School, Needs> needs = new EnumMap<>(School.class);

    /** Where a rung stands. */
    private record Place(Strand strand, Rung rung) {}

    /** @throws IllegalArgumentException when an exercise stands in two strands, or a rung names one that is not there or not lower */
    public Library(List<Strand> strands) {
        this(strands, judgement(strands), Map.of());
    }

    private Library(List<Strand> strands, String judgement, Map<String, String> strandNames) {
        this.strandNames = Map.copyOf(strandNames);
        this.whole = List.copyOf(strands);
        this.judgement = judgement;
        for (Strand strand : strands) {
            for (Exercise e : strand.exercises()) {
                if (exercises.put(e.id(), e) != null) {
                    throw new IllegalArgumentException("Exercise %s stands twice in the catalogue.".formatted(e.id()));
                }
            }
        }
        // refuses what has no end before it is followed
        new Needs(strands.stream().map(Strand::progression).toList());
        this.strands = strands.stream().map(s -> bySchool(s, strands)).toList();
        for (Strand strand : this.strands) {
            for (Rung rung : strand.progression().rungs()) {
                if (!exercises.containsKey(rung.id().exercise())) {
                    throw new IllegalArgumentException(
                            "Rung %s names no exercise of the catalogue.".formatted(rung.id()));
                }
                places.putIfAbsent(rung.id(), new Place(strand, rung));
                byName.putIfAbsent(rung.id().toString(), rung);
            }
        }
        for (School school : School.values()) {
            needs.put(
                    school,
                    new Needs(this.strands.stream()
                            .map(s -> s.progression(school))
                            .toList()));
        }
    }

    /** With what a school does not teach left out of what its rungs need: what that would need itself takes its place. */
    private Strand bySchool(Strand strand, List<Strand> all) {
        Map<School, Progression> bySchool = new EnumMap<>(School.class);
        for (School school : School.values()) {
            Map<RungId, Rung> rungs = new HashMap<>();
            all.forEach(s -> s.progression(school).rungs().forEach(r -> rungs.put(r.id(), r)));
            bySchool.put(
                    school,
                    new Progression(
                            strand.id(),
                            strand.progression(school).rungs().stream()
                                    .map(r -> r.needing(taught(r, school, rungs)))
                                    .toList()));
        }
        return new Strand(strand.id(), strand.exercises(), strand.progression(), bySchool);
    }

    private Set<RungId> taught(Rung rung, School school, Map<RungId, Rung> rungs) {
        if (!isTaught(rung.id(), school)) {
            return rung.needs();
        }
        return below(rung, school, rungs).collect(Collectors.toSet());
    }

    private Stream<RungId> below(Rung rung, School school, Map<RungId, Rung> rungs) {
        return rung.needs().stream()
                .flatMap(n -> isTaught(n, school) || !rungs.containsKey(n)
                        ? Stream.of(n)
                        : below(rungs.get(n), school, rungs));
    }

    /**
     * With what a yard made itself.
     *
     * @throws IllegalArgumentException when that needs itself, or names a rung that is nowhere
     */
    public Library with(OwnWork own) {
        return new Library(
                own.joinedTo(whole, this),
                own.rejudged() == 0 ? judgement : judgement + "\nown/" + own.rejudged(),
                own.progressions().stream().collect(Collectors.toMap(OwnProgression::id, OwnProgression::name)));
    }

    @Override
    public boolean isTaught(RungId rung, School school) {
        Exercise exercise = exercises.get(rung.exercise());
        return exercise != null && exercise.schools().contains(school);
    }

    @Override
    public List<RungId> under(RungId id, School school) {
        return needs.get(school).of(id);
    }

    @Override
    public Map<String, String> strandNames() {
        return strandNames;
    }

    @Override
    public List<Strand> strands() {
        return strands;
    }

    @Override
    public String judgement() {
        return judgement;
    }

    /** A line a rung. */
    private static String judgement(List<Strand> strands) {
        return strands.stream()
                .flatMap(s -> s.progression().rungs().stream())
                .map(r -> r.id() + " " + r.criterion() + " " + r.wayBack())
                .sorted()
                .collect(Collectors.joining("\n"));
    }

    @Override
    public Optional<Exercise> exercise(String id) {
        return Optional.ofNullable(exercises.get(id));
    }

    @Override
    public Optional<Strand> strandOf(RungId id) {
        return Optional.ofNullable(places.get(id)).map(Place::strand);
    }

    @Override
    public Optional<Rung> rung(RungId id) {
        return Optional.ofNullable(places.get(id)).map(Place::rung);
    }

    @Override
    public Optional<Rung> rung(String id) {
        return Optional.ofNullable(byName.get(id));
    }
}
