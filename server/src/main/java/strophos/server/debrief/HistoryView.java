package strophos.server.debrief;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import strophos.core.exchange.Gait;
import strophos.core.exchange.Place;
import strophos.core.exchange.Side;
import strophos.core.exchange.WorkedSide;
import strophos.core.feel.FeelAgreement;
import strophos.core.forecast.Forecast;
import strophos.core.homework.Feel;
import strophos.core.progress.Decision;
import strophos.core.stair.RungState;
import strophos.server.contract.CanBeNull;
import strophos.server.homework.HomePractice;
import strophos.server.homework.ProgrammeSum;
import strophos.server.pair.TrendPoints;
import strophos.server.stair.PastDecision;

/**
 * A pair over months.
 *
 * @param rungs that its own rider was asked on
 * @param shown one of them; null before any ask
 * @param soft how soon the last lessons became soft, in order
 * @param feel null until enough lessons have both the rider's word and the counts
 * @param feelLessons lessons with both so far, of {@code feelNeeded}
 */
record HistoryView(
        UUID pair,
        String rider,
        String horse,
        List<RungName> rungs,
        @CanBeNull RungHistory shown,
        List<SoftLesson> soft,
        @CanBeNull FeelView feel,
        int feelLessons,
        int feelNeeded,
        List<ProgrammeView> programmes) {

    /** A rung, and how it stands. */
    record RungName(
            String rung,
            String name,
            Gait gait,
            Place place,
            @CanBeNull RungState state) {}

    /**
     * One rung over months.
     *
     * @param points its lessons in order; after many of them each is several
     * @param days on which it was worked, lessons and homework together, of those that are kept
     * @param changes of each side, as its last lesson stands
     * @param forecast null where the rung is passed, or nothing was asked on either side
     */
    record RungHistory(
            RungName of,
            WorkedSide works,
            List<TrendPoints.TrendPoint> points,
            List<DecisionOnDay> decisions,
            List<HomeworkDay> homework,
            int days,
            @CanBeNull LocalDate since,
            List<ChangeView> changes,
            @CanBeNull ForecastView forecast) {}

    record DecisionOnDay(Instant at, Decision chosen, Decision advised) {
        static DecisionOnDay of(PastDecision d) {
            return new DecisionOnDay(d.at(), d.chosen(), d.advised());
        }
    }

    record HomeworkDay(Instant at, Feel feel) {
        static HomeworkDay of(HomePractice p) {
            return new HomeworkDay(p.at(), p.feel());
        }
    }

    /**
     * When it may hold on this side, roughly.
     *
     * @param side the one that takes longer: a rung passes with the weaker
     * @param mayHoldNow nothing more is lacking, as far as practices say: a lesson shows it
     * @param practices in its record; the pair's own learning is read from {@code needed} on
     */
    record ForecastView(
            Side side, boolean mayHoldNow, List<RangeView> ranges, int practices, int needed, boolean isOwn) {

        static ForecastView of(Side side, Forecast f, int needed, LocalDate today) {
            return new ForecastView(
                    side,
                    f.ranges().stream()
                            .allMatch(r -> r.late().filter(today::equals).isPresent()),
                    f.ranges().stream().map(RangeView::of).toList(),
                    f.fit().practices(),
                    needed,
                    f.fit().isFitted());
        }
    }

    /** With so many days a week; eight of ten draws lie between early and late, null: not within two years. */
    record RangeView(
            int daysAWeek,
            @CanBeNull LocalDate early,
            @CanBeNull LocalDate likely,
            @CanBeNull LocalDate late) {

        static RangeView of(Forecast.Range r) {
            return new RangeView(
                    r.daysAWeek(),
                    r.early().orElse(null),
                    r.likely().orElse(null),
                    r.late().orElse(null));
        }
    }

    /** Seconds from the beginning to the first run of soft answers; null where none came. */
    record SoftLesson(Instant at, @CanBeNull Long seconds) {}

    /** @param kappa agreement beyond chance, in [−1, 1]; null where both only ever said the same */
    record FeelView(int lessons, int agreed, @CanBeNull Double kappa, double low, double high) {
        static FeelView of(FeelAgreement f) {
            return new FeelView(
                    f.lessons(),
                    f.agreed(),
                    f.kappa().isPresent() ? f.kappa().getAsDouble() : null,
                    f.interval().low(),
                    f.interval().high());
        }
    }

    /** A programme so far: minutes on both reins over all its practices. */
    record ProgrammeView(String name, Instant firstAt, int practices, int minutes) {
        static ProgrammeView of(ProgrammeSum p) {
            return new ProgrammeView(p.name(), p.firstAt(), p.practices(), p.seconds() / 60);
        }
    }
}
