package strophos.server.tack;

import static strophos.server.db.Tables.LESSON_COUNT;
import static strophos.server.db.Tables.RIDDEN_LESSON;
import static strophos.server.db.Tables.TACK;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import strophos.catalogue.HeadgearText;
import strophos.catalogue.TackRoom;
import strophos.core.exchange.Mounted;
import strophos.core.stair.RungId;
import strophos.core.tack.HeadgearAnswers;
import strophos.core.tack.TackKind;
import strophos.core.tack.TackStage;
import strophos.server.access.YardScope;
import strophos.server.db.tables.records.TackRecord;
import strophos.server.sql.Lines;

/** The tack of pairs, and what was worn in which lesson. */
@Repository
@Transactional(propagation = Propagation.MANDATORY)
public class TackRepository {

    /** So many pieces a pair, put away or not. */
    static final int MOST = 60;

    /** So many of the last lessons are laid beside each other by headgear. */
    static final int LESSONS = 100;

    private final DSLContext db;
    private final TackRoom room;

    TackRepository(DSLContext db, TackRoom room) {
        this.db = db;
        this.room = room;
    }

    /** In use first, then what waits, then what was put away last. */
    List<StoredPiece> of(UUID pair) {
        return db.selectFrom(TACK)
                .where(TACK.PAIR_ID.eq(pair))
                .orderBy(TACK.UNTIL.desc().nullsFirst(), TACK.SINCE.desc().nullsLast(), TACK.ID)
                .limit(MOST)
                .fetch(TackRepository::piece);
    }

    /** A pair's tack in a line. */
    public TackInShort inShort(UUID pair, LocalDate day) {
        List<TackPiece> pieces = of(pair).stream().map(StoredPiece::piece).toList();
        Optional<String> worn = worn(pieces, day);
        return new TackInShort(
                worn.map(id -> room.headgear(id).map(HeadgearText::name).orElse(id))
                        .orElse(null),
                count(pieces, day, TackStage.IN_USE),
                count(pieces, day, TackStage.LATER));
    }

    private static int count(List<TackPiece> pieces, LocalDate day, TackStage stage) {
        return (int) pieces.stream().filter(p -> p.stage(day) == stage).count();
    }

    /** The headgear in use on this day, of pieces in the order of {@link #of}. */
    static Optional<String> worn(List<TackPiece> pieces, LocalDate day) {
        return pieces.stream()
                .filter(p -> p.kind() == TackKind.HEADGEAR && p.stage(day) == TackStage.IN_USE)
                .map(TackPiece::headgear)
                .findFirst();
    }

    int count(UUID pair) {
        return db.fetchCount(TACK, TACK.PAIR_ID.eq(pair));
    }

    /** Whether the piece was at this version (0: not there) and is now this. */
    public boolean change(UUID pair, UUID id, int version, TackPiece p, Instant at) {
        TackRecord row = db.newRecord(TACK);
        row.setKind(p.kind().name());
        row.setName(p.name());
        row.setHeadgear(p.headgear());
        row.setAboveMm(p.aboveMm());
        row.setBelowMm(p.belowMm());
        row.setSlackMm(p.slackMm());
        row.setSince(p.since());
        row.setUntil(p.until());
        row.setFirstHolds(p.firstHolds());
        row.setNote(p.note());
        row.setLookedAtOn(p.lookedAtOn());
        row.setVersion(version + 1);
        row.setChangedBy(YardScope.viewer().person());
        row.setChangedAt(at);
        if (version > 0) {
            return db.update(TACK)
                            .set(row)
                            .where(TACK.ID.eq(id).and(TACK.PAIR_ID.eq(pair)).and(TACK.VERSION.eq(version)))
                            .execute()
                    == 1;
        }
        row.setYardId(YardScope.viewer().yard());
        row.setId(id);
        row.setPairId(pair);
        return db.insertInto(TACK).set(row).onConflictDoNothing().execute() == 1;
    }

    /** What a pair wears on its head on this day as its tack says; null when it does not say. */
    public Field<String> headgear(UUID pair, LocalDate day) {
        return DSL.field(DSL.select(TACK.HEADGEAR)
                .from(TACK)
                .where(TACK.PAIR_ID
                        .eq(pair)
                        .and(TACK.KIND.eq(TackKind.HEADGEAR.name()))
                        .and(TACK.SINCE.le(day))
                        .and(TACK.UNTIL.isNull().or(TACK.UNTIL.gt(day))))
                .orderBy(TACK.SINCE.desc(), TACK.ID.desc())
                .limit(1));
    }

    /**
     * What this pair's own rider was asked in the last lessons in which it is known what was worn: said of the lesson, or by the tack.
     *
     * @param pieces of the pair
     */
    List<HeadgearAnswers.OfLesson> answers(UUID pair, List<StoredPiece> pieces, ZoneId zone) {
        Field<String> asked = DSL.field(DSL.select(DSL.field(
                        "string_agg(concat_ws('|', {0}, {1}, {2}, {3}), ';')",
                        String.class, LESSON_COUNT.RUNG, LESSON_COUNT.YES, LESSON_COUNT.ASKS, LESSON_COUNT.STRENGTHS))
                .from(LESSON_COUNT)
                .where(LESSON_COUNT.LESSON_ID.eq(RIDDEN_LESSON.LESSON_ID))
                .and(LESSON_COUNT.MOUNTED.eq(Mounted.RIDER.name()).and(LESSON_COUNT.ASKS.gt(0))));
        List<HeadgearAnswers.OfLesson> answers = new ArrayList<>();
        db.select(RIDDEN_LESSON.LESSON_ID, RIDDEN_LESSON.STARTED_AT, RIDDEN_LESSON.HEADGEAR, asked)
                .from(RIDDEN_LESSON)
                .where(RIDDEN_LESSON.PAIR_ID.eq(pair).and(RIDDEN_LESSON.STARTED_AT.isNotNull()))
                .orderBy(RIDDEN_LESSON.STARTED_AT.desc(), RIDDEN_LESSON.LESSON_ID.desc())
                .limit(LESSONS)
                .forEach(r -> Optional.ofNullable(r.value3())
                        .or(() -> onceWorn(pieces, LocalDate.ofInstant(r.value2(), zone)))
                        .ifPresent(worn -> Lines.of(r.value4())
                                .map(line -> new HeadgearAnswers.OfLesson(
                                        r.value1().toString(),
                                        worn,
                                        RungId.of(line[0]),
                                        Integer.parseInt(line[1]),
                                        Integer.parseInt(line[2]),
                                        Integer.parseInt(line[3])))
                                .forEach(answers::add)));
        return answers;
    }

    /** The headgear last taken into use by this day and not yet put away. */
    private static Optional<String> onceWorn(List<StoredPiece> pieces, LocalDate day) {
        return pieces.stream()
                .filter(p -> p.piece().kind() == TackKind.HEADGEAR && p.piece().stage(day) == TackStage.IN_USE)
                .max(Comparator.comparing((StoredPiece p) -> p.piece().since()).thenComparing(p -> p.id().toString()))
                .map(p -> p.piece().headgear());
    }

    private static StoredPiece piece(TackRecord r) {
        return new StoredPiece(
                r.getId(),
                r.getVersion(),
                new TackPiece(
                        TackKind.valueOf(r.getKind()),
                        r.getName(),
                        r.getHeadgear(),
                        r.getAboveMm(),
                        r.getBelowMm(),
                        r.getSlackMm(),
                        r.getSince(),
                        r.getUntil(),
                        r.getFirstHolds(),
                        r.getNote(),
                        r.getLookedAtOn()));
    }
}
