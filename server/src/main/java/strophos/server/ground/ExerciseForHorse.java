package strophos.server.ground;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import strophos.core.arena.Figure;
import strophos.core.exchange.Gait;
import strophos.core.fence.RelatedLine;
import strophos.core.ground.FigureOfHorse;
import strophos.core.plan.FigureKind;
import strophos.core.poles.Fan;
import strophos.core.stride.Pace;
import strophos.core.stride.PoleSpacing;
import strophos.core.stride.Stride;
import strophos.core.stride.StrideOfHorse;
import strophos.server.contract.CanBeNull;

/**
 * What the ground of an exercise is for one horse, wherever it is set up: what of it is not asked, or not known, is null.
 *
 * @param seconds once along a figure that is the same in every arena
 * @param steps as they are counted; strides in canter
 * @param poles how far apart, on the level
 * @param fan the middles of its poles on the circle of the exercise
 * @param jumpingM a stride to fences
 * @param lines how far apart fences stand for so many strides
 * @param isMeasured the stride was; else it is the usual of its height
 */
public record ExerciseForHorse(
        @CanBeNull Double seconds,
        @CanBeNull Double steps,
        @CanBeNull PoleSpacing poles,
        @CanBeNull FanOnCircle fan,
        @CanBeNull Double jumpingM,
        List<LineOfStrides> lines,
        boolean isMeasured) {

    /** Two fences. */
    record LineOfStrides(int strides, double distanceM) {}

    /**
     * A fan.
     *
     * @param middleM from where the poles point to
     */
    record FanOnCircle(double middleM, double gapDeg) {}

    /** As a fan is mostly laid, in metres from where it points to. */
    private static final double FAN_M = 6;

    /** Lines as they are mostly built. */
    private static final int FEWEST = 3;

    private static final int MOST = 6;

    /** Fences that are no cavaletti. */
    private static final double FENCE_M = 0.6;

    /**
     * @param line once round, or along it; empty where there is none to draw
     * @return empty where nothing is known of its strides, or nothing of the ground depends on them
     */
    public static Optional<ExerciseForHorse> of(FigureKind kind, Gait gait, Optional<Figure> line, HorseHere horse) {
        return switch (kind) {
            case POLE_LINE ->
                pace(gait)
                        .flatMap(p -> stride(horse, p))
                        .map(s -> new ExerciseForHorse(null, null, s.poles(), null, null, List.of(), isMeasured(s)));
            case POLE_FAN ->
                pace(gait)
                        .flatMap(p -> stride(horse, p))
                        .map(s -> new ExerciseForHorse(
                                null,
                                null,
                                s.poles(),
                                fan(
                                        s.poles().middleM(),
                                        line.map(Figure::smallestRadiusM).orElse(FAN_M)),
                                null,
                                List.of(),
                                isMeasured(s)));
            case FENCE_LINE, COURSE ->
                stride(horse, Pace.JUMPING)
                        .map(s -> new ExerciseForHorse(
                                null, null, null, null, s.lengthM(), lines(s.lengthM()), isMeasured(s)));
            case CIRCLE, FIGURE_EIGHT, CHANGE_IN_CIRCLE, SPIRAL, TWO_CONES ->
                line.flatMap(figure -> pace(gait).flatMap(pace -> along(figure, pace, horse)));
            // as long as the arena is, and nobody has said in which
            default -> Optional.empty();
        };
    }

    private static Optional<ExerciseForHorse> along(Figure figure, Pace pace, HorseHere horse) {
        FigureOfHorse of = new FigureOfHorse(figure, horse.onGround());
        if (of.tooTight().isPresent()) {
            return Optional.empty();
        }
        return stride(horse, pace)
                .flatMap(s -> s.stride()
                        .map(own -> pace.in(pace.usualVariant(), own))
                        .map((Stride ridden) -> new ExerciseForHorse(
                                of.seconds(ridden),
                                of.steps(pace, ridden),
                                null,
                                null,
                                null,
                                List.of(),
                                isMeasured(s))));
    }

    private static FanOnCircle fan(double stepM, double middleM) {
        Fan fan = Fan.forStep(2, stepM, middleM, Fan.USUAL_POLE_M);
        return new FanOnCircle(middleM, Math.toDegrees(fan.gapRad()));
    }

    private static List<LineOfStrides> lines(double strideM) {
        return IntStream.rangeClosed(FEWEST, MOST)
                .mapToObj(n -> new LineOfStrides(n, RelatedLine.distanceM(n, strideM, FENCE_M)))
                .toList();
    }

    private static Optional<StrideOfHorse> stride(HorseHere horse, Pace pace) {
        return Optional.ofNullable(horse.strides().get(pace));
    }

    private static boolean isMeasured(StrideOfHorse s) {
        return s.measuredOn().isPresent();
    }

    /** None of a gait of its own, of which no stride is measured. */
    private static Optional<Pace> pace(Gait gait) {
        return Stream.of(Pace.WALK, Pace.TROT, Pace.CANTER)
                .filter(p -> p.name().equals(gait.word()))
                .findFirst();
    }
}
