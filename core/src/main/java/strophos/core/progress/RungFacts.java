package strophos.core.progress;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import strophos.core.exchange.Rein;

/**
 * What is known of one rung of one pair: its last lessons in order, the last being the one judged. Lessons in which the rung
 * was not ridden under the pair's own rider are left out. Sorted by rein once; looking back costs nothing.
 */
public final class RungFacts {

    /** A rung is judged by so many of its lessons, the last ones. Common practice, no source; every rule looks less far back. */
    public static final int LESSONS = 24;

    /** Never ridden. */
    public static final RungFacts NONE = new RungFacts(List.of());

    private final List<LessonFacts> lessons;
    private final Series all;
    private final Map<Rein, Series> byRein;

    /** Asks in order, and how many there were at each lesson's end. */
    private record Series(List<Ask> asks, int[] ends) {

        static Series empty(int lessons) {
            return new Series(new ArrayList<>(), new int[lessons]);
        }

        List<Ask> last(int n, int lessons) {
            int end = lessons == 0 ? 0 : ends[lessons - 1];
            return asks.subList(Math.max(0, end - n), end);
        }

        List<Ask> lesson(int i) {
            return asks.subList(i == 0 ? 0 : ends[i - 1], ends[i]);
        }
    }

    /** @param lessons in order, whoever rode; of those under the pair's own rider the last {@value #LESSONS} are kept */
    public RungFacts(List<LessonFacts> lessons) {
        this(lessons, Set.of());
    }

    /** @param notJudgedYet faults that are recorded on this rung but do not count there yet */
    public RungFacts(List<LessonFacts> lessons, Set<String> notJudgedYet) {
        List<LessonFacts> ridden = lessons.stream()
                .map(l -> l.underOwnRider().without(notJudgedYet))
                .filter(l -> !l.isEmpty())
                .toList();
        this.lessons = ridden.subList(Math.max(0, ridden.size() - LESSONS), ridden.size());
        int n = this.lessons.size();
        all = Series.empty(n);
        byRein = new EnumMap<>(Rein.class);
        for (Rein rein : Rein.values()) {
            byRein.put(rein, Series.empty(n));
        }
        for (int i = 0; i < n; i++) {
            for (Ask ask : this.lessons.get(i).asks()) {
                all.asks().add(ask);
                byRein.get(ask.rein()).asks().add(ask);
            }
            all.ends()[i] = all.asks().size();
            for (Series line : byRein.values()) {
                line.ends()[i] = line.asks().size();
            }
        }
    }

    private RungFacts(RungFacts whole, int lessons) {
        this.lessons = whole.lessons.subList(0, lessons);
        this.all = whole.all;
        this.byRein = whole.byRein;
    }

    public List<LessonFacts> lessons() {
        return lessons;
    }

    /** With one lesson more, which becomes the one judged; these same facts where nothing was ridden in it. */
    public RungFacts and(LessonFacts next) {
        if (next.underOwnRider().isEmpty()) {
            return this;
        }
        List<LessonFacts> more = new ArrayList<>(lessons);
        more.add(next);
        return new RungFacts(more);
    }

    public boolean isEmpty() {
        return lessons.isEmpty();
    }

    /** The facts as they stood when the lesson before was judged. */
    RungFacts beforeLast() {
        return upTo(lessons.size() - 1);
    }

    /** The facts as they stood after the first n lessons; none for n under 0. */
    RungFacts upTo(int n) {
        return new RungFacts(this, Math.max(0, n));
    }

    /** The asks of the lesson judged; empty when the rung was never ridden. */
    public List<Ask> lastLesson() {
        return lessons.isEmpty() ? List.of() : all.lesson(lessons.size() - 1);
    }

    /** The asks of the lesson judged, on this rein. */
    List<Ask> lastLesson(Rein rein) {
        return lessons.isEmpty() ? List.of() : byRein.get(rein).lesson(lessons.size() - 1);
    }

    /** The last n asks over all lessons, on both reins and none. */
    List<Ask> last(int n) {
        return all.last(n, lessons.size());
    }

    /** The last n asks over all lessons on this rein. */
    List<Ask> last(int n, Rein rein) {
        return byRein.get(rein).last(n, lessons.size());
    }
}
