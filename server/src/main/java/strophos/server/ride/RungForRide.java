package strophos.server.ride;

import java.util.List;
import strophos.core.exchange.Gait;
import strophos.core.exchange.Place;
import strophos.core.exchange.WorkedSide;
import strophos.core.stair.RungState;
import strophos.server.stair.StairReader;

/**
 * One rung of a pair, as far as a lesson needs it: what its criterion still lacks is for the pair's page.
 *
 * @param works the side it works; one that works neither is told as a whole, on both alike
 */
record RungForRide(
        String rung,
        String strand,
        String exercise,
        String name,
        String shortName,
        Gait gait,
        Place place,
        RungState state,
        WorkedSide works,
        AnswersForRide left,
        AnswersForRide right) {

    /**
     * What was answered on one side of it, of what was asked last.
     *
     * @param tallied how many of {@code asks} were counted in tallies
     */
    record AnswersForRide(int successes, int asks, int tallied) {

        static AnswersForRide of(StairReader.SideOfStep side) {
            return new AnswersForRide(side.successes(), side.asks(), side.tallied());
        }
    }

    static List<RungForRide> all(List<StairReader.Step> steps) {
        return steps.stream()
                .map(s -> new RungForRide(
                        s.rung(),
                        s.strand(),
                        s.exercise(),
                        s.name(),
                        s.shortName(),
                        s.gait(),
                        s.place(),
                        s.state(),
                        s.works(),
                        AnswersForRide.of(s.left()),
                        AnswersForRide.of(s.right())))
                .toList();
    }
}
