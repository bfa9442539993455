package strophos.server.library;

import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import strophos.catalogue.OwnExercise;
import strophos.catalogue.OwnProgression;
import strophos.core.stair.Rung;

/** What of the yard's own can be set as homework without having been ridden. */
@Component
public class Programmes {

    private final YardCatalogue catalogue;

    Programmes(YardCatalogue catalogue) {
        this.catalogue = catalogue;
    }

    /** Whether the yard made this exercise. */
    public boolean isOwn(String exercise) {
        return catalogue.isOwn(exercise);
    }

    /** Every rung of the yard's own that was not put away. */
    public List<Rung> own() {
        return catalogue.work().exercises().stream()
                .filter(e -> !e.isPutAway())
                .flatMap(e -> rungs(e).stream())
                .toList();
    }

    /** Those that were not put away, in the order in which they were made. */
    public List<Programme> all() {
        return catalogue.work().progressions().stream()
                .filter(p -> !p.isPutAway())
                .map(this::programme)
                .toList();
    }

    public Optional<Programme> find(String id) {
        return all().stream().filter(p -> p.id().equals(id)).findFirst();
    }

    private Programme programme(OwnProgression p) {
        return new Programme(
                p.id(),
                p.name(),
                p.exercises().stream()
                        .flatMap(id -> catalogue.work().find(id).stream())
                        .flatMap(e -> rungs(e).stream())
                        .toList());
    }

    private List<Rung> rungs(OwnExercise e) {
        return e.rungs().stream().flatMap(r -> catalogue.rung(r).stream()).toList();
    }
}
