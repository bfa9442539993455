package strophos.server.ground;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import strophos.core.arena.Shape;
import strophos.core.exchange.Side;
import strophos.core.fence.RelatedLine;
import strophos.core.ground.Caution;
import strophos.core.ground.FigureOfHorse;
import strophos.core.ground.SpotKind;
import strophos.core.stride.PoleSpacing;
import strophos.server.contract.CanBeNull;

/**
 * What a set-up measures, and how it suits the horses that were asked for. Metres, degrees, seconds.
 *
 * @param things in the order in which they were asked for
 */
public record GroundView(ArenaView arena, List<HorseView> horses, List<ThingView> things) {

    /**
     * An arena to scale.
     *
     * @param id of the yard, or the name of a standard one
     * @param name null for a standard one
     * @param letters and landmarks, by name
     */
    record ArenaView(
            String id,
            @CanBeNull String name,
            Shape shape,
            double widthM,
            double lengthM,
            double slopePct,
            Map<String, PointView> letters) {}

    record PointView(double x, double y) {}

    /**
     * A horse on this ground.
     *
     * @param evenLeftM the smallest circle on which it stays even to the left; null where nobody looked, 0 where on none
     * @param stride in the gait and variant asked for; null where neither measured nor its height known
     * @param jumping the same to fences
     */
    record HorseView(
            UUID pair,
            String horse,
            String rider,
            @CanBeNull Integer heightCm,
            @CanBeNull Integer evenLeftM,
            @CanBeNull Integer evenRightM,
            @CanBeNull StrideView stride,
            @CanBeNull StrideView jumping) {}

    /**
     * @param stepM as it is counted: a step in walk and trot, a stride in canter
     * @param speedMs null where neither a watch nor the height tells it
     * @param measuredOn null where it is the usual of its height
     */
    record StrideView(
            double lengthM,
            double stepM,
            @CanBeNull Double speedMs,
            @CanBeNull LocalDate measuredOn,
            boolean isOld) {}

    /** Why a thing is not drawn as it was asked for. */
    enum Refusal {
        LEAVES,
        NO_ROOM,
        NO_LONG_SIDE,
        NO_LETTER,
        LETTER_OUTSIDE,
        NOT_ON_TRACK,
        WIDENS,
        /** A fan's poles lie nearer to its middle than half their length, or go round more than once. */
        NO_FAN,
        /** From a letter to itself there is no way. */
        NO_WAY,
        /** No row is laid for such a step: it was measured wrong. */
        NO_ROW,
        /** A fence of the course does not stand, or there are too few of them, or too many. */
        NO_COURSE
    }

    /** @param where null where it is no one place */
    record RefusalView(Refusal code, @CanBeNull PointView where) {}

    record BarView(double x1, double y1, double x2, double y2) {}

    /** A tape from a named place; in metres, and in the paces of whoever asks. */
    record TapeView(String from, double metres, double paces) {}

    /**
     * Which of two places is meant, where the same tapes meet twice in the arena: the one nearer to this letter, or the one further off.
     */
    record WhichView(String letter, boolean isNearer) {}

    /**
     * A place to set out.
     *
     * @param tapes two; none where no two named places give a crossing
     */
    record SpotView(
            SpotKind kind,
            int number,
            double x,
            double y,
            List<TapeView> tapes,
            @CanBeNull WhichView which) {}

    /**
     * A thing of the set-up: just the part that was asked for is there, and nothing where it was refused outright.
     *
     * @param cautions to be read before it is ridden
     * @param refusal null where it can be ridden and set out as asked
     * @param inTheWayOf things of the set-up that cannot be ridden while this stands, or the other way round
     */
    record ThingView(
            String id,
            @CanBeNull RefusalView refusal,
            List<Caution> cautions,
            List<String> inTheWayOf,
            List<BarView> bars,
            List<SpotView> spots,
            @CanBeNull FigureView figure,
            @CanBeNull RowView row,
            @CanBeNull FanView fan,
            @CanBeNull FencesView fences,
            @CanBeNull CourseView course,
            @CanBeNull YieldView sideways,
            @CanBeNull QuartersView quarters) {

        static ThingView refused(String id, RefusalView why) {
            return of(id, why, List.of(), List.of(), List.of(), Parts.NONE);
        }

        static ThingView of(
                String id,
                RefusalView refusal,
                List<Caution> cautions,
                List<BarView> bars,
                List<SpotView> spots,
                Parts p) {
            return new ThingView(
                    id,
                    refusal,
                    cautions,
                    List.of(),
                    bars,
                    spots,
                    p.figure(),
                    p.row(),
                    p.fan(),
                    p.fences(),
                    p.course(),
                    p.sideways(),
                    p.quarters());
        }

        /** As it is drawn: where nothing is set out, nobody needs a tape. */
        ThingView withoutTapes() {
            List<SpotView> drawn = spots.stream()
                    .filter(s -> s.kind() == SpotKind.MIDDLE || s.kind() == SpotKind.CHANGE)
                    .map(s -> new SpotView(s.kind(), s.number(), s.x(), s.y(), List.of(), null))
                    .toList();
            return new ThingView(
                    id,
                    refusal,
                    cautions,
                    inTheWayOf,
                    bars,
                    drawn,
                    figure,
                    row,
                    fan,
                    fences,
                    course,
                    sideways,
                    quarters);
        }

        ThingView besides(List<String> others) {
            return new ThingView(
                    id, refusal, cautions, others, bars, spots, figure, row, fan, fences, course, sideways, quarters);
        }
    }

