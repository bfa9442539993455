package strophos.server.access;

import java.io.Serializable;
import java.security.Principal;
import java.util.UUID;

/** The person signed in, and the yard they stand in. */
public record Viewer(UUID yard, UUID person, Role role) implements Principal, Serializable {

    /** The person's id: sessions are listed under it. */
    @Override
    public String getName() {
        return person.toString();
    }
}
