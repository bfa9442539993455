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

    /** Something of this lesson of this pair. */
    public void changedLesson(UUID lesson, UUID pair) {
        tell(new News.Keys(lesson, pair, null));
    }

    /** Something of a pair beside its lessons: homework, reports. */
    public void changedPair(UUID pair) {
        tell(new News.Keys(null, pair, null));
    }

    /** A stop sign of it came in, or was answered. */
    public void changedHorse(UUID horse) {
        tell(new News.Keys(null, null, horse));
    }

    private void tell(News.Keys of) {
        News news = new News(YardScope.viewer().yard(), of);
        db.select(field("pg_notify({0}, {1})", Object.class, val(News.CHANNEL), val(news.asText())))
                .execute();
    }
}
