package strophos.server.contact;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import org.junit.jupiter.api.Test;
import strophos.core.contact.AskMeasured;
import strophos.core.contact.Band;
import strophos.core.contact.CueAnswer;
import strophos.core.contact.GiveAndSee;
import strophos.core.contact.Overview;
import strophos.core.contact.ReinSeries;
import strophos.core.contact.RiddenStretch;
import strophos.core.contact.SignalCheck;
import strophos.core.contact.StandInSensor;
import strophos.core.exchange.Side;
import strophos.core.record.Ride;
import strophos.server.harness.App;
import strophos.server.harness.Client;
import strophos.server.harness.Inside;
import strophos.server.harness.Sensor;
import strophos.server.harness.Yard;
import strophos.server.lesson.Lesson;
import strophos.server.lesson.LessonRepository;
import strophos.server.rein.Recording;
import strophos.server.rein.ReinRepository;
import strophos.server.ride.RideLog;

/**
 * {@code ./strophos bench speed}: all that is read from 45 minutes of both reins at 100 Hz, beside reading their chunks from the
 * database, inflating, decoding and averaging them, in the same run.
 */
class MeasuredRun {

    private static final int MINUTES = 45;
    private static final int ASKS_A_MINUTE = 4;
    private static final int WARM_UP = 20;
    private static final int ROUNDS = 30;
    private static final double MOST_TIMES = 3;

    private final Client coach = App.demo().as("ottilie");
    private final Yard yard = new Yard(coach);
    private final String pair = yard.pair();
    private final String lesson = yard.lesson(pair);
    private final Inside inside = new Inside(App.demo(), coach);

    /** A turn a minute, and an ask with a driving aid every fifteen seconds. */
    private Instant ridden() {
        Map<String, Object> started = yard.entry(lesson, "lesson_started", Map.of());
        long beganMs = (long) started.get("atMs") + 1;
        List<Map<String, Object>> log = new ArrayList<>(List.of(started));
        for (int m = 0; m < MINUTES; m++) {
            Map<String, Object> turn = yard.segment(lesson, m % 2 == 0 ? "LEFT" : "RIGHT");
            turn.put("atMs", beganMs + 60_000L * m);
            log.add(turn);
            for (int i = 0; i < ASKS_A_MINUTE; i++) {
                Map<String, Object> leg = Map.of("means", "LEG", "side", "NONE", "manner", "PUSH");
                Map<String, Object> ask = yard.entry(
                        lesson,
                        "exchange",
                        Map.of("segment", turn.get("id"), "strength", 2, "response", "YES", "aids", List.of(leg)));
                ask.put("atMs", beganMs + 60_000L * m + 15_000L * i + 9_000L);
                log.add(ask);
            }
        }
        yard.send(log);
        return Instant.ofEpochMilli(beganMs);
    }

    @Test
    void readingAllFromItTakesNotMuchLongerThanHavingIt() throws IOException {
        coach.put("/api/v1/pairs/" + pair + "/contact-band", Map.of("version", 0, "lowKg", 2, "highKg", 4.5));
        StandInSensor.Stretch trot = new StandInSensor.Stretch(60.0 * MINUTES, 158, 0.03, 3, 3.5, 1.5, 0);
        new Sensor(coach, lesson).send(StandInSensor.measure(StandInSensor.Script.of(100, trot), 1), ridden());
        Lesson of = inside.of(() -> App.demo()
                .bean(LessonRepository.class)
                .find(UUID.fromString(lesson))
                .orElseThrow());
        ReinRepository reins = App.demo().bean(ReinRepository.class);
        ContactTeller teller = App.demo().bean(ContactTeller.class);
        Ride ride = inside.of(() -> App.demo().bean(RideLog.class).ride(of));
        Recording recording = inside.of(() -> reins.readable(List.of(of.id())).get(0));
        ReinSeries series = inside.of(
                () -> recording.series(reins.chunks(List.of(recording.id())).get(recording.id())));
        List<Double> plain = new ArrayList<>();
        List<Double> analysed = new ArrayList<>();
        List<Double> told = new ArrayList<>();
        for (int round = 0; round < WARM_UP + ROUNDS; round++) {
            double plainMs = ms(() -> inside.of(() -> averageKg(reins, of.id())));
            double analysisMs =
                    ms(() -> analysed(ride, series, recording.startedAt().toEpochMilli()));
            double toldMs = ms(
                    () -> inside.of(() -> (double) teller.view(of).recordings().size()));
            if (round >= WARM_UP) {
                plain.add(plainMs);
                analysed.add(analysisMs);
                told.add(toldMs);
            }
        }
        double times = median(analysed) / median(plain);
        String said =
                "%d minutes of both reins at 100 Hz: read from the database, inflated, decoded and averaged in %.0f ms; analysed in %.0f ms, %.1f times that (aim %.0f); all of Contact in %.0f ms (medians of %d)"
                        .formatted(MINUTES, median(plain), median(analysed), times, MOST_TIMES, median(told), ROUNDS);
        Files.writeString(Path.of("target/measured.txt"), said + "\n");
        assertThat(times).as(said).isLessThanOrEqualTo(MOST_TIMES);
    }

    /** All that core reads from the samples; so much was found. */
    private static double analysed(Ride ride, ReinSeries series, long startedMs) {
        List<RiddenStretch> stretches = RiddenStretch.all(ride, series, startedMs, Optional.of(new Band(2, 4.5)));
        return stretches.size()
                + stretches.stream()
                        .mapToInt(s -> GiveAndSee.of(s.part()).size())
                        .sum()
                + AskMeasured.of(ride, series, startedMs).size()
                + CueAnswer.all(ride, series, startedMs).size()
                + Overview.of(series).leftHigh().length
                + SignalCheck.of(series, 0).size();
    }

    private static double averageKg(ReinRepository reins, UUID lesson) {
        Recording of = reins.readable(List.of(lesson)).get(0);
        ReinSeries series = of.series(reins.chunks(List.of(of.id())).get(of.id()));
        long sum = 0;
        for (Side side : List.of(Side.LEFT, Side.RIGHT)) {
            for (int i = 0; i < series.length(); i++) {
                sum += series.at(side, i);
            }
        }
        return sum / (2.0 * series.length() * ReinSeries.HUNDREDTHS);
    }

    private static double ms(Supplier<Double> work) {
        long from = System.nanoTime();
        assertThat(work.get()).isPositive();
        return (System.nanoTime() - from) / 1e6;
    }

    private static double median(List<Double> ms) {
        return ms.stream().sorted().toList().get(ms.size() / 2);
    }
}
