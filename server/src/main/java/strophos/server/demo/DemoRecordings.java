package strophos.server.demo;

import static java.util.stream.Collectors.toMap;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.springframework.context.annotation.Profile;
import org.springframework.stereotype.Component;
import strophos.core.contact.Band;
import strophos.core.contact.StandInSensor;
import strophos.core.exchange.Gait;
import strophos.core.exchange.Rein;
import strophos.core.exchange.Side;
import strophos.core.record.AidUse;
import strophos.core.record.Ride;
import strophos.server.contact.Recordings;
import strophos.server.cue.CueForRide;
import strophos.server.cue.CueRepository;
import strophos.server.ground.GroundRepository;
import strophos.server.lesson.Lesson;
import strophos.server.lesson.LessonRepository;
import strophos.server.ride.RideLog;
import strophos.server.roster.Pair;

/**
 * What rein sensors would have measured in a pair's lessons: steady, a little more on the right rein, more at canter; heavy from
 * about 25 m on where the long side is lengthened, and on the right rein, towards home, in transitions from canter to trot. From lesson
 * to lesson a little less of it. The hand takes where the log says that it did.
 */
@Component
@Profile("demo")
class DemoRecordings {

    private static final double RATE_HZ = 100;
    private static final Band BAND = new Band(2, 4.5);
    private static final String NAME = "Stand-in sensor (simulated)";

    /** Of the last lessons the last half hour is measured; of those before what was ridden at the end. */
    private static final int WHOLE_LESSONS = 2;

    private static final double WHOLE_S = 1800;
    private static final double SOME_S = 720;

    /** Working trot of a horse of Vesper's height, metres a second: 3.61 × √(1.50 / 1.65) (calculations: gait). */
    private static final double TROT_MS = 3.44;

    private static final double HEAVY_FROM_M = 25;

    /** A light aid, and a hand that takes while the leg drives; short, so that none of them makes a rein heavy. */
    private static final double LIGHT_KG = 0.9;

    private static final double LIGHT_IN_CANTER_KG = 1.3;
    private static final double TAKING_KG = 3.2;
    private static final double HELD_S = 0.3;
    private static final double HELD_IN_CANTER_S = 0.5;
    private static final double TOUCHED_LATE_S = 1.4;

    /** Now and then she forgets to let go. */
    private static final double HELD_ON_S = 2.6;

    private static final int HELD_ON_ONCE_IN = 6;

    /** So much quicker after the cue for it, and for so long. */
    private static final double QUICKER = 1.07;

    private static final double QUICKER_S = 11;

    private final LessonRepository lessons;
    private final RideLog log;
    private final Recordings recordings;
    private final CueRepository cues;
    private final GroundRepository ground;

    DemoRecordings(
            LessonRepository lessons, RideLog log, Recordings recordings, CueRepository cues, GroundRepository ground) {
        this.lessons = lessons;
        this.log = log;
        this.recordings = recordings;
        this.cues = cues;
        this.ground = ground;
    }

    /**
     * @param ridden all lessons of the pair, the oldest first
     * @param count so many of them were measured
     */
    void make(Pair pair, List<UUID> ridden, int count, long seed) {
        recordings.aim(pair.id(), BAND);
        List<UUID> measured = measured(ridden, count);
        for (int i = 0; i < measured.size(); i++) {
            Lesson lesson = lessons.find(measured.get(i)).orElseThrow();
            boolean isWhole = i >= measured.size() - WHOLE_LESSONS;
            double worse = 1 - 0.5 * i / Math.max(1, measured.size() - 1);
            measure(lesson, isWhole ? WHOLE_S : SOME_S, worse, seed + i);
        }
    }

    /** A sensor was borrowed now and then, and was there for the last two in three. */
    private static List<UUID> measured(List<UUID> ridden, int count) {
        int before = count / 3;
        int last = Math.max(0, ridden.size() - count + before);
        return Stream.concat(
                        IntStream.rangeClosed(1, before).mapToObj(i -> ridden.get(i * last / (before + 1))),
                        ridden.subList(last, ridden.size()).stream())
                .distinct()
                .toList();
    }

    private void measure(Lesson lesson, double mostS, double worse, long seed) {
        Ride ride = log.ride(lesson);
        Map<UUID, CueForRide> book = cues.byId(lesson.pair());
        long endedMs = lesson.endedAt().toEpochMilli();
        Instant began =
                Instant.ofEpochMilli(Math.max(lesson.startedAt().toEpochMilli(), endedMs - Math.round(1000 * mostS)));
        List<StandInSensor.Stretch> stretches = new ArrayList<>();
        double atS = 0;
        for (Ride.Segment segment : ride.segments()) {
            double fromS = Math.max(0, (segment.atMs() - began.toEpochMilli()) / 1000.0);
            double toS = (segment.endMs().orElse(endedMs) - began.toEpochMilli()) / 1000.0;
            if (toS > fromS) {
                // between two exercises she walks on a long rein
                add(stretches, fromS - atS, at(Gait.WALK, 0.35, 0));
                Optional<CueForRide> cue = segment.said().cue().map(id -> book.get(UUID.fromString(id)));
                if (cue.isPresent()) {
                    byCue(stretches, ride, segment, toS - fromS, cue.get().meaning());
                } else {
                    ridden(stretches, segment, toS - fromS, worse);
                }
                atS = toS;
            }
        }
        StandInSensor.Script script = StandInSensor.Script.of(RATE_HZ, stretches.toArray(StandInSensor.Stretch[]::new))
                .with(pulls(ride, began.toEpochMilli(), seed));
        if (ride.segments().stream().anyMatch(s -> s.said().from().isPresent())) {
            ground.rideInTheLargeOne(lesson.id(), began);
        }
        recordings.keep(lesson, NAME, began, StandInSensor.measure(script, seed));
    }

