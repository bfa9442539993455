package strophos.server.access;

import java.util.Optional;
import java.util.function.Supplier;

/**
 * Who acts on this thread. Kept apart from the security context on purpose: that one is loaded from the session store
 * when first asked for, which takes a transaction, which would ask who acts.
 */
public final class YardScope {

    private static final ThreadLocal<Viewer> ACTING = new ThreadLocal<>();

    private YardScope() {}

    /** The one who acts; empty before sign-in. */
    public static Optional<Viewer> find() {
        return Optional.ofNullable(ACTING.get());
    }

    /**
     * The one who acts.
     *
     * @throws IllegalStateException when nobody does: the endpoint lacks its {@link Needs}
     */
    public static Viewer viewer() {
        return find().orElseThrow(() -> new IllegalStateException("Nobody is signed in on this thread."));
    }

    /** Acts as this viewer: for set-up and the demo, outside any transaction. */
    public static <T> T as(Viewer viewer, Supplier<T> work) {
        Viewer before = ACTING.get();
        ACTING.set(viewer);
        try {
            return work.get();
        } finally {
            enter(before);
        }
    }

    /** Acts as this viewer from here on; null: as nobody. */
    static void enter(Viewer viewer) {
        if (viewer == null) {
            ACTING.remove();
        } else {
            ACTING.set(viewer);
        }
    }
}
