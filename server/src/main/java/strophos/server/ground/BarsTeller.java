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
    private final List<GroundTeller.HorseHere> horses;

    BarsTeller(Arena arena, Pace pace, List<GroundTeller.HorseHere> horses) {
        this.arena = arena;
        this.pace = pace;
        this.horses = horses;
    }

    /** A thing as it is laid, with what is told of it. */
    record ThingWithParts(Thing thing, GroundTeller.Parts parts) {}

    /** It cannot be laid as it was asked for. */
    static final class NotLaid extends RuntimeException {

        private final GroundView.Refusal refusal;

        NotLaid(GroundView.Refusal refusal, RuntimeException why) {
            super(why.getMessage(), why);
            this.refusal = refusal;
        }

        GroundView.Refusal refusal() {
            return refusal;
        }
    }

    ThingWithParts row(WantedThing.OfRow wanted) {
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
            throw new NotLaid(GroundView.Refusal.NO_ROW, e);
        }
        List<GroundView.RowHorse> rows = new ArrayList<>();
        for (GroundTeller.HorseHere h : horses) {
            Optional.ofNullable(h.strides().get(polesPace())).ifPresent(s -> {
                RowOfHorse row = RowOfHorse.of(apartM, s.poles(), wanted.isRaised(), rises);
                rows.add(new GroundView.RowHorse(h.pair(), row.own(), row.wideM()));
            });
        }
        return new ThingWithParts(thing, GroundTeller.Parts.of(new GroundView.RowView(apartM, rows)));
    }

    private static double orElse(BigDecimal asked, double otherwise) {
        return asked == null ? otherwise : asked.doubleValue();
    }

    /** Poles on the way to fences are canter poles. */
    private Pace polesPace() {
        return pace == Pace.JUMPING ? Pace.CANTER : pace;
    }

    ThingWithParts fan(WantedThing.OfFan wanted) {
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
            throw new NotLaid(GroundView.Refusal.NO_FAN, e);
        }
        GroundView.FanView view = new GroundView.FanView(
                Math.toDegrees(fan.gapRad()),
                fan.tapeM(rc - poleM / 2),
                fan.tapeM(rc),
                fan.tapeM(rc + poleM / 2),
                fan.leastLineM(),
                fan.mostLineM(),
                steps.stream()
                        .map(s -> new GroundView.FanHorse(
                                UUID.fromString(s.horse()),
                                s.stepM(),
                                fan.lineM(s.stepM()),
                                fan.isUsable(fan.lineM(s.stepM()))))
                        .toList());
        return new ThingWithParts(new Thing.OfFan(wanted.middle().pose(), fan), GroundTeller.Parts.of(view));
    }

    ThingWithParts fences(WantedThing.OfFences wanted) {
        List<GroundView.GapView> gaps = wanted.distancesM().stream()
                .map(d -> gap(new RelatedLine(d.doubleValue(), wanted.fenceM().doubleValue())))
                .toList();
        return new ThingWithParts(wanted.thing(), GroundTeller.Parts.of(new GroundView.FencesView(gaps)));
    }

    private GroundView.GapView gap(RelatedLine line) {
        List<GroundView.GapHorse> all = new ArrayList<>();
        for (GroundTeller.HorseHere h : horses) {
            Optional.ofNullable(h.strides().get(Pace.JUMPING)).ifPresent(s -> {
                double strides = line.strides(s.lengthM());
                int fewer = (int) Math.max(1, Math.floor(strides));
                all.add(new GroundView.GapHorse(
                        h.pair(), strides, List.of(line.in(fewer, s.lengthM()), line.in(fewer + 1, s.lengthM()))));
            });
        }
        return new GroundView.GapView(line.distanceM(), all);
    }
}
