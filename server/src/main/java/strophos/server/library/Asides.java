package strophos.server.library;

import java.util.Optional;
import org.springframework.stereotype.Component;

/** What the viewer's yard shows beside its exercises. */
@Component
public class Asides {

    private final YardCatalogue catalogue;

    Asides(YardCatalogue catalogue) {
        this.catalogue = catalogue;
    }

    /** Empty where nothing is shown. */
    public Optional<Aside> of(String exercise) {
        return Optional.ofNullable(catalogue.asides().get(exercise));
    }

    /** Whether something of the yard's is shown that is this attachment. */
    boolean isShown(String sha256) {
        return catalogue.asides().values().stream()
                .anyMatch(a -> sha256.equals(a.picture()) || sha256.equals(a.sound()));
    }
}
