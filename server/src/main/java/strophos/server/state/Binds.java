package strophos.server.state;

import java.util.Collection;
import java.util.function.Function;
import org.jooq.Field;
import org.jooq.impl.DSL;

/** Many rows as few values of a statement, which stays the same whatever their number. */
final class Binds {

    private Binds() {}

    /** As an array of texts: one bind, whatever the number of rows. */
    static <T> Field<String[]> texts(Collection<T> of, Function<T, String> text) {
        return DSL.val(of.stream().map(text).toArray(String[]::new));
    }
}
