package strophos.server.pair;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import strophos.core.exchange.Mounted;
import strophos.core.exchange.Rein;
import strophos.core.progress.Ask;
import strophos.core.progress.ReinSummary;
import strophos.core.stair.PairRecord;

/** YES on each rein and the strength asked, lesson by lesson, over the asks of one strand under the pair's own rider. */
final class Trend {

    /** Lessons taken together for the line: one lesson's ten asks jump too much to be read. */
    static final int TOGETHER = 3;

    private Trend() {}

    /**
     * One lesson; a rein that was not asked has {@code asks} 0.
     *
     * @param strengthTogether mean level of the asks in it and the two before together, 1 to 4
     */
    record Point(UUID lesson, Instant at, SideOfPoint left, SideOfPoint right, double strengthTogether) {}

    /**
     * YES of asks in the lesson, and in it and the two before together.
     *
     * @param low the lower end of the 95 % Wilson interval of the lessons together, in [0, 1]; {@code high} the upper
     */
    record SideOfPoint(int yes, int asks, int yesTogether, int asksTogether, double low, double high) {}

    private record Ridden(PairRepository.LessonLine lesson, List<Ask> asks) {}

    static List<Point> of(PairRecord record, List<PairRepository.LessonLine> lessons) {
        List<Ridden> ridden = lessons.stream()
                .sorted(Comparator.comparing(PairRepository.LessonLine::startedAt))
                .map(l -> new Ridden(l, asks(record, l.id())))
                .filter(r -> !r.asks().isEmpty())
                .toList();
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < ridden.size(); i++) {
            Ridden now = ridden.get(i);
            List<Ask> together = ridden.subList(Math.max(0, i + 1 - TOGETHER), i + 1).stream()
                    .flatMap(r -> r.asks().stream())
                    .toList();
            points.add(new Point(
                    now.lesson().id(),
                    now.lesson().startedAt(),
                    side(now.asks(), together, Rein.LEFT),
                    side(now.asks(), together, Rein.RIGHT),
                    together.stream()
                            .mapToInt(a -> a.strength().level())
                            .average()
                            .orElseThrow()));
        }
        return points;
    }

    private static List<Ask> asks(PairRecord record, UUID lesson) {
        String id = lesson.toString();
        return record.asks().stream()
                .filter(r -> r.lesson().equals(id) && r.ask().mounted() == Mounted.RIDER)
                .map(PairRecord.Ridden::ask)
                .toList();
    }

    private static SideOfPoint side(List<Ask> asks, List<Ask> together, Rein rein) {
        ReinSummary one = ReinSummary.of(rein, asks);
        ReinSummary all = ReinSummary.of(rein, together);
        return new SideOfPoint(
                one.yes().successes(),
                one.yes().of(),
                all.yes().successes(),
                all.yes().of(),
                all.interval().low(),
                all.interval().high());
    }
}
