package strophos.core.progress;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import strophos.core.exchange.Side;
import strophos.core.exchange.WorkedSide;

/**
 * What is known of one rung of one pair: its last lessons in order, the last being the one judged. Lessons in which the rung
 * was not ridden under the pair's own rider are left out. Sorted by side once; looking back costs nothing.
 */
public final class RungFacts {

    /** A rung is judged by so many of its lessons, the last ones. Common practice, no source; every rule looks less far back. */
    public static final int LESSONS = 24;

    private final List<LessonFacts> lessons;
    private final List<Side> sides;
    private final Series all;
    private final Map<Side, Series> bySide;

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

    /**
     * @param works the side of the horse the rung works, by which it is judged apart
     * @param lessons in order, whoever rode; of those under the pair's own rider the last {@value #LESSONS} are kept
     */
    public RungFacts(WorkedSide works, List<LessonFacts> lessons) {
        this(works, lessons, Set.of());
    }

    /** Never ridden. */
    public static RungFacts none(WorkedSide works) {
        return new RungFacts(works, List.of());
    }

    /** @param notJudgedYet faults that are recorded on this rung but do not count there yet */
    public RungFacts(WorkedSide works, List<LessonFacts> lessons, Set<String> notJudgedYet) {
        this(works.sides(), lessons, notJudgedYet);
    }

    private RungFacts(List<Side> sides, List<LessonFacts> lessons, Set<String> notJudgedYet) {
        this.sides = sides;
        List<LessonFacts> ridden = lessons.stream()
                .map(l -> l.underOwnRider().without(notJudgedYet))
                .filter(l -> !l.isEmpty())
                .toList();
        this.lessons = ridden.subList(Math.max(0, ridden.size() - LESSONS), ridden.size());
        int n = this.lessons.size();
        all = Series.empty(n);
        bySide = new EnumMap<>(Side.class);
        for (Side side : Side.values()) {
            bySide.put(side, Series.empty(n));
        }
        for (int i = 0; i < n; i++) {
            for (Ask ask : this.lessons.get(i).asks()) {
                all.asks().add(ask);
                bySide.get(ask.side()).asks().add(ask);
            }
            all.ends()[i] = all.asks().size();
            for (Series line : bySide.values()) {
                line.ends()[i] = line.asks().size();
            }
        }
    }

    /** Only what was touched in ask by ask: what a streak may be counted from. */
    RungFacts touched() {
        if (all.asks().stream().noneMatch(Ask::isTallied)) {
            return this;
        }
        return new RungFacts(sides, lessons.stream().map(LessonFacts::touched).toList(), Set.of());
    }

    private RungFacts(RungFacts whole, int lessons) {
        this.sides = whole.sides;
        this.lessons = whole.lessons.subList(0, lessons);
        this.all = whole.all;
        this.bySide = whole.bySide;
    }

    /** What is judged apart: left and right, or the whole. */
    List<Side> sides() {
        return sides;
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
        return new RungFacts(sides, more, Set.of());
    }

    /** Whether this lesson, which is the one judged, gave something that the criterion looks at beside the asks. */
    public boolean isObservedIn(String lesson, Criterion criterion) {
        return !lessons.isEmpty()
                && lessons.get(lessons.size() - 1).lesson().equals(lesson)
                && lessons.get(lessons.size() - 1).observed().stream().anyMatch(criterion::looksAt);
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

    /** The asks of the lesson judged, on this side. */
    List<Ask> lastLesson(Side side) {
        return lessons.isEmpty() ? List.of() : bySide.get(side).lesson(lessons.size() - 1);
    }

    /** The last n asks over all lessons, on both sides and none. */
    List<Ask> last(int n) {
        return all.last(n, lessons.size());
    }

    /** The last n asks over all lessons on this side. */
    List<Ask> last(int n, Side side) {
        return bySide.get(side).last(n, lessons.size());
    }
}
