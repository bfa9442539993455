package strophos.server.rein;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import strophos.core.contact.Band;
import strophos.core.contact.RiddenStretch;
import strophos.core.exchange.WorkedSide;
import strophos.core.record.Observations.RungObservation;
import strophos.core.record.Ride;
import strophos.core.stair.RungId;

/** Reads what sensors tell of the rungs of rides. */
@Component
public class ReinReader {

    private final ReinRepository recordings;

    ReinReader(ReinRepository recordings) {
        this.recordings = recordings;
    }

    /** A lesson's ride, and the pair that rode. */
    public record RideOf(UUID lesson, UUID pair, Ride ride) {}

    /**
     * Of each lesson that was measured, what was observed in the order it was ridden in; by the band the pair has now. The statements are
     * three at most, whatever the number of lessons, and one where none was measured.
     *
     * @param works the side of the horse that a rung works
     */
    public Map<UUID, List<RungObservation>> observed(List<RideOf> rides, Function<RungId, WorkedSide> works) {
        Map<UUID, RideOf> byLesson = rides.stream().collect(Collectors.toMap(RideOf::lesson, r -> r));
        Map<UUID, List<Recording>> measured =
                recordings.readable(byLesson.keySet()).stream().collect(Collectors.groupingBy(Recording::lesson));
        if (measured.isEmpty()) {
            return Map.of();
        }
        Map<UUID, Band> bands = recordings.bands(measured.keySet().stream()
                .map(l -> byLesson.get(l).pair())
                .distinct()
                .toList());
        measured.keySet().removeIf(l -> !bands.containsKey(byLesson.get(l).pair()));
        Map<UUID, List<StoredChunk>> chunks = recordings.chunks(measured.values().stream()
                .flatMap(List::stream)
                .map(Recording::id)
                .toList());
        Map<UUID, List<RungObservation>> all = new HashMap<>();
        measured.forEach((lesson, of) -> {
            RideOf ridden = byLesson.get(lesson);
            Optional<Band> band = Optional.of(bands.get(ridden.pair()));
            all.put(
                    lesson,
                    of.stream()
                            .flatMap(r -> stretches(r, chunks.getOrDefault(r.id(), List.of()), ridden.ride(), band))
                            .flatMap(s -> s.observed(works).stream())
                            .toList());
        });
        return all;
    }

    private static Stream<RiddenStretch> stretches(
            Recording r, List<StoredChunk> chunks, Ride ride, Optional<Band> band) {
        return RiddenStretch.all(ride, r.series(chunks), r.startedAt().toEpochMilli(), band).stream();
    }
}
