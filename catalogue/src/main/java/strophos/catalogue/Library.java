package strophos.catalogue;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import strophos.core.school.Settings;
import strophos.core.school.Teaching;
import strophos.core.stair.Needs;
import strophos.core.stair.Progression;
import strophos.core.stair.Rung;
import strophos.core.stair.RungId;

/** Strands held together: each rung is of one of them, and may need rungs of the others. */
public final class Library implements Catalogue {

    private final String judgement;
    private final Map<String, String> strandNames;
    private final List<Strand> strands;
    private final Map<String, Exercise> exercises = new LinkedHashMap<>();
    private final Map<RungId, Place> places = new HashMap<>();
    private final Map<String, Rung> byName = new HashMap<>();
    private final Map<Teaching.Way, Taught> ways = new HashMap<>();

    /** Where a rung stands. */
    private record Place(Strand strand, Rung rung) {}

    /** @throws IllegalArgumentException when an exercise stands in two strands, or a rung names one that is not there or not lower */
    public Library(List<Strand> strands) {
        this(strands, judgement(strands), Map.of());
    }

    private Library(List<Strand> strands, String judgement, Map<String, String> strandNames) {
        this.strandNames = Map.copyOf(strandNames);
        this.strands = List.copyOf(strands);
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
        for (Teaching.Way way : Teaching.Way.all()) {
            ways.put(way, taught(way));
        }
    }

    /** What a pair learns, and what each rung needs. */
    private record Taught(Map<String, Progression> byStrand, Needs needs) {}

    /**
     * With what is not taught left out of what rungs need: what that would need itself takes its place. Where canter is first asked from
     * the walk, that strike-off needs what the other one would, and the rest needs it.
     */
    private Taught taught(Teaching.Way way) {
        Map<RungId, Rung> rungs = new HashMap<>();
        strands.forEach(s -> s.progression(way.school()).rungs().forEach(r -> rungs.put(r.id(), r)));
        Map<RungId, RungId> standIns = standIns(way);
        Map<RungId, RungId> first =
                standIns.entrySet().stream().collect(Collectors.toMap(Map.Entry::getValue, Map.Entry::getKey));
        Map<RungId, Rung> swapped = new HashMap<>();
        rungs.forEach((id, rung) -> swapped.put(
                id,
                rung.needing(rungs.get(first.getOrDefault(id, id)).needs().stream()
                        .map(n -> standIns.getOrDefault(n, n))
                        .collect(Collectors.toSet()))));
        Map<String, Progression> byStrand = new LinkedHashMap<>();
        for (Strand strand : strands) {
            byStrand.put(
                    strand.id(),
                    new Progression(
                            strand.id(),
                            strand.progression(way.school()).rungs().stream()
                                    .map(r -> swapped.get(r.id()))
                                    .map(r -> r.needing(
                                            isTaught(r.id(), way)
                                                    ? below(r, way, swapped).collect(Collectors.toSet())
                                                    : r.needs()))
                                    .toList()));
        }
        return new Taught(byStrand, new Needs(List.copyOf(byStrand.values())));
    }

    /** By a rung, the one that is taught first in its stead. */
    private Map<RungId, RungId> standIns(Teaching.Way way) {
        return strands.stream()
                .filter(s -> way.canterFrom() == Settings.CanterFrom.WALK)
                .flatMap(s -> s.fromWalk().entrySet().stream())
                .filter(e -> isTaught(e.getValue(), way))
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
    }

    private Stream<RungId> below(Rung rung, Teaching.Way way, Map<RungId, Rung> rungs) {
        return rung.needs().stream()
                .flatMap(n ->
                        isTaught(n, way) || !rungs.containsKey(n) ? Stream.of(n) : below(rungs.get(n), way, rungs));
    }

    private boolean isTaught(RungId rung, Teaching.Way way) {
        Exercise exercise = exercises.get(rung.exercise());
        return exercise != null && exercise.isTaught(way);
    }

    /**
     * With what a yard made itself.
     *
     * @throws IllegalArgumentException when that needs itself, or names a rung that is nowhere
     */
    public Library with(OwnWork own) {
        return new Library(
                own.joinedTo(strands, this),
                own.rejudged() == 0 ? judgement : judgement + "\nown/" + own.rejudged(),
                own.progressions().stream().collect(Collectors.toMap(OwnProgression::id, OwnProgression::name)));
    }

    @Override
    public Progression progression(Strand strand, Teaching teaching) {
        return ways.get(teaching.way()).byStrand().get(strand.id());
    }

    @Override
    public boolean isTaught(RungId rung, Teaching teaching) {
        return isTaught(rung, teaching.way());
    }

    @Override
    public Optional<RungId> standIn(RungId rung, Teaching teaching) {
        return Optional.ofNullable(standIns(teaching.way()).get(rung));
    }

    @Override
    public List<RungId> under(RungId id, Teaching teaching) {
        return ways.get(teaching.way()).needs().of(id);
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
