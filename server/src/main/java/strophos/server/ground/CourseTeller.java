package strophos.server.ground;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import strophos.core.arena.Arena;
import strophos.core.arena.Figure;
import strophos.core.arena.Pose;
import strophos.core.fence.Course;
import strophos.core.ground.FigureOfHorse;
import strophos.core.ground.Thing;
import strophos.core.stride.Pace;
import strophos.core.stride.Stride;
import strophos.core.stride.StrideOfHorse;

/** Tells what a course over the fences of a set-up measures. */
final class CourseTeller {

    private final Arena arena;
    private final List<HorseHere> horses;

    CourseTeller(Arena arena, List<HorseHere> horses) {
        this.arena = arena;
        this.horses = horses;
    }

    /** @param all things of the set-up, among them the fences it goes over */
    Laid course(WantedThing.OfCourse wanted, List<WantedThing> all) {
        List<Pose> gates = new ArrayList<>();
        for (WantedThing.Jump jump : wanted.over()) {
            WantedThing.OfFences fences = all.stream()
                    .filter(t -> t.id().equals(jump.fences()))
                    .flatMap(t -> Optional.ofNullable(t.fences()).stream())
                    .findFirst()
                    .orElseThrow(() -> new NotLaid(
                            GroundView.Refusal.NO_COURSE, "The course goes over fences that do not stand here."));
            gates.addAll(fences.thing().gates(jump.isReversed()));
        }
        if (gates.size() < 2 || gates.size() > Thing.OfCourse.MOST) {
            throw new NotLaid(GroundView.Refusal.NO_COURSE, "A course goes over 2 to 20 fences.");
        }
        Thing.OfCourse course = new Thing.OfCourse(gates, wanted.turnM().doubleValue());
        Figure line = course.line(arena);
        List<Figure> legs = course.legs(arena);
        List<GroundView.LegView> told = new ArrayList<>();
        for (int i = 0; i < legs.size(); i++) {
            told.add(leg(i + 1, legs.get(i)));
        }
        return new Laid(
                course,
                Parts.of(new GroundView.CourseView(
                        line.pieces().stream().map(PieceView::of).toList(),
                        line.lengthM(),
                        Course.allowedSeconds(line.lengthM(), wanted.speedMMin().doubleValue()),
                        told,
                        horses.stream().map(h -> horse(h, line)).toList())));
    }

    private GroundView.LegView leg(int from, Figure leg) {
        return new GroundView.LegView(
                from,
                leg.lengthM(),
                Math.toDegrees(leg.turningRad()),
                horses.stream()
                        .filter(h -> h.strides().containsKey(Pace.JUMPING))
                        .map(h -> new GroundView.LegHorse(
                                h.pair(),
                                Course.strides(
                                        leg.lengthM(),
                                        h.strides().get(Pace.JUMPING).lengthM())))
                        .toList());
    }

    private static GroundView.CourseHorse horse(HorseHere h, Figure line) {
        FigureOfHorse of = new FigureOfHorse(line, h.onGround());
        Optional<FigureOfHorse.TooTight> tooTight = of.tooTight();
        Optional<Stride> stride = Optional.ofNullable(h.strides().get(Pace.JUMPING))
                .filter(known -> tooTight.isEmpty())
                .flatMap(StrideOfHorse::stride);
        return new GroundView.CourseHorse(
                h.pair(),
                stride.map(of::seconds).orElse(null),
                tooTight.map(GroundTeller::view).orElse(null));
    }
}
