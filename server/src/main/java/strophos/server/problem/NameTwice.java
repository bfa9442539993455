package strophos.server.problem;

import tools.jackson.core.exc.StreamReadException;

/** A name that stands twice in one object: no parser error of its own, but known by what the parser says. */
public final class NameTwice {

    private NameTwice() {}

    /** Whether this is why a text could not be read. */
    public static boolean isIn(Throwable cause) {
        return cause instanceof StreamReadException e && e.getOriginalMessage().startsWith("Duplicate Object property");
    }
}
