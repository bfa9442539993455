package strophos.server.projection;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.sql.Types;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jooq.DSLContext;
import org.jooq.JSONB;
import org.jooq.Table;
import org.jooq.TableField;
import org.jooq.TableRecord;
import org.postgresql.util.PGobject;
import strophos.server.sql.Binds;

/** The rows of lessons in a table that is a projection. */
public final class Disposable {

    private Disposable() {}

    /**
     * Makes the rows of these lessons equal to those given; the lessons of which something was written. One statement reads, one inserts,
     * whatever the number of lessons. A lesson that only got longer is not written anew: what is alike at its beginning stays.
     *
     * @param place counts the rows of a lesson from 0, in the order given
     * @param rows by lesson, each of which stands here, also with none
     */
    public static <R extends TableRecord<R>> Set<UUID> replace(
            DSLContext db,
            Table<R> table,
            TableField<R, UUID> lesson,
            TableField<R, Integer> place,
            Map<UUID, List<R>> rows) {
        Map<UUID, List<R>> before = db
                .selectFrom(table)
                .where(Binds.isAnyOf(lesson, rows.keySet()))
                .orderBy(lesson, place)
                .fetchGroups(lesson)
                .entrySet()
                .stream()
                .collect(Collectors.toMap(Map.Entry::getKey, e -> List.copyOf(e.getValue())));
        Set<UUID> changed = new HashSet<>();
        List<R> fresh = new ArrayList<>();
        rows.forEach((id, now) -> {
            List<R> old = before.getOrDefault(id, List.of());
            int alike = 0;
            while (alike < Math.min(now.size(), old.size()) && now.get(alike).equals(old.get(alike))) {
                alike++;
            }
            if (alike < old.size()) {
                db.deleteFrom(table).where(lesson.eq(id).and(place.ge(alike))).execute();
            }
            if (alike < old.size() || alike < now.size()) {
                changed.add(id);
            }
            fresh.addAll(now.subList(alike, now.size()));
        });
        insert(db, table, fresh);
        return changed;
    }

    /** The same for rows that are not counted but have an id, by which both sides are put in order. */
    public static <R extends TableRecord<R>> Set<UUID> replaceById(
            DSLContext db,
            Table<R> table,
            TableField<R, UUID> lesson,
            TableField<R, UUID> id,
            Map<UUID, List<R>> rows) {
        Comparator<R> byId = Comparator.comparing(r -> r.get(id).toString());
        Map<UUID, List<R>> before = new HashMap<>();
        db.selectFrom(table)
                .where(Binds.isAnyOf(lesson, rows.keySet()))
                .forEach(r -> before.computeIfAbsent(r.get(lesson), l -> new ArrayList<>())
                        .add(r));
        Set<UUID> changed = new HashSet<>();
        rows.forEach((of, now) -> {
            List<R> old = before.getOrDefault(of, List.of());
            if (!now.stream()
                    .sorted(byId)
                    .toList()
                    .equals(old.stream().sorted(byId).toList())) {
                changed.add(of);
                db.deleteFrom(table).where(lesson.eq(of)).execute();
                insert(db, table, now);
            }
        });
        return changed;
    }

    /** Through the driver: many rows of plain values need nothing of what a query builder knows. */
    private static <R extends TableRecord<R>> void insert(DSLContext db, Table<R> table, List<R> rows) {
        if (rows.isEmpty()) {
            return;
        }
        int columns = table.fields().length;
        String sql = "insert into %s (%s) values (%s)"
                .formatted(
                        table.getName(),
                        Stream.of(table.fields()).map(f -> f.getName()).collect(Collectors.joining(", ")),
                        IntStream.range(0, columns).mapToObj(i -> "?").collect(Collectors.joining(", ")));
        db.connection(connection -> {
            try (PreparedStatement insert = connection.prepareStatement(sql)) {
                for (R row : rows) {
                    for (int i = 0; i < columns; i++) {
                        bind(connection, insert, i + 1, row.get(i));
                    }
                    insert.addBatch();
                }
                insert.executeBatch();
            }
        });
    }

    private static void bind(Connection connection, PreparedStatement insert, int place, Object value)
            throws SQLException {
        if (value instanceof Instant at) {
            insert.setObject(place, OffsetDateTime.ofInstant(at, ZoneOffset.UTC), Types.TIMESTAMP_WITH_TIMEZONE);
        } else if (value instanceof JSONB json) {
            PGobject written = new PGobject();
            written.setType("jsonb");
            written.setValue(json.data());
            insert.setObject(place, written);
        } else if (value instanceof Integer[] numbers) {
            insert.setArray(place, connection.createArrayOf("integer", numbers));
        } else {
            insert.setObject(place, value);
        }
    }
}
