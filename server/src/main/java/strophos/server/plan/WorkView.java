package strophos.server.plan;

import strophos.core.load.Workload;
import strophos.server.contract.CanBeNull;

/**
 * What the horse did before this lesson, lessons and practice of all its riders.
 *
 * @param daysSince days since it was last ridden before this day; null when it was not in eight weeks
 * @param minutesToday ridden earlier today
 * @param weekLoad of the seven days before this one: minutes times effort, in arbitrary units
 * @param weekLoadBefore of the seven days before those
 */
public record WorkView(
        @CanBeNull Integer daysSince, int minutesToday, int minutesYesterday, int weekLoad, int weekLoadBefore) {

    static WorkView of(Workload work) {
        return new WorkView(
                work.daysSince().isEmpty() ? null : work.daysSince().getAsInt(),
                whole(work.minutesOn(work.day())),
                whole(work.minutesOn(work.day().minusDays(1))),
                whole(work.week()),
                whole(work.weekBefore()));
    }

    private static int whole(double value) {
        return (int) Math.round(value);
    }
}
