package strophos.server.growth;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import java.util.UUID;
import strophos.catalogue.CatalogueReader;
import strophos.core.stair.RungId;

/**
 * A yard with so many pairs that had a lesson a week for so long: seeded, with the shapes a real one has. About 110 entries a lesson, of
 * them 72 asks on four rungs and both reins; a plan, one or two decisions; homework of four weeks with three reports a week; now and then
 * a stop sign, and its answer. Eight pairs have a lesson today.
 */
final class ManyYears {

    private static final long WEEK_MS = Duration.ofDays(7).toMillis();
    private static final int ASKS_A_REIN = 9;
    private static final int RUNGS_A_LESSON = 4;

    private final SplittableRandom random;
    private final Size size;
    private final Instant now;
    private final String passwordHash;
    private final List<RungId> rungs = CatalogueReader.shipped().strands().stream()
            .flatMap(s -> s.progression().rungs().stream())
            .map(strophos.core.stair.Rung::id)
            .toList();
    private final UUID yard;
    private final UUID coach;
    private final List<Rider> riders = new ArrayList<>();

    /** How much. */
    record Size(String name, int pairs, int lessons) {}

    /** A pair, and the account of its rider. */
    record Rider(UUID pair, UUID person, UUID horse, String signInName) {}

    /** @param passwordHash of every account in it */
    ManyYears(Size size, long seed, Instant now, String passwordHash) {
        this.size = size;
        this.random = new SplittableRandom(seed);
        this.now = now;
        this.passwordHash = passwordHash;
        this.yard = id(now.minus(Duration.ofDays(7L * size.lessons() + 7)));
        this.coach = id(now.minus(Duration.ofDays(7L * size.lessons() + 7)));
        for (int i = 0; i < size.pairs(); i++) {
            Instant at = now.minus(Duration.ofDays(7L * size.lessons() + 6));
            riders.add(new Rider(id(at), id(at), id(at), size.name() + "-rider-" + i));
        }
    }

    /** As often as riders say them. */
    private static final List<String> FEELS =
            List.of("EASY", "EASY", "GETTING_THERE", "GETTING_THERE", "GETTING_THERE", "NOT_YET");

    String coachName() {
        return size.name() + "-coach";
    }

    UUID yard() {
        return yard;
    }

    UUID coach() {
        return coach;
    }

    List<Rider> riders() {
        return riders;
    }

    /** In the order of time, as the application makes them. */
    private UUID id(Instant at) {
        long high = (at.toEpochMilli() << 16) | 0x7000L | random.nextInt(1 << 12);
        long low = (random.nextLong() >>> 2) | 0x8000000000000000L;
        return new UUID(high, low);
    }

