package strophos.server.watch;

import static strophos.server.db.Tables.LESSON;
import static strophos.server.db.Tables.WATCH;
import static strophos.server.db.Tables.WATCH_END;
import static strophos.server.db.Tables.WATCH_TICK;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Stream;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.TableRecord;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.core.exchange.Side;
import strophos.core.exchange.Station;
import strophos.core.exchange.Watchable;
import strophos.core.record.Counts;
import strophos.core.record.Payload;
import strophos.core.record.Ride;
import strophos.core.watch.WatchCount;
import strophos.server.access.YardScope;
import strophos.server.db.tables.records.WatchRecord;
import strophos.server.db.tables.records.WatchTickRecord;
import strophos.server.projection.Disposable;

/** The watch list, spread out of the logs. */
@Repository
@Transactional(propagation = Propagation.MANDATORY)
public class WatchRepository {

    private static final Condition IS_ENDED = DSL.exists(DSL.selectOne()
            .from(WATCH_END)
            .where(WATCH_END.YARD_ID.eq(WATCH.YARD_ID).and(WATCH_END.WATCH_ID.eq(WATCH.ENTRY_ID))));

    private final DSLContext db;

    WatchRepository(DSLContext db) {
        this.db = db;
    }

    /** Part of the projection: what the logs of these lessons put on watch and tick; those of which something was written. */
    public Set<UUID> replace(Map<UUID, List<Ride.Mark>> marks) {
        Map<UUID, List<WatchRecord>> watches = new HashMap<>();
        Map<UUID, List<WatchTickRecord>> ticks = new HashMap<>();
        marks.forEach((lesson, all) -> {
            watches.put(lesson, new ArrayList<>());
            ticks.put(lesson, new ArrayList<>());
            Rows rows = new Rows(lesson);
            for (Ride.Mark mark : all) {
                Counts.watch(mark.said(), rows.at(mark)).ifPresent(row -> {
                    if (row instanceof WatchRecord watch) {
                        watches.get(lesson).add(watch);
                    } else {
                        ticks.get(lesson).add((WatchTickRecord) row);
                    }
                });
            }
        });
        Set<UUID> changed = new HashSet<>(Disposable.replaceById(db, WATCH, WATCH.LESSON_ID, WATCH.ENTRY_ID, watches));
        changed.addAll(Disposable.replace(db, WATCH_TICK, WATCH_TICK.LESSON_ID, WATCH_TICK.ORD, ticks));
        return changed;
    }

    /** How each kind is kept. */
    private final class Rows implements Counts.Watch<TableRecord<?>> {

        private final UUID lesson;
        private Ride.Mark mark;
        private int ticks;

        Rows(UUID lesson) {
            this.lesson = lesson;
        }

        Rows at(Ride.Mark here) {
            mark = here;
            return this;
        }

        @Override
        public TableRecord<?> watch(Payload.Watch said) {
            return watchRow(lesson, mark, said);
        }

        @Override
        public TableRecord<?> watched(Payload.WatchTick said) {
            return tickRow(lesson, mark, ticks++, said);
        }
    }

    private TableRecord<?> watchRow(UUID lesson, Ride.Mark mark, Payload.Watch said) {
        WatchRecord row = db.newRecord(WATCH);
        row.setYardId(YardScope.viewer().yard());
        row.setLessonId(lesson);
        row.setEntryId(UUID.fromString(mark.id()));
        row.setAt(Instant.ofEpochMilli(mark.atMs()));
        row.setIsSign(said.of() == Watchable.SIGN);
        row.setName(said.name());
        row.setSide(said.side().name());
        row.setWeeks(said.weeks());
        row.setStation(said.station().map(Station::name).orElse(null));
        return row;
    }

    private TableRecord<?> tickRow(UUID lesson, Ride.Mark mark, int ord, Payload.WatchTick said) {
        WatchTickRecord row = db.newRecord(WATCH_TICK);
        row.setYardId(YardScope.viewer().yard());
        row.setLessonId(lesson);
        row.setOrd(ord);
        row.setWatchId(UUID.fromString(said.watch()));
        row.setAt(Instant.ofEpochMilli(mark.atMs()));
        row.setIsSeen(said.seen());
        return row;
    }

