package strophos.catalogue;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import strophos.core.stair.Rung;
import strophos.core.stair.RungId;

/** All shipped strands. */
public final class Catalogue {

    private final List<Strand> strands;
    private final Map<String, Exercise> exercises = new LinkedHashMap<>();

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
            }
        }
    }

    public List<Strand> strands() {
        return strands;
    }

    public Optional<Exercise> exercise(String id) {
        return Optional.ofNullable(exercises.get(id));
    }

    /** The strand a rung stands in; empty for none. */
    public Optional<Strand> strandOf(RungId id) {
        return strands.stream()
                .filter(s -> s.progression().find(id).isPresent())
                .findFirst();
    }

    /** The rung of this id, in whatever strand. */
    public Optional<Rung> rung(RungId id) {
        return strands.stream().flatMap(s -> s.progression().find(id).stream()).findFirst();
    }

    /** The rung written as {@code exercise.gait.place}. */
    public Optional<Rung> rung(String id) {
        return strands.stream()
                .flatMap(s -> s.progression().rungs().stream())
                .filter(r -> r.id().toString().equals(id))
                .findFirst();
    }
}
