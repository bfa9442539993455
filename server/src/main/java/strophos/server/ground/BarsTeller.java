package strophos.server.ground;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import strophos.core.arena.Arena;
import strophos.core.arena.Pose;
import strophos.core.fence.RelatedLine;
import strophos.core.ground.Thing;
import strophos.core.poles.Fan;
import strophos.core.poles.RowOfHorse;
import strophos.core.poles.SharedFan;
import strophos.core.stride.Pace;
import strophos.core.stride.PoleSpacing;
import strophos.core.stride.StrideOfHorse;

/** Tells what poles and fences measure, and how they suit these horses. */
final class BarsTeller {

    private final Arena arena;
    private final Pace pace;
    private final List<HorseHere> horses;

    BarsTeller(Arena arena, Pace pace, List<HorseHere> horses) {
        this.arena = arena;
        this.pace = pace;
        this.horses = horses;
    }

    Laid row(WantedThing.OfRow wanted) {
        Pose first = wanted.first().pose();
        double rises = arena.slopePct() * Math.sin(first.headingRad());
        List<PoleSpacing> own = horses.stream()
                .flatMap(h -> Optional.ofNullable(h.strides().get(polesPace())).stream())
                .map(StrideOfHorse::poles)
                .toList();
        List<PoleSpacing> here = (own.isEmpty() ? List.of(polesPace().usualPoles(Pace.USUAL_HEIGHT_M)) : own)
                .stream()
                        .map(flat ->
                                RowOfHorse.of(1, flat, wanted.isRaised(), rises).own())
                        .toList();
        double apartM = orElse(wanted.apartM(), PoleSpacing.forAll(here));
        Thing thing;
        try {
            thing = new Thing.OfPoles(
                    first, wanted.poles(), apartM, wanted.poleM().doubleValue(), wanted.isRaised());
        } catch (IllegalArgumentException e) {
            throw new NotLaid(GroundView.Refusal.NO_ROW, e.getMessage());
        }
        List<GroundView.RowHorse> rows = new ArrayList<>();
        for (HorseHere h : horses) {
            Optional.ofNullable(h.strides().get(polesPace())).ifPresent(s -> {
                RowOfHorse row = RowOfHorse.of(apartM, s.poles(), wanted.isRaised(), rises);
                rows.add(new GroundView.RowHorse(h.pair(), row.own(), row.wideM()));
            });
        }
        return new Laid(thing, Parts.of(new GroundView.RowView(apartM, rows)));
    }

    private static double orElse(BigDecimal asked, double otherwise) {
        return asked == null ? otherwise : asked.doubleValue();
    }

    /** Poles on the way to fences are canter poles. */
    private Pace polesPace() {
        return pace == Pace.JUMPING ? Pace.CANTER : pace;
    }

    Laid fan(WantedThing.OfFan wanted) {
        double rc = wanted.middleM().doubleValue();
        double poleM = wanted.poleM().doubleValue();
        List<SharedFan.Step> steps = horses.stream()
                .filter(h -> h.strides().containsKey(polesPace()))
                .map(h -> new SharedFan.Step(
                        h.pair().toString(),
                        h.strides().get(polesPace()).poles().middleM()))
                .toList();
        Fan fan;
        try {
            if (wanted.gapDeg() != null) {
                fan = new Fan(wanted.poles(), Math.toRadians(wanted.gapDeg().doubleValue()), rc, poleM);
            } else if (steps.isEmpty()) {
                double usual = polesPace().usualPoles(Pace.USUAL_HEIGHT_M).middleM();
                fan = Fan.forStep(wanted.poles(), usual, rc, poleM);
            } else {
                fan = SharedFan.of(steps, wanted.poles(), rc, poleM).fan();
            }
        } catch (IllegalArgumentException e) {
            throw new NotLaid(GroundView.Refusal.NO_FAN, e.getMessage());
        }
        GroundView.FanView view = new GroundView.FanView(
                Math.toDegrees(fan.gapRad()),
                fan.tapeM(rc - poleM / 2),
                fan.tapeM(rc),
                fan.tapeM(rc + poleM / 2),
                fan.leastLineM(),
                fan.mostLineM(),
                fan.stepM(fan.leastLineM()),
                fan.stepM(fan.mostLineM()),
                steps.stream()
                        .map(s -> new GroundView.FanHorse(
                                UUID.fromString(s.horse()),
                                s.stepM(),
                                fan.lineM(s.stepM()),
                                fan.isUsable(fan.lineM(s.stepM()))))
                        .toList());
        return new Laid(new Thing.OfFan(wanted.middle().pose(), fan), Parts.of(view));
    }

    Laid fences(WantedThing.OfFences wanted) {
        List<GroundView.GapView> gaps = wanted.distancesM().stream()
                .map(d -> gap(new RelatedLine(d.doubleValue(), wanted.fenceM().doubleValue())))
                .toList();
        return new Laid(wanted.thing(), Parts.of(new GroundView.FencesView(gaps)));
    }

    private GroundView.GapView gap(RelatedLine line) {
        List<GroundView.GapHorse> all = new ArrayList<>();
        for (HorseHere h : horses) {
            Optional.ofNullable(h.strides().get(Pace.JUMPING)).ifPresent(s -> all.add(gap(h, line, s.lengthM())));
        }
        return new GroundView.GapView(line.distanceM(), all);
    }

    private static GroundView.GapHorse gap(HorseHere h, RelatedLine line, double ownM) {
        double strides = line.strides(ownM);
        if (line.isBounce(ownM)) {
            double least = RelatedLine.leastBounceM(ownM);
            double most = RelatedLine.mostBounceM(ownM);
            double d = line.distanceM();
            double wideM = d > most ? d - most : Math.min(0, d - least);
            return new GroundView.GapHorse(
                    h.pair(), strides, 0, List.of(), new GroundView.BounceView(least, most, wideM));
        }
        int fewer = (int) Math.max(1, Math.floor(strides));
        return new GroundView.GapHorse(
                h.pair(), strides, line.nearest(ownM), List.of(line.in(fewer, ownM), line.in(fewer + 1, ownM)), null);
    }
}
