package strophos.server.sql;

import java.util.Collection;
import java.util.UUID;
import java.util.function.Function;
import org.jooq.Condition;
import org.jooq.Field;
import org.jooq.impl.DSL;

/** Many values as one bind of a statement, which stays the same whatever their number. */
public final class Binds {

    private Binds() {}

    /** As an array of texts. */
    public static <T> Field<String[]> texts(Collection<T> of, Function<T, String> text) {
        return DSL.val(of.stream().map(text).toArray(String[]::new));
    }

    /**
     * Whether a key is one of these. They are read in a query of their own, once a statement: cast where they are compared, they would be
     * read again for each row looked at, since how a text becomes an id is taken to depend on the session. One alone is compared by
     * itself: of a table that was never analysed, as a new yard's, the planner would look through all that the yard has.
     */
    public static Condition isAnyOf(Field<UUID> key, Collection<UUID> ids) {
        return ids.size() == 1
                ? key.eq(ids.iterator().next())
                : DSL.condition("{0} = any(array(select unnest({1})::uuid))", key, texts(ids, UUID::toString));
    }
}
