package strophos.server.pair;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.function.Function;
import strophos.core.stats.Interval;
import strophos.core.stats.Proportion;
import strophos.core.stats.Wilson;
import strophos.server.state.AskCounts;
import strophos.server.state.LessonsTogether;

/** YES on each rein and the strength asked, over all lessons and the asks of one strand under the pair's own rider. */
public final class TrendPoints {

    /** Points taken together for the line: one lesson's ten asks jump too much to be read. */
    static final int TOGETHER = 3;

    /** No more points, whatever the years: then each is several lessons. */
    public static final int MOST = 100;

    private TrendPoints() {}

    /**
     * One lesson, or so many that lie together; a rein that was not asked has {@code asks} 0.
     *
     * @param lesson the last of them, which began at {@code at}
     * @param strengthTogether mean level of the asks in it and the two points before together, 1 to 4
     */
    public record TrendPoint(
            UUID lesson, Instant at, int lessons, SideOfPoint left, SideOfPoint right, double strengthTogether) {}

    /**
     * YES of asks at the point, and at it and the two before together.
     *
     * @param tallied how many of {@code asks} were counted in tallies
     * @param low the lower end of the 95 % Wilson interval of the points together, in [0, 1]; {@code high} the upper
     */
    public record SideOfPoint(
            int yes, int asks, int tallied, int yesTogether, int asksTogether, double low, double high) {}

    public static List<TrendPoint> of(List<LessonsTogether> history) {
        List<TrendPoint> points = new ArrayList<>();
        for (int i = 0; i < history.size(); i++) {
            LessonsTogether now = history.get(i);
            List<LessonsTogether> together = history.subList(Math.max(0, i + 1 - TOGETHER), i + 1);
            int asks = together.stream().mapToInt(t -> t.both().asks()).sum();
            int strengths =
                    together.stream().mapToInt(t -> t.both().strengths()).sum();
            points.add(new TrendPoint(
                    now.last(),
                    now.at(),
                    now.lessons(),
                    side(now, together, LessonsTogether::left),
                    side(now, together, LessonsTogether::right),
                    (double) strengths / asks));
        }
        return points;
    }

    private static SideOfPoint side(
            LessonsTogether now, List<LessonsTogether> together, Function<LessonsTogether, AskCounts> of) {
        Proportion all = new Proportion(
                together.stream().map(of).mapToInt(AskCounts::yes).sum(),
                together.stream().map(of).mapToInt(AskCounts::asks).sum());
        Interval interval = Wilson.of(all);
        return new SideOfPoint(
                of.apply(now).yes(),
                of.apply(now).asks(),
                of.apply(now).tallied(),
                all.successes(),
                all.total(),
                interval.low(),
                interval.high());
    }
}