    /** Fills a database of this version, empty or with other yards in it; projections are made by whoever reads. */
    void fill(String url, String superuser) {
        try (Connection connection = DriverManager.getConnection(url, superuser, "")) {
            people(connection);
            new KnownYears(this, now, size.lessons()).fill(connection);
            lessons(connection);
            try (Statement statement = connection.createStatement()) {
                statement.execute("analyze");
            }
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }

    private void people(Connection c) throws SQLException {
        Instant began = now.minus(Duration.ofDays(7L * size.lessons() + 6));
        try (Copy accounts = new Copy(c, "account", "id, sign_in_name, password_hash, demo, created_at")) {
            accounts.row(coach, coachName(), passwordHash, false, began);
            riders.forEach(r -> accounts.row(r.person(), r.signInName(), passwordHash, false, began));
        }
        try (Copy yards = new Copy(c, "yard", "yard_id, name, time_zone, created_at")) {
            yards.row(yard, "Saltmarsh Ford " + size.name(), "Europe/London", began);
        }
        try (Copy people = new Copy(c, "person", "yard_id, id, name, role, account_id, created_at")) {
            people.row(yard, coach, "Ottilie Brandvold", "COACH", coach, began);
            for (int i = 0; i < riders.size(); i++) {
                people.row(
                        yard,
                        riders.get(i).person(),
                        "Rider " + i,
                        "RIDER",
                        riders.get(i).person(),
                        began);
            }
        }
        try (Copy horses = new Copy(c, "horse", "yard_id, id, name, height_cm, created_at")) {
            for (int i = 0; i < riders.size(); i++) {
                horses.row(yard, riders.get(i).horse(), "Horse " + i, 140 + i % 30, began);
            }
        }
        try (Copy pairs = new Copy(c, "pair", "yard_id, id, rider_id, horse_id, school, created_at")) {
            riders.forEach(r -> pairs.row(yard, r.pair(), r.person(), r.horse(), "CLASSICAL", began));
        }
    }

    private void lessons(Connection c) throws SQLException {
        List<Ridden> all = new ArrayList<>();
        for (int pair = 0; pair < size.pairs(); pair++) {
            for (int n = 0; n < size.lessons(); n++) {
                // the last was in the last days; hours differ, so that no two lessons of the yard begin together
                long atMs = now.toEpochMilli()
                        - (size.lessons() - n) * WEEK_MS
                        + Duration.ofHours(20).toMillis() * (pair % 7)
                        + Duration.ofMinutes(pair).toMillis();
                all.add(new Ridden(riders.get(pair), n, Instant.ofEpochMilli(atMs), id(Instant.ofEpochMilli(atMs))));
            }
        }
        all.sort(java.util.Comparator.comparing(Ridden::at));
        try (Copy lesson =
                new Copy(c, "lesson", "yard_id, id, pair_id, coach_id, planned_at, planned_minutes, created_at")) {
            all.forEach(r -> lesson.row(yard, r.id(), r.rider().pair(), coach, r.at(), 45, r.at()));
            for (int i = 0; i < Math.min(8, riders.size()); i++) {
                Instant today = now.plus(Duration.ofMinutes(40L * i - 180));
                lesson.row(yard, id(today), riders.get(i).pair(), coach, today, 45, today);
            }
        }
        UUID device = id(all.get(0).at());
        try (Copy devices = new Copy(c, "device", "yard_id, id, person_id, first_seen_at")) {
            devices.row(yard, device, coach, all.get(0).at());
        }
        List<Signed> signs = new ArrayList<>();
        try (Copy entry = new Copy(
                c,
                "entry",
                "yard_id, id, lesson_id, device_id, author_id, seq, at_ms, kind, v, payload, kept_odd, received_at, arrival")) {
            long[] seq = {0};
            all.forEach(r -> ride(r, device, seq, entry, signs));
        }
        try (Copy stale = new Copy(c, "stale_lesson", "yard_id, lesson_id")) {
            all.forEach(r -> stale.row(yard, r.id()));
        }
        try (Copy stale = new Copy(c, "stale_pair", "yard_id, pair_id")) {
            riders.forEach(r -> stale.row(yard, r.pair()));
        }
        decisions(c, all);
        plans(c, all);
        homework(c, all);
        answers(c, signs);
    }

    /** A lesson that was ridden. */
    private record Ridden(Rider rider, int n, Instant at, UUID id) {}

    /** A stop sign, and when it was seen. */
    private record Signed(Rider rider, Instant at) {}

    /** The rungs of a lesson: the pair goes up the stair, a few rungs a half year, and keeps what it has. */
    private List<RungId> rungsOf(int n) {
        List<RungId> of = new ArrayList<>();
        for (int i = 0; i < RUNGS_A_LESSON; i++) {
            of.add(rungs.get((n / 26 * 2 + i * 3) % rungs.size()));
        }
        return of;
    }

    /** One lesson's entries, one after the other. */
    private final class Writer {
        private final Ridden of;
        private final UUID device;
        private final long[] seq;
        private final Copy copy;
        private long atMs;
        private int arrival;

        Writer(Ridden of, UUID device, long[] seq, Copy copy) {
            this.of = of;
            this.device = device;
            this.seq = seq;
            this.copy = copy;
            this.atMs = of.at().toEpochMilli();
        }

        UUID say(String kind, String payload) {
            atMs += 4_000 + random.nextInt(25_000);
            UUID id = id(Instant.ofEpochMilli(atMs));
            copy.row(
                    yard,
                    id,
                    of.id(),
                    device,
                    coach,
                    ++seq[0],
                    atMs,
                    kind,
                    1,
                    payload,
                    false,
                    Instant.ofEpochMilli(atMs + 1_000),
                    ++arrival);
            return id;
        }
    }

    private void ride(Ridden of, UUID device, long[] seq, Copy copy, List<Signed> signs) {
        Writer w = new Writer(of, device, seq, copy);
        w.say("clock", "{\"offsetMs\":0}");
        w.say(
                "first_look",
                "{\"soundness\":\"SOUND\",\"calm\":3,\"rider\":3,\"halt\":3,\"leg\":3,\"bendLeft\":3,\"bendRight\":2}");
        w.say("lesson_started", "{}");
        if (of.n() % 12 == 0) {
            w.say("watch", "{\"of\":\"FAULT\",\"name\":\"leg-back\",\"side\":\"RIGHT\",\"weeks\":4}");
        }
        for (RungId rung : rungsOf(of.n())) {
            for (String rein : List.of("LEFT", "RIGHT")) {
                UUID segment = w.say(
                        "segment",
                        "{\"exercise\":\"%s\",\"gait\":\"%s\",\"place\":\"%s\",\"rein\":\"%s\",\"mounted\":\"%s\"}"
                                .formatted(
                                        rung.exercise(),
                                        rung.gait().word(),
                                        rung.place().word(),
                                        rein,
                                        random.nextInt(12) == 0 ? "COACH" : "RIDER"));
                asks(w, segment, rein.equals("RIGHT") ? 0.62 : 0.74);
            }
        }
        w.say("note", "{\"text\":\"Softer on the right today, and sooner.\"}");
        w.say("effort", "{\"horse\":5}");
        if (random.nextInt(60) == 0) {
            w.say("stop_sign", "{\"sign\":\"UNLEVEL\",\"side\":\"NONE\"}");
            signs.add(new Signed(of.rider(), Instant.ofEpochMilli(w.atMs)));
        }
        w.say("lesson_ended", "{}");
    }

    private void asks(Writer w, UUID segment, double yes) {
        for (int i = 0; i < ASKS_A_REIN; i++) {
            if (random.nextInt(9) == 0) {
                w.say("fault", "{\"segment\":\"%s\",\"name\":\"leg-back\",\"side\":\"RIGHT\"}".formatted(segment));
            }
            boolean isYes = random.nextDouble() < yes;
            UUID ask = w.say(
                    "exchange",
                    "{\"segment\":\"%s\",\"strength\":%d,\"response\":\"%s\"}"
                            .formatted(segment, 1 + random.nextInt(3), isYes ? "YES" : "TRY"));
            if (random.nextInt(14) == 0) {
                w.say("sign", "{\"segment\":\"%s\",\"name\":\"jaw-soft\",\"side\":\"NONE\"}".formatted(segment));
            }
            if (random.nextInt(30) == 0) {
                w.say("release", "{\"exchange\":\"%s\",\"release\":\"MISSED\"}".formatted(ask));
            }
        }
        if (random.nextInt(6) == 0) {
            w.say("correction", "{\"segment\":\"%s\",\"made\":true}".formatted(segment));
        }
    }

    private void decisions(Connection c, List<Ridden> all) throws SQLException {
        try (Copy decision = new Copy(
                c,
                "decision",
                "yard_id, id, pair_id, lesson_id, rung, chosen, advised, rule_id, rule_book, evidence, decided_by, decided_at")) {
            for (Ridden r : all) {
                Instant at = r.at().plus(Duration.ofMinutes(70));
                String rung = rungsOf(r.n()).get(0).toString();
                String chosen = r.n() % 26 == 25 ? "MOVE_ON" : r.n() % 17 == 16 ? "STEP_BACK" : "STAY";
                decision.row(
                        yard,
                        id(at),
                        r.rider().pair(),
                        r.id(),
                        rung,
                        chosen,
                        "STAY",
                        "criterion.rate",
                        "rung-decision/3",
                        "{}",
                        coach,
                        at);
            }
        }
    }

    private void plans(Connection c, List<Ridden> all) throws SQLException {
        try (Copy plan = new Copy(c, "plan", "yard_id, lesson_id, blocks, advised, version, made_by, made_at")) {
            for (Ridden r : all) {
                String blocks = "[{\"rung\":\"%s\",\"role\":\"MAIN\",\"seconds\":900,\"longer\":\"NONE\"}]"
                        .formatted(rungsOf(r.n()).get(0));
                plan.row(yard, r.id(), blocks, "{}", 1, coach, r.at());
            }
        }
    }

    private void homework(Connection c, List<Ridden> all) throws SQLException {
        List<Assigned> sets = new ArrayList<>();
        try (Copy assignment = new Copy(
                c,
                "assignment",
                "yard_id, id, pair_id, lesson_id, rung, steps, first_step, gate, days_a_week, brand_new, set_on, set_by, set_at, ended_at")) {
            for (Ridden r : all) {
                if (r.n() % 4 == 0) {
                    Instant at = r.at().plus(Duration.ofMinutes(80));
                    boolean isLast = r.n() + 4 >= size.lessons();
                    Assigned set = new Assigned(id(at), r, at);
                    sets.add(set);
                    String rung = rungs.get(0).toString();
                    assignment.row(
                            yard,
                            set.id(),
                            r.rider().pair(),
                            r.id(),
                            rung,
                            "[{\"rung\":\"%s\",\"amount\":5,\"unit\":\"MINUTES\",\"secondsARein\":300}]"
                                    .formatted(rung),
                            0,
                            "{\"easyRunning\":3,\"minDays\":5,\"goodShare\":null}",
                            5,
                            false,
                            LocalDate.ofInstant(at, ZoneOffset.UTC),
                            coach,
                            at,
                            isLast ? null : at.plus(Duration.ofDays(28)));
                }
            }
        }
        try (Copy practice = new Copy(
                c,
                "practice",
                "yard_id, id, assignment_id, author_id, step, rung, started_at, left_s, right_s, feel, left_good, left_counted, right_good, right_counted, stop_signs, second_best, received_at, counted_at, question")) {
            for (Assigned set : sets) {
                for (int day = 1; day < 28; day += 2) {
                    Instant at = set.at().plus(Duration.ofDays(day));
                    if (at.isBefore(now)) {
                        practice.row(
                                yard,
                                id(at),
                                set.id(),
                                set.after().rider().person(),
                                0,
                                rungs.get(0),
                                at,
                                280,
                                310,
                                FEELS.get(random.nextInt(FEELS.size())),
                                0,
                                0,
                                0,
                                0,
                                random.nextInt(500) == 0 ? "{FRIGHT}" : "{}",
                                false,
                                at.plusSeconds(30),
                                at,
                                random.nextInt(40) == 0 ? "Is this right?" : null);
                    }
                }
            }
        }
        try (Copy lookIn = new Copy(
                c, "look_in", "yard_id, id, assignment_id, verdict, advised, sentence, answered_by, answered_at")) {
            sets.forEach(set -> {
                Instant at = set.at().plus(Duration.ofDays(8));
                if (at.isBefore(now)) {
                    lookIn.row(yard, id(at), set.id(), "CARRY_ON", "CARRY_ON", "Good, more of it.", coach, at);
                }
            });
        }
    }

    /** Homework that was set. */
    private record Assigned(UUID id, Ridden after, Instant at) {}

    /** The vet looked two days later; the latest sign of a horse in some cases still waits. */
    private void answers(Connection c, List<Signed> signs) throws SQLException {
        try (Copy answer = new Copy(
                c,
                "pause_answer",
                "yard_id, id, horse_id, kind, whom, name, on_day, may_hand_walk, answered_by, answered_at")) {
            for (Signed s : signs) {
                Instant at = s.at().plus(Duration.ofDays(2));
                if (at.isBefore(now)) {
                    answer.row(
                            yard,
                            id(at),
                            s.rider().horse(),
                            "CLEARED",
                            "VET",
                            "Saltmarsh vets",
                            LocalDate.ofInstant(at, ZoneOffset.UTC),
                            false,
                            coach,
                            at);
                }
            }
        }
    }
}