    /** What this pair has on watch on this day, the oldest first. */
    public Field<List<WatchItem>> of(UUID pair, LocalDate day, ZoneId zone) {
        return items(pair, day, zone, DSL.not(IS_ENDED));
    }

    /** The same, and what would be on watch if nobody had ended it. */
    WatchList list(UUID pair, LocalDate day, ZoneId zone) {
        return db.select(of(pair, day, zone), items(pair, day, zone, IS_ENDED))
                .fetchSingle(r -> new WatchList(r.value1(), r.value2()));
    }

    /** Whether a lesson of this pair put it on watch. */
    boolean isOf(UUID pair, UUID item) {
        return db.fetchExists(db.selectOne()
                .from(WATCH)
                .join(LESSON)
                .on(LESSON.YARD_ID.eq(WATCH.YARD_ID).and(LESSON.ID.eq(WATCH.LESSON_ID)))
                .where(WATCH.ENTRY_ID.eq(item).and(LESSON.PAIR_ID.eq(pair))));
    }

    /** It is not asked any longer; a repeated end changes nothing. */
    void end(UUID item, Instant at) {
        db.insertInto(WATCH_END)
                .set(WATCH_END.YARD_ID, YardScope.viewer().yard())
                .set(WATCH_END.WATCH_ID, item)
                .set(WATCH_END.ENDED_BY, YardScope.viewer().person())
                .set(WATCH_END.ENDED_AT, at)
                .onConflictDoNothing()
                .execute();
    }

    /** It is asked again, as long as it was meant to be. */
    void goOn(UUID item) {
        db.deleteFrom(WATCH_END).where(WATCH_END.WATCH_ID.eq(item)).execute();
    }

    private static Field<List<WatchItem>> items(UUID pair, LocalDate day, ZoneId zone, Condition which) {
        // nothing is watched for longer: what was put on watch before is over
        Instant earliest = day.minusWeeks(WatchCount.LONGEST_WEEKS)
                .minusDays(1)
                .atStartOfDay(zone)
                .toInstant();
        Field<List<WatchCount.Tick>> ticks = DSL.multiset(DSL.select(WATCH_TICK.LESSON_ID, WATCH_TICK.IS_SEEN)
                        .from(WATCH_TICK)
                        .where(WATCH_TICK.WATCH_ID.eq(WATCH.ENTRY_ID))
                        .orderBy(WATCH_TICK.AT, WATCH_TICK.LESSON_ID, WATCH_TICK.ORD))
                .convertFrom(all -> all.map(r -> new WatchCount.Tick(r.value1().toString(), r.value2())));
        return DSL.multiset(DSL.select(WATCH.fields())
                        .select(ticks)
                        .from(WATCH)
                        .join(LESSON)
                        .on(LESSON.YARD_ID.eq(WATCH.YARD_ID).and(LESSON.ID.eq(WATCH.LESSON_ID)))
                        .where(LESSON.PAIR_ID
                                .eq(pair)
                                .and(WATCH.AT.ge(earliest))
                                .and(which))
                        .orderBy(WATCH.AT, WATCH.ENTRY_ID))
                .convertFrom(rows -> rows.stream()
                        .flatMap(r -> {
                            WatchRecord w = r.into(WATCH);
                            WatchCount watched =
                                    WatchCount.of(LocalDate.ofInstant(w.getAt(), zone), w.getWeeks(), r.get(ticks));
                            return watched.isOn(day) ? Stream.of(item(w, watched)) : Stream.empty();
                        })
                        .toList());
    }

    private static WatchItem item(WatchRecord w, WatchCount watched) {
        return new WatchItem(
                w.getEntryId(),
                w.getIsSign(),
                w.getName(),
                Side.valueOf(w.getSide()),
                w.getStation() == null ? null : Station.valueOf(w.getStation()),
                watched.since(),
                watched.until(),
                watched.asked(),
                watched.seen());
    }
}