    /**
     * @param bendChangesM how far along the bend changes
     * @param leftM metres bent to the left
     */
    record FigureView(
            List<PieceView> pieces,
            double lengthM,
            List<Double> bendChangesM,
            double leftM,
            double rightM,
            List<FigureHorse> horses) {}

    /**
     * A figure as one horse goes it.
     *
     * @param bendsDeg of each piece, above 0 to the left; empty where its height is not known
     * @param mostBendDeg null with them
     * @param tooTight why it is refused to this horse: then nothing is told of how it would go it
     * @param steps as they are counted; strides in canter
     * @param fewerM how much longer a stride is with one fewer
     * @param moreM how much shorter with one more
     * @param rightLegsMoreM how much further the right legs go; null where its height is not known
     */
    record FigureHorse(
            UUID pair,
            List<Double> bendsDeg,
            @CanBeNull Double mostBendDeg,
            @CanBeNull TightView tooTight,
            @CanBeNull Double seconds,
            @CanBeNull Double steps,
            @CanBeNull Double fewerM,
            @CanBeNull Double moreM,
            @CanBeNull Double rightLegsMoreM) {}

    record TightView(PointView where, Side side, double diameterM, double leastM, FigureOfHorse.Reason reason) {}

    record RowView(double apartM, List<RowHorse> horses) {}

    /** @param wideM how much too wide the poles lie for it, below 0 too close, 0 where they suit */
    record RowHorse(UUID pair, PoleSpacing own, double wideM) {}

    /**
     * @param innerM tape between the inner ends of two poles
     * @param middleM the same between their middles
     * @param leastLineM the nearest line that is usable, from the middle the fan points to: the shortest ride
     * @param leastStepM on it
     */
    record FanView(
            double gapDeg,
            double innerM,
            double middleM,
            double outerM,
            double leastLineM,
            double mostLineM,
            double leastStepM,
            double mostStepM,
            List<FanHorse> horses) {}

    /**
     * @param lineM where it goes, from the middle the fan points to
     * @param fits within the usable middle of the poles; otherwise it needs a row of its own at its step
     */
    record FanHorse(UUID pair, double stepM, double lineM, boolean fits) {}

    /** @param gaps between the fences, one after the other */
    record FencesView(List<GapView> gaps) {}

    record GapView(double distanceM, List<GapHorse> horses) {}

    /**
     * @param strides of its own length that lie between the fences, as they are
     * @param nearest the whole number that suits best; 0 for a bounce
     * @param counts the two whole numbers next to it; none for a bounce
     * @param bounce null where there is a stride between
     */
    record GapHorse(
            UUID pair,
            double strides,
            int nearest,
            List<RelatedLine.Count> counts,
            @CanBeNull BounceView bounce) {}

    /**
     * How far apart a bounce stands for this horse.
     *
     * @param wideM how much too wide it is, below 0 too close, 0 where it suits
     */
    record BounceView(double leastM, double mostM, double wideM) {}

    /**
     * A course over fences that stand.
     *
     * @param allowedS at the speed asked for
     * @param legs from each fence to the next
     */
    record CourseView(
            List<PieceView> pieces, double lengthM, double allowedS, List<LegView> legs, List<CourseHorse> horses) {}

    /**
     * @param from number of the fence it leaves, from 1 in the order in which they are jumped
     * @param turnDeg how far it turns, above 0 to the left; 0 in a line
     */
    record LegView(int from, double lengthM, double turnDeg, List<LegHorse> horses) {}

    /** @param strides of its own length, as they are; below 0.5 a bounce */
    record LegHorse(UUID pair, double strides) {}

    /**
     * @param seconds at its own speed to fences; null where that is not known, or it is refused
     * @param tooTight why it is refused to this horse: the first turn that is
     */
    record CourseHorse(
            UUID pair, @CanBeNull Double seconds, @CanBeNull TightView tooTight) {}

    /**
     * A line ridden sideways.
     *
     * @param sideShare sideways as a share of forward and sideways together
     * @param isForTeaching as steep as one teaches it
     * @param ends the letters to which a line from the same start is as steep as one teaches it, the flattest first
     */
    record YieldView(
            PointView from,
            PointView to,
            double sideShare,
            double angleDeg,
            double lengthM,
            boolean isForTeaching,
            List<YieldEnd> ends) {}

    record YieldEnd(String to, double sideShare, double angleDeg, double lengthM) {}

    /**
     * Quarters in on a circle.
     *
     * @param fore the line of the forehand
     * @param hind the line of the quarters
     */
    record QuartersView(List<PieceView> fore, List<PieceView> hind, List<QuartersHorse> horses) {}

    /**
     * @param foreToHindM from fore to hind feet, by its height
     * @param angleDeg how far the quarters come in; null where its height is not known, or no horse of its length reaches so far in
     * @param hindFor30M the circle of the quarters, across, for 30 degrees; null where it cannot do as much here
     */
    record QuartersHorse(
            UUID pair,
            @CanBeNull Double foreToHindM,
            @CanBeNull Double angleDeg,
            @CanBeNull Double hindFor30M) {}
}
