package strophos.server.growth;

import java.sql.Connection;
import java.sql.SQLException;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;
import java.util.SplittableRandom;
import java.util.UUID;

/**
 * What is known of each pair of a yard beside its lessons, as full as it gets: another headgear each half year, other tack, a cue book, a count
 * of behaviours a year, the intake.
 */
final class KnownYears {

    private static final List<String> HEADGEAR =
            List.of("single-jointed-snaffle", "double-jointed-snaffle", "side-pull", "pelham");
    private static final int HALF_YEAR = 182;
    private static final int OTHER_TACK = 30;
    private static final int CUES = 40;

    private final ManyYears of;
    private final Instant now;
    private final int halfYears;
    private final SplittableRandom random = new SplittableRandom(20);

    KnownYears(ManyYears of, Instant now, int lessons) {
        this.of = of;
        this.now = now;
        this.halfYears = Math.max(2, lessons / 26);
    }

    private UUID id() {
        return new UUID(random.nextLong(), random.nextLong());
    }

    void fill(Connection c) throws SQLException {
        LocalDate today = LocalDate.ofInstant(now, ZoneOffset.UTC);
        try (Copy tack = new Copy(
                c,
                "tack",
                "yard_id, id, pair_id, kind, name, headgear, since, until, version, changed_by, changed_at")) {
            for (ManyYears.Rider r : of.riders()) {
                for (int i = 0; i < Math.min(halfYears, 60 - OTHER_TACK); i++) {
                    LocalDate since = today.minusDays((long) HALF_YEAR * (i + 1));
                    LocalDate until = i == 0 ? null : since.plusDays(HALF_YEAR);
                    String worn = HEADGEAR.get(i % HEADGEAR.size());
                    tack.row(of.yard(), id(), r.pair(), "HEADGEAR", worn, worn, since, until, 1, of.coach(), now);
                }
                for (int i = 0; i < OTHER_TACK; i++) {
                    tack.row(of.yard(), id(), r.pair(), "OTHER", "Piece " + i, null, today, null, 1, of.coach(), now);
                }
            }
        }
        try (Copy cues = new Copy(
                c,
                "cue",
                "yard_id, id, pair_id, signal, meaning, is_proven, is_put_away, version, changed_by, changed_at")) {
            for (ManyYears.Rider r : of.riders()) {
                for (int i = 0; i < CUES; i++) {
                    cues.row(of.yard(), id(), r.pair(), "Signal " + i, "Meaning " + i, true, false, 1, of.coach(), now);
                }
            }
        }
        try (Copy counts = new Copy(c, "pain_count", "yard_id, id, pair_id, seen, counted_by, counted_at")) {
            for (ManyYears.Rider r : of.riders()) {
                for (int i = 0; i < halfYears; i += 2) {
                    Instant at = now.minus(Duration.ofDays((long) HALF_YEAR * i));
                    counts.row(of.yard(), id(), r.pair(), "{ears-back,rushes}", of.coach(), at);
                }
            }
        }
        intakes(c);
    }

    private void intakes(Connection c) throws SQLException {
        String fears = "{\"fears\": \"Umbrellas\", \"soundness\": []}";
        String unwanted = "{\"unwanted\": [{\"name\": \"stepping pace\"}]}";
        try (Copy horses = new Copy(c, "horse_intake", "yard_id, horse_id, version, body, changed_by, changed_at")) {
            of.riders().forEach(r -> horses.row(of.yard(), r.horse(), 1, fears, of.coach(), now));
        }
        try (Copy pairs = new Copy(c, "pair_intake", "yard_id, pair_id, version, body, changed_by, changed_at")) {
            of.riders().forEach(r -> pairs.row(of.yard(), r.pair(), 1, unwanted, of.coach(), now));
        }
    }
}
