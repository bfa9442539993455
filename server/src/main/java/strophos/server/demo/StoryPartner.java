package strophos.server.demo;

import java.util.List;
import java.util.OptionalDouble;
import strophos.core.exchange.Mounted;
import strophos.core.exchange.Side;

/** Answers as the story has it for this rung, side and week. */
record StoryPartner(
        Story story, String strand, String exercise, Side side, int week, Mounted mounted, SimulatedAsks asks)
        implements LessonScript.Partner {

    private static final double USUAL_YES = 0.8;
    private static final double USUAL_STRENGTH = 1.75;

    @Override
    public SimulatedAsks.Result answer() {
        double yes = Story.of(story.yes(), strand, exercise, side, week, USUAL_YES);
        // the coach gets it at once, and more lightly
        return mounted == Mounted.COACH
                ? asks.next(Math.max(yes, 0.85), 1.4)
                : asks.next(yes, Story.of(story.strength(), strand, exercise, side, week, USUAL_STRENGTH));
    }

    @Override
    public List<Story.Shown> shown() {
        return mounted == Mounted.COACH
                ? List.of()
                : story.shown().stream()
                        .filter(s -> s.fits(strand, exercise, side, week))
                        .toList();
    }

    @Override
    public OptionalDouble conflict() {
        return mounted == Mounted.COACH
                ? OptionalDouble.empty()
                : story.conflicts().stream()
                        .filter(c -> c.fits(strand, exercise, side, week))
                        .mapToDouble(c -> c.in(week))
                        .findFirst();
    }

    @Override
    public OptionalDouble lightly() {
        return mounted == Mounted.COACH
                ? OptionalDouble.empty()
                : story.lightly().map(OptionalDouble::of).orElse(OptionalDouble.empty());
    }
}
