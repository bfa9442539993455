package strophos.server.pair;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import strophos.core.exchange.Mounted;
import strophos.core.exchange.Rein;
import strophos.core.exchange.Response;
import strophos.core.stair.PairRecord;
import strophos.core.stats.Interval;
import strophos.core.stats.Proportion;
import strophos.core.stats.Wilson;

/** YES on each rein, lesson by lesson, over all asks under the pair's own rider. */
final class Trend {

    private Trend() {}

    /** One lesson; a rein that was not asked has {@code asks} 0. */
    record Point(UUID lesson, Instant at, SideOfPoint left, SideOfPoint right) {}

    /** YES of asks, with the ends of the 95 % Wilson interval, in [0, 1]. */
    record SideOfPoint(int yes, int asks, double low, double high) {}

    static List<Point> of(PairRecord record, List<PairRepository.LessonLine> latestFirst) {
        return latestFirst.stream()
                .sorted(java.util.Comparator.comparing(PairRepository.LessonLine::startedAt))
                .map(l -> new Point(
                        l.id(), l.startedAt(), side(record, l.id(), Rein.LEFT), side(record, l.id(), Rein.RIGHT)))
                .filter(p -> p.left().asks() + p.right().asks() > 0)
                .toList();
    }

    private static SideOfPoint side(PairRecord record, UUID lesson, Rein rein) {
        String id = lesson.toString();
        List<Response> responses = record.asks().stream()
                .filter(r -> r.lesson().equals(id)
                        && r.ask().rein() == rein
                        && r.ask().mounted() == Mounted.RIDER)
                .map(r -> r.ask().response())
                .toList();
        int yes = (int) responses.stream().filter(r -> r == Response.YES).count();
        Interval interval = Wilson.of(new Proportion(yes, responses.size()));
        return new SideOfPoint(yes, responses.size(), interval.low(), interval.high());
    }
}
