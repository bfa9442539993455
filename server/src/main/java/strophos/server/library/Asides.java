package strophos.server.library;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import strophos.server.attachment.Attachments;
import strophos.server.problem.Issue;
import strophos.server.problem.Problem;

/** What the viewer's yard shows beside its exercises. */
@Component
public class Asides {

    private final YardCatalogue catalogue;
    private final Attachments attachments;

    Asides(YardCatalogue catalogue, Attachments attachments) {
        this.catalogue = catalogue;
        this.attachments = attachments;
    }

    /** @throws Problem when a picture is none, or is not there; the same for a sound */
    void refuseUnlessThere(Aside aside) {
        List<Issue> issues = new ArrayList<>();
        if (aside.picture() != null && !isThere(aside.picture(), true)) {
            issues.add(new Issue("unknown_id", "aside.picture", "a picture that was sent before"));
        }
        if (aside.sound() != null && !isThere(aside.sound(), false)) {
            issues.add(new Issue("unknown_id", "aside.sound", "a sound that was sent before"));
        }
        if (!issues.isEmpty()) {
            throw Problem.refused(issues);
        }
    }

    private boolean isThere(String sha256, boolean isPicture) {
        return attachments
                .find(sha256)
                .filter(a -> a.type().isPicture() == isPicture)
                .isPresent();
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
