package strophos.core.progress;

import java.util.List;
import java.util.stream.Stream;
import strophos.core.exchange.Mounted;
import strophos.core.exchange.Rein;

/**
 * What is known of one rung of one pair: its asks by lesson, lessons and asks in order, the last lesson being the one
 * judged. Lessons in which the rung was not ridden under the pair's own rider are left out.
 */
public record RungFacts(List<LessonAsks> lessons) {

    /** The asks of one lesson, in order. */
    public record LessonAsks(String lesson, List<Ask> asks) {
        public LessonAsks {
            asks = List.copyOf(asks);
        }

        List<Ask> on(Rein rein) {
            return asks.stream().filter(a -> a.rein() == rein).toList();
        }
    }

    public RungFacts {
        lessons = lessons.stream()
                .map(l -> new LessonAsks(
                        l.lesson(),
                        l.asks().stream()
                                .filter(a -> a.mounted() == Mounted.RIDER)
                                .toList()))
                .filter(l -> !l.asks().isEmpty())
                .toList();
    }

    /** The facts as they stood when the lesson before was judged. */
    RungFacts beforeLast() {
        return new RungFacts(lessons.subList(0, Math.max(0, lessons.size() - 1)));
    }

    /** The asks of the lesson judged; empty when the rung was never ridden. */
    List<Ask> lastLesson() {
        return lessons.isEmpty() ? List.of() : lessons.get(lessons.size() - 1).asks();
    }

    /** The last n asks over all lessons, on both reins and none. */
    List<Ask> last(int n) {
        return tail(lessons.stream().flatMap(l -> l.asks().stream()), n);
    }

    /** The last n asks over all lessons on this rein. */
    List<Ask> last(int n, Rein rein) {
        return tail(lessons.stream().flatMap(l -> l.on(rein).stream()), n);
    }

    private static List<Ask> tail(Stream<Ask> asks, int n) {
        List<Ask> all = asks.toList();
        return all.subList(Math.max(0, all.size() - n), all.size());
    }
}
