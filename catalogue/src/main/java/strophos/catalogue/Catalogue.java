package strophos.catalogue;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import strophos.core.stair.Rung;
import strophos.core.stair.RungId;

/** All shipped strands. */
public final class Catalogue {

    private final List<Strand> strands;
    private final Map<String, Exercise> exercises = new LinkedHashMap<>();
    private final Map<RungId, Place> places = new HashMap<>();
    private final Map<String, Rung> byName = new HashMap<>();

    /** Where a rung stands. */
    private record Place(Strand strand, Rung rung) {}

    /** @throws IllegalArgumentException when an exercise stands in two strands or a rung names one that is not there */
    public Catalogue(List<Strand> strands) {
        this.strands = List.copyOf(strands);
        for (Strand strand : strands) {
            for (Exercise e : strand.exercises()) {
                if (exercises.put(e.id(), e) != null) {
                    throw new IllegalArgumentException("Exercise %s stands twice in the catalogue.".formatted(e.id()));
                }
            }
        }
        for (Strand strand : strands) {
            for (Rung rung : strand.progression().rungs()) {
                if (!exercises.containsKey(rung.id().exercise())) {
                    throw new IllegalArgumentException(
                            "Rung %s names no exercise of the catalogue.".formatted(rung.id()));
                }
                places.putIfAbsent(rung.id(), new Place(strand, rung));
                byName.putIfAbsent(rung.id().toString(), rung);
            }
        }
    }

    public List<Strand> strands() {
        return strands;
    }

    /** What the judgement of rungs reads of it, a line a rung: the same for two catalogues that judge alike. */
    public String judgement() {
        return strands.stream()
                .flatMap(s -> s.progression().rungs().stream())
                .map(r -> r.id() + " " + r.criterion() + " " + r.wayBack())
                .sorted()
                .collect(Collectors.joining("\n"));
    }

    public Optional<Exercise> exercise(String id) {
        return Optional.ofNullable(exercises.get(id));
    }

    /** The strand a rung stands in; empty for none. */
    public Optional<Strand> strandOf(RungId id) {
        return Optional.ofNullable(places.get(id)).map(Place::strand);
    }

    /** The rung of this id, in whatever strand. */
    public Optional<Rung> rung(RungId id) {
        return Optional.ofNullable(places.get(id)).map(Place::rung);
    }

    /** The rung written as {@code exercise.gait.place}. */
    public Optional<Rung> rung(String id) {
        return Optional.ofNullable(byName.get(id));
    }
}
