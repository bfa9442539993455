package strophos.server;

import java.io.IOException;
import java.util.Arrays;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.jooq.DSLContext;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.stereotype.Component;

/**
 * Serves no database that is older than this program. A newer one is served: while an installation is upgraded, the process of the
 * version before goes on.
 */
@Component
class SchemaVersion implements SmartInitializingSingleton {

    private static final Pattern NAME = Pattern.compile("V(\\d+)__.*");

    private final DSLContext db;

    SchemaVersion(DSLContext db) {
        this.db = db;
    }

    @Override
    public void afterSingletonsInstantiated() {
        int needed = needed();
        int there = there();
        if (there < needed) {
            throw new IllegalStateException(
                    "The database is at version %d of the schema and this program needs %d: run ./strophos migrate first."
                            .formatted(there, needed));
        }
    }

    private static int needed() {
        try {
            Resource[] all = new PathMatchingResourcePatternResolver().getResources("classpath:db/migration/V*.sql");
            return Arrays.stream(all)
                    .map(Resource::getFilename)
                    .map(NAME::matcher)
                    .filter(Matcher::matches)
                    .mapToInt(m -> Integer.parseInt(m.group(1)))
                    .max()
                    .orElseThrow();
        } catch (IOException e) {
            throw new IllegalStateException("The migrations cannot be listed.", e);
        }
    }

    /** 0 for a database that was never migrated, or so long ago that it does not say. */
    private int there() {
        boolean isSaid = db.fetchSingle(
                        "select coalesce(has_table_privilege(to_regclass('flyway_schema_history'), 'select'), false)")
                .into(boolean.class);
        return isSaid
                ? db.fetch("select version from flyway_schema_history where success").stream()
                        .flatMap(r -> Stream.ofNullable(r.get(0, String.class)))
                        .mapToInt(Integer::parseInt)
                        .max()
                        .orElse(0)
                : 0;
    }
}
