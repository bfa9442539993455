package strophos.server.live;

import static org.jooq.impl.DSL.field;
import static org.jooq.impl.DSL.val;

import java.util.UUID;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.server.access.YardScope;

/** Says that something of a lesson or a horse changes; heard by all server processes when the transaction commits, else by none. */
@Repository
@Transactional(propagation = Propagation.MANDATORY)
public class Teller {

    private final DSLContext db;

    Teller(DSLContext db) {
        this.db = db;
    }

    public void changed(UUID lesson) {
        tell(lesson);
    }

    /** A stop sign of it came in, or was answered. */
    public void changedHorse(UUID horse) {
        tell(horse);
    }

    private void tell(UUID of) {
        News news = new News(YardScope.viewer().yard(), of);
        db.select(field("pg_notify({0}, {1})", Object.class, val(News.CHANNEL), val(news.asText())))
                .execute();
    }
}
