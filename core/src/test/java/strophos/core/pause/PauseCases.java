package strophos.core.pause;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import strophos.core.judgement.Cases;
import strophos.core.judgement.Thresholds;

/** Both sides of every threshold of pausing (rules 8; common practice, no source). */
public final class PauseCases {

    private static final LocalDate DAY = LocalDate.of(2026, 3, 2);

    private PauseCases() {}

    public static Cases all() {
        return new Cases(PauseThresholds.SET)
                .with("bucks in one lesson", bucks(5), "rides on")
                .with("twice in one lesson is once", bucks(5, 5), "rides on")
                .with("in two lessons running", bucks(5, 6), "paused")
                .with("in the first and the last of three", bucks(5, 7), "paused")
                .with("in the first and the last of four", bucks(5, 8), "rides on")
                .with("the earlier one came in late", bucks(7, 5), "paused")
                .with("in three of five", bucks(1, 3, 5), "paused")
                .with("a fall two days ago is asked about", fallAgo(2), "asked about")
                .with("three days ago is not", fallAgo(3), "not");
    }

    private static Function<Thresholds, String> fallAgo(int days) {
        List<Occurrence> fall = List.of(new Occurrence.Sighting("f", StopSign.FALL, 0, DAY, "lesson", 1, 0));
        return t -> PauseFold.on(DAY.plusDays(days), fall, t).lately().isEmpty() ? "not" : "asked about";
    }

    /** Bucked in these lessons; asked two weeks later, when no day is over. */
    private static Function<Thresholds, String> bucks(int... lessons) {
        return t -> {
            List<Occurrence> seen = new ArrayList<>();
            for (int lesson : lessons) {
                seen.add(new Occurrence.Sighting(
                        "b" + seen.size(),
                        StopSign.BUCKS,
                        lesson,
                        DAY.plusDays(lesson),
                        "lesson " + lesson,
                        lesson,
                        seen.size()));
            }
            return PauseFold.on(DAY.plusDays(30), seen, t).isPaused() ? "paused" : "rides on";
        };
    }
}