    /** What the hand did at each ask, a second and more before it was touched in: a light aid, or taking against the leg. */
    private static StandInSensor.Pull[] pulls(Ride ride, long beganMs, long seed) {
        SplittableRandom isLate = new SplittableRandom(seed);
        Map<String, Gait> gaits = ride.segments().stream().collect(toMap(Ride.Segment::id, Ride.Segment::gait));
        return ride.exchanges().stream()
                .flatMap(ask -> {
                    double atS = (ask.atMs() - beganMs) / 1000.0 - TOUCHED_LATE_S;
                    boolean isCanter = gaits.get(ask.segment()).equals(Gait.CANTER);
                    double lightKg = isCanter ? LIGHT_IN_CANTER_KG : LIGHT_KG;
                    double kg = AidUse.intoTheHand(ask.said()) ? TAKING_KG : lightKg;
                    boolean isHeldOn = !isCanter && kg == LIGHT_KG && isLate.nextInt(HELD_ON_ONCE_IN) == 0;
                    double heldS = isHeldOn ? HELD_ON_S : isCanter ? HELD_IN_CANTER_S : HELD_S;
                    return Stream.of(
                            new StandInSensor.Pull(atS, Side.LEFT, kg, heldS),
                            new StandInSensor.Pull(atS, Side.RIGHT, kg, heldS));
                })
                .filter(pull -> pull.atS() > 0)
                .toArray(StandInSensor.Pull[]::new);
    }

    private static void ridden(
            List<StandInSensor.Stretch> stretches, Ride.Segment segment, double seconds, double worse) {
        boolean isLengthened = segment.exercise().equals("straighten-lengthen");
        boolean leansHome = segment.exercise().equals("canter-trot") && segment.rein() == Rein.RIGHT;
        StandInSensor.Stretch base = at(segment.gait(), 1, 0);
        if (isLengthened) {
            double heavyS = HEAVY_FROM_M / TROT_MS;
            double growsKgS = (BAND.highKg() - base.rightKg()) / heavyS;
            add(stretches, Math.min(seconds, 2 * heavyS), at(segment.gait(), 1, growsKgS));
            add(stretches, seconds - 2 * heavyS, base);
        } else if (leansHome) {
            add(stretches, seconds, at(segment.gait(), 1, 2.5 * worse / Math.max(30, seconds)));
        } else {
            add(stretches, seconds, base);
        }
    }

    /** After a cue for quicker the beat is quicker for a while; after any other it stays. */
    private static void byCue(
            List<StandInSensor.Stretch> stretches, Ride ride, Ride.Segment segment, double seconds, String meaning) {
        StandInSensor.Stretch base = at(segment.gait(), 1, 0);
        StandInSensor.Stretch after = meaning.equals("quicker") ? quicker(base) : base;
        double atS = 0;
        for (Ride.Exchange ask : ride.exchanges()) {
            double aidS = (ask.atMs() - segment.atMs()) / 1000.0 - TOUCHED_LATE_S;
            if (ask.segment().equals(segment.id()) && aidS > atS && aidS + QUICKER_S < seconds) {
                add(stretches, aidS - atS, base);
                add(stretches, QUICKER_S, after);
                atS = aidS + QUICKER_S;
            }
        }
        add(stretches, seconds - atS, base);
    }

    private static StandInSensor.Stretch quicker(StandInSensor.Stretch base) {
        return new StandInSensor.Stretch(
                base.seconds(),
                QUICKER * base.beatsAMinute(),
                base.unevenness(),
                base.leftKg(),
                base.rightKg(),
                base.swingKg(),
                base.growsKgASecond());
    }

    private static void add(List<StandInSensor.Stretch> to, double seconds, StandInSensor.Stretch of) {
        if (seconds > 0) {
            to.add(new StandInSensor.Stretch(
                    seconds,
                    of.beatsAMinute(),
                    of.unevenness(),
                    of.leftKg(),
                    of.rightKg(),
                    of.swingKg(),
                    of.growsKgASecond()));
        }
    }

    /** As a horse of her height is mostly carried: trot 3 kg, walk a little less, canter one more (common practice, no source). */
    private static StandInSensor.Stretch at(Gait gait, double share, double growsKgS) {
        double kg = gait.equals(Gait.CANTER) ? 3.8 : gait.equals(Gait.TROT) ? 3 : 2.3;
        double beats = gait.equals(Gait.CANTER) ? 101 : gait.equals(Gait.TROT) ? 164 : 112;
        return new StandInSensor.Stretch(1, beats, 0.03, kg * share, 1.08 * kg * share, 0.45 * kg * share, growsKgS);
    }
}
