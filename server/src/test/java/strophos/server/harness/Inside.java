package strophos.server.harness;

import java.util.Objects;
import java.util.UUID;
import java.util.function.Supplier;
import org.jooq.DSLContext;
import org.springframework.transaction.support.TransactionOperations;
import strophos.server.access.Role;
import strophos.server.access.Viewer;
import strophos.server.access.YardScope;

/** Works inside of the running application, as its coach, without a request. */
public final class Inside {

    private final App app;
    private final Viewer coach;

    /** @param coach signed in as {@code ottilie} */
    public Inside(App app, Client coach) {
        this.app = app;
        UUID yard = Objects.requireNonNull(app.bean(TransactionOperations.class)
                .execute(t -> app.bean(DSLContext.class)
                        .fetchSingle("select yard_id from sign_in('ottilie')")
                        .get(0, UUID.class)));
        this.coach = new Viewer(yard, UUID.fromString(coach.person()), Role.COACH);
    }

    /** In one transaction. */
    public <T> T of(Supplier<T> work) {
        return YardScope.as(coach, () -> app.bean(TransactionOperations.class).execute(t -> work.get()));
    }
}
