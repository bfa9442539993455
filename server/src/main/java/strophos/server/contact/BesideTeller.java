package strophos.server.contact;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.DoubleStream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import strophos.catalogue.Catalogue;
import strophos.core.contact.BlockMeans;
import strophos.core.contact.Overview;
import strophos.core.contact.ReinSeries;
import strophos.core.contact.RiddenStretch;
import strophos.core.exchange.Gait;
import strophos.core.exchange.Place;
import strophos.core.exchange.Rein;
import strophos.core.record.Ride;
import strophos.server.contract.CanBeNull;
import strophos.server.lesson.Lesson;
import strophos.server.rein.Recording;
import strophos.server.rein.ReinRepository;
import strophos.server.rein.StoredChunk;
import strophos.server.ride.RideLog;

/** Lays what was measured on an earlier day beside a lesson of the same pair. */
@Service
@Transactional(readOnly = true)
class BesideTeller {

    private final ReinRepository reins;
    private final RideLog log;
    private final Catalogue catalogue;

    BesideTeller(ReinRepository reins, RideLog log, Catalogue catalogue) {
        this.reins = reins;
        this.log = log;
        this.catalogue = catalogue;
    }

    /** What is ridden alike. */
    private record Key(String exercise, Gait gait, Place place, Rein rein) {}

    /** Both reins by blocks, all stretches of a day together. */
    private record Blocks(double[] left, double[] right) {
        Blocks and(Blocks more) {
            return new Blocks(joined(left, more.left), joined(right, more.right));
        }

        private static double[] joined(double[] a, double[] b) {
            return DoubleStream.concat(Arrays.stream(a), Arrays.stream(b)).toArray();
        }
    }

    private record Measured(Recording recording, ReinSeries series) {}

    BesideView beside(Lesson lesson, Lesson earlier) {
        List<Measured> before = measured(earlier);
        Map<Key, Blocks> then = blocks(earlier, before);
        return new BesideView(
                earlier.startedAt() == null ? earlier.plannedAt() : earlier.startedAt(),
                before.stream().map(BesideTeller::drawn).toList(),
                blocks(lesson, measured(lesson)).entrySet().stream()
                        .filter(now -> then.containsKey(now.getKey()))
                        .map(now -> row(now.getKey(), then.get(now.getKey()), now.getValue()))
                        .filter(row -> row.left() != null || row.right() != null)
                        .toList());
    }

    private List<Measured> measured(Lesson lesson) {
        List<Recording> whole = reins.readable(List.of(lesson.id()));
        Map<UUID, List<StoredChunk>> chunks =
                reins.chunks(whole.stream().map(Recording::id).toList());
        return whole.stream()
                .map(r -> new Measured(r, r.series(chunks.getOrDefault(r.id(), List.of()))))
                .toList();
    }

    private Map<Key, Blocks> blocks(Lesson lesson, List<Measured> measured) {
        Map<Key, Blocks> all = new LinkedHashMap<>();
        if (measured.isEmpty()) {
            return all;
        }
        Ride ride = log.ride(lesson);
        for (Measured m : measured) {
            for (RiddenStretch s : RiddenStretch.all(
                    ride, m.series(), m.recording().startedAt().toEpochMilli(), Optional.empty())) {
                Ride.Segment of = s.segment();
                all.merge(
                        new Key(of.exercise(), of.gait(), of.place(), of.rein()),
                        new Blocks(s.contact().leftBlocks(), s.contact().rightBlocks()),
                        Blocks::and);
            }
        }
        return all;
    }

    private BesideView.RowView row(Key key, Blocks then, Blocks now) {
        return new BesideView.RowView(
                catalogue.nameOf(key.exercise()),
                key.gait(),
                key.place(),
                key.rein(),
                difference(then.left(), now.left()),
                difference(then.right(), now.right()));
    }

    @CanBeNull
    private static BesideView.DifferenceView difference(double[] then, double[] now) {
        return BlockMeans.between(then, now)
                .map(d -> new BesideView.DifferenceView(
                        Arrays.stream(then).average().orElseThrow(),
                        Arrays.stream(now).average().orElseThrow(),
                        d.interval().low(),
                        d.interval().high()))
                .orElse(null);
    }

    private static BesideView.DrawnView drawn(Measured m) {
        return new BesideView.DrawnView(
                m.recording().name(),
                m.series().seconds(),
                m.recording().rateHz(),
                ContactTeller.overview(Overview.of(m.series())));
    }
}
