package strophos.server.ground;

import java.util.List;
import java.util.function.Supplier;
import strophos.core.arena.Arena;
import strophos.core.arena.NotRiddenHere;
import strophos.core.arena.Point;
import strophos.core.ground.Thing;
import strophos.core.sideways.QuartersIn;
import strophos.core.sideways.Yield;

/** Tells what is ridden on two tracks. */
final class SidewaysTeller {

    private final Arena arena;
    private final List<HorseHere> horses;

    SidewaysTeller(Arena arena, List<HorseHere> horses) {
        this.arena = arena;
        this.horses = horses;
    }

    Laid sideways(WantedThing.OfYield wanted) {
        Point from = inside(wanted.from());
        Point to = inside(wanted.to());
        if (from.distanceM(to) == 0) {
            throw new NotLaid(GroundView.Refusal.NO_WAY, "From %s to itself there is no way.".formatted(wanted.from()));
        }
        Yield line = Yield.between(arena, wanted.from(), wanted.to());
        GroundView.YieldView view = new GroundView.YieldView(
                GroundTeller.view(from),
                GroundTeller.view(to),
                line.sideShare(),
                Math.toDegrees(line.angleRad()),
                line.lengthM(),
                line.sideShare() >= Yield.LEAST_SIDE_SHARE && line.sideShare() <= Yield.MOST_SIDE_SHARE,
                Yield.ends(arena, wanted.from(), Yield.LEAST_SIDE_SHARE, Yield.MOST_SIDE_SHARE).stream()
                        .map(y -> new GroundView.YieldEnd(
                                y.to(), y.sideShare(), Math.toDegrees(y.angleRad()), y.lengthM()))
                        .toList());
        return new Laid(new Thing.OfYield(wanted.from(), wanted.to()), Parts.of(view));
    }

    private Point inside(String letter) {
        Point at = arena.place(letter);
        if (!arena.holds(at)) {
            throw new NotRiddenHere(
                    NotRiddenHere.Reason.LETTER_OUTSIDE, "%s stands outside the arena.".formatted(letter));
        }
        return at;
    }

    Laid quarters(Thing.OfQuarters thing) {
        double foreM = thing.fore().sizeM() / 2;
        GroundView.QuartersView view = new GroundView.QuartersView(
                thing.fore().laid(arena).pieces().stream().map(PieceView::of).toList(),
                thing.hind(arena).pieces().stream().map(PieceView::of).toList(),
                horses.stream().map(h -> quarters(h, foreM, thing.hindM() / 2)).toList());
        return new Laid(thing, Parts.of(view));
    }

    private static GroundView.QuartersHorse quarters(HorseHere h, double foreM, double hindM) {
        if (h.heightCm().isEmpty()) {
            return new GroundView.QuartersHorse(h.pair(), null, null, null);
        }
        double w = QuartersIn.FORE_TO_HIND_PER_HEIGHT * h.heightCm().getAsInt() / 100;
        return new GroundView.QuartersHorse(
                h.pair(),
                w,
                orNull(() -> Math.toDegrees(QuartersIn.angleRad(foreM, hindM, w))),
                orNull(() -> 2 * QuartersIn.hindRadiusM(foreM, QuartersIn.AIMED_AT_RAD, w)));
    }

    /** Null where the horse cannot do it. */
    private static Double orNull(Supplier<Double> value) {
        try {
            return value.get();
        } catch (IllegalArgumentException e) {
            return null;
        }
    }
}
