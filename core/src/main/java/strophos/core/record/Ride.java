package strophos.core.record;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.OptionalLong;
import java.util.stream.Stream;
import strophos.core.exchange.Gait;
import strophos.core.exchange.Mounted;
import strophos.core.exchange.Place;
import strophos.core.exchange.Rein;
import strophos.core.exchange.Response;
import strophos.core.exchange.Side;
import strophos.core.exchange.Strength;
import strophos.core.look.FirstLook;
import strophos.core.stair.RungId;
import strophos.core.welfare.GroundAndWeather;

/**
 * What a lesson's log says, read at one moment. Times are milliseconds since 1970 UTC, corrected for device clocks.
 *
 * @param startedAtMs when it first began; empty when no start is recorded
 * @param endedAtMs when it ended; empty while it goes on
 * @param segments in order
 * @param exchanges those whose segment is known, in order
 * @param notes in order
 * @param looks first looks in order; the last one counts
 * @param rests in order
 * @param marks seen or done beside the asks, whose segment or exchange is known, in order
 * @param stopSigns what ended the work, in order: also those somebody took back who may not
 * @param reinMs time in closed segments on each rein, in milliseconds; has all reins
 * @param pads counts by what was ridden, by key
 * @param loose exchanges and marks whose segment or exchange is not (or no longer) in the log: kept, counted nowhere
 * @param voided entries taken back
 * @param odd entries not understood, or that name no earlier entry: kept, counted nowhere
 */
public record Ride(
        OptionalLong startedAtMs,
        OptionalLong endedAtMs,
        List<Segment> segments,
        List<Exchange> exchanges,
        List<Note> notes,
        List<Look> looks,
        List<Rest> rests,
        List<Mark> marks,
        List<StopSigns.Sighting> stopSigns,
        Map<Rein, Long> reinMs,
        List<PadCounts> pads,
        List<String> loose,
        List<String> voided,
        List<String> odd) {

    public Ride {
        segments = List.copyOf(segments);
        exchanges = List.copyOf(exchanges);
        notes = List.copyOf(notes);
        looks = List.copyOf(looks);
        rests = List.copyOf(rests);
        marks = List.copyOf(marks);
        stopSigns = List.copyOf(stopSigns);
        reinMs = Map.copyOf(reinMs);
        pads = List.copyOf(pads);
        loose = List.copyOf(loose);
        voided = List.copyOf(voided);
        odd = List.copyOf(odd);
    }

    /** What was worn on the head, as the log says it last; empty where it does not say. */
    public Optional<String> headgear() {
        return marks.stream()
                .flatMap(m -> Counts.headgear(m.said(), Payload.HeadgearWorn::headgear).stream())
                .reduce((before, last) -> last);
    }

    /** How hard it was for the horse, 0 to 10, as the log says it last; empty where it does not say. */
    public OptionalInt effort() {
        return marks.stream()
                .flatMap(m -> Counts.load(m.said(), Payload.Effort::horse).stream())
                .mapToInt(horse -> horse)
                .reduce((before, last) -> last);
    }

    /** Ground and weather: of each, what was noted last. */
    public GroundAndWeather groundAndWeather() {
        List<Payload.Conditions> noted = marks.stream()
                .map(Mark::said)
                .filter(Payload.Conditions.class::isInstance)
                .map(Payload.Conditions.class::cast)
                .toList();
        return new GroundAndWeather(
                noted.stream().flatMap(c -> c.footing().stream()).reduce((a, b) -> b),
                last(noted.stream().map(Payload.Conditions::temperatureC)),
                last(noted.stream().map(Payload.Conditions::humidityPct)));
    }

    private static OptionalInt last(Stream<OptionalInt> noted) {
        return noted.filter(OptionalInt::isPresent).reduce(OptionalInt.empty(), (a, b) -> b);
    }

    /** A stretch with one exercise, gait, place, rein and person in the saddle; without an end it is still ridden. */
    public record Segment(String id, long atMs, OptionalLong endMs, Payload.Segment said) {

        public String exercise() {
            return said.exercise();
        }

        public Gait gait() {
            return said.gait();
        }

        public Place place() {
            return said.place();
        }

        public Rein rein() {
            return said.rein();
        }

        /** The side of the horse it is meant for, where the exercise leaves it open; else none. */
        public Side side() {
            return said.side().orElse(Side.NONE);
        }

        public RungId rung() {
            return new RungId(exercise(), gait(), place());
        }

        public Mounted mounted() {
            return said.mounted();
        }

        Segment until(long endMs) {
            return new Segment(id, atMs, OptionalLong.of(endMs), said);
        }
    }

    /** One ask. */
    public record Exchange(String id, long atMs, String author, Payload.Exchange said) {

        public String segment() {
            return said.segment();
        }

        public Strength strength() {
            return said.strength();
        }

        public Response response() {
            return said.response();
        }
    }

    /** One line in the coach's words. */
    public record Note(String id, long atMs, String author, String text) {}

    /** What was seen at the start. */
    public record Look(String id, long atMs, String author, FirstLook seen) {}

    /** Something seen or done beside the asks. */
    public record Mark(String id, long atMs, String author, Payload.Mark said) {}

    /** A stretch in which nothing was asked; without an end it goes on. */
    public record Rest(String id, long atMs, OptionalLong endMs) {}

    /**
     * How often each answer came at each strength.
     *
     * @param counts by strength (rows, 1 to 4), then response (columns, in the enum's order)
     */
    public record PadCounts(
            String exercise, Gait gait, Place place, Rein rein, Mounted mounted, List<List<Integer>> counts) {
        public PadCounts {
            counts = counts.stream().map(List::copyOf).toList();
        }

        /** The name under which pads are sorted and found. */
        public String key() {
            return exercise + "|" + gait + "|" + place + "|" + rein + "|" + mounted;
        }

        public int count(Strength strength, Response response) {
            return counts.get(strength.ordinal()).get(response.ordinal());
        }
    }
}
