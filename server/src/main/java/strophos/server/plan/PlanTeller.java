package strophos.server.plan;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import strophos.catalogue.Catalogue;
import strophos.catalogue.Exercise;
import strophos.core.bend.Bend;
import strophos.core.bend.CircleSizes;
import strophos.core.exchange.Rein;
import strophos.core.plan.Alternative;
import strophos.core.plan.Block;
import strophos.core.plan.Plan;
import strophos.core.plan.PlanChange;
import strophos.core.plan.PlanLimits;
import strophos.core.stair.RungId;
import strophos.server.ground.HorseHere;
import strophos.server.library.Asides;

/** Tells a plan as it is sent: names, figures, bends. */
@Component
class PlanTeller {

    private final Catalogue catalogue;
    private final Asides asides;

    PlanTeller(Catalogue catalogue, Asides asides) {
        this.catalogue = catalogue;
        this.asides = asides;
    }

    /** Names of strands that the yard made itself, by their ids. */
    Map<String, String> strandNames() {
        return catalogue.strandNames();
    }

    /**
     * @param lengthM of the horse, poll to dock; empty when its height is not known
     * @param horse for which the ground is told; empty for one that nobody has met
     */
    PlanView view(Plan plan, OptionalDouble lengthM, Optional<HorseHere> horse) {
        return new PlanView(
                plan.book(),
                plan.focus(),
                plan.blocks().stream().map(b -> block(b, lengthM, horse)).toList(),
                plan.beforeS(),
                plan.workS(),
                plan.restS(),
                plan.afterS(),
                plan.secondsOn(Rein.LEFT),
                plan.secondsOn(Rein.RIGHT),
                plan.notes().stream()
                        .map(n -> new PlanView.NoteView(n.code(), n.code().isGrave(), named(n.values())))
                        .toList(),
                kit(plan),
                helpers(plan),
                plan.later().stream().map(this::later).toList());
    }

    private List<PlanView.KitView> kit(Plan plan) {
        return exercises(plan)
                .flatMap(e -> e.needs().kit().stream())
                .map(k -> new PlanView.KitView(k.item(), k.substitute().orElse(null)))
                .distinct()
                .toList();
    }

    /** The coach is there anyway. */
    private List<PlanView.HelperView> helpers(Plan plan) {
        return exercises(plan)
                .filter(e -> e.needs().people() == Exercise.People.SECOND_PERSON
                        || e.needs().people() == Exercise.People.ASSISTANT)
                .map(e -> new PlanView.HelperView(e.needs().people(), e.name()))
                .toList();
    }

    private Stream<Exercise> exercises(Plan plan) {
        return plan.blocks().stream().map(b -> b.rung().exercise()).distinct().map(this::exercise);
    }

    private PlanView.LaterView later(Plan.Later w) {
        return w instanceof Plan.Later.OfLook found
                ? new PlanView.LaterView(found.focus(), null)
                : new PlanView.LaterView(null, named(((Plan.Later.OfStair) w).rung()));
    }

    PlanView.AlternativeView alternative(Alternative a) {
        return new PlanView.AlternativeView(
                a.kind(),
                parts(PlanChange.parts(a.plan())),
                a.plan().workS(),
                a.givesUp().stream().map(this::cost).toList(),
                WantedBlock.of(a.plan()));
    }

    private PlanView.CostView cost(Alternative.Cost cost) {
        if (cost instanceof Alternative.Cost.NotLearnt c) {
            return cost(PlanView.CostCode.NOT_LEARNT, "rung", c.rung().toString());
        } else if (cost instanceof Alternative.Cost.LessWork c) {
            return cost(PlanView.CostCode.LESS_WORK, "minutes", String.valueOf(c.minutes()));
        } else if (cost instanceof Alternative.Cost.Left c) {
            return cost(PlanView.CostCode.LEFT, "focus", c.focus().name());
        }
        return cost(
                PlanView.CostCode.NOT_RIDDEN,
                "rung",
                ((Alternative.Cost.NotRidden) cost).rung().toString());
    }

    private PlanView.CostView cost(PlanView.CostCode code, String name, String value) {
        return new PlanView.CostView(code, named(Map.of(name, value)));
    }

    private PlanView.BlockView block(Block b, OptionalDouble lengthM, Optional<HorseHere> horse) {
        Exercise e = exercise(b.rung());
        int left = b.time().secondsOn(Rein.LEFT);
        int right = b.time().secondsOn(Rein.RIGHT);
        boolean hasBend = b.circleM().isPresent() && lengthM.isPresent();
        return new PlanView.BlockView(
                named(b.rung()),
                b.role(),
                b.time().turns().stream()
                        .map(t -> new PlanView.PlanTurn(t.rein(), t.seconds()))
                        .toList(),
                b.time().seconds(),
                b.restS(),
                left,
                right,
                b.time().longer(),
                b.meant(),
                b.wayBack().map(this::named).orElse(null),
                e.wayBack(),
                b.isLocked(),
                b.circleM().isPresent() ? b.circleM().getAsInt() : null,
                hasBend
                        ? Math.toDegrees(
                                Bend.angleRad(lengthM.getAsDouble(), b.circleM().getAsInt()))
                        : null,
                Ground.of(
                        e.line(),
                        b.circleM().orElse(CircleSizes.LARGEST_M),
                        b.rung().gait(),
                        horse),
                b.reasons().stream()
                        .map(r -> new PlanView.ReasonView(r.code(), named(r.values())))
                        .toList(),
                e.position(),
                e.goodSigns(),
                e.cautions(),
                asides.of(e.id()).orElse(null));
    }

    private Exercise exercise(RungId rung) {
        return exercise(rung.exercise());
    }

    private Exercise exercise(String id) {
        return catalogue.exercise(id).orElseThrow();
    }

    PlanView.NamedRung named(RungId rung) {
        Exercise e = exercise(rung);
        return new PlanView.NamedRung(rung.toString(), e.id(), e.name(), e.shortName(), rung.gait(), rung.place());
    }

    /** A rung among the values is named for people. */
    private Map<String, String> named(Map<String, String> values) {
        Map<String, String> all = new TreeMap<>(values);
        all.computeIfPresent(
                "rung",
                (k, id) -> catalogue.rung(id).map(r -> exercise(r.id()).name()).orElse(id));
        return all;
    }

    List<PlanView.BreachView> breaches(List<PlanLimits.Breach> breaches) {
        return breaches.stream()
                .map(b -> new PlanView.BreachView(b.limit(), b.block().orElse(null)))
                .toList();
    }

    List<PlanView.ChangeView> changes(List<PlanChange> changes) {
        return changes.stream()
                .map(c -> new PlanView.ChangeView(
                        c.cause().kind(),
                        named(c.cause().rung()),
                        c.cause().what(),
                        c.cause().day(),
                        parts(c.without()),
                        parts(c.with())))
                .toList();
    }

    /** A block as it was kept, in short. */
    PlanView.PartView part(RungId rung, WantedBlock b) {
        return new PlanView.PartView(rung.toString(), exercise(rung).name(), rung.gait(), b.role(), b.seconds());
    }

    private List<PlanView.PartView> parts(List<PlanChange.Part> parts) {
        return parts.stream()
                .map(p -> new PlanView.PartView(
                        p.rung().toString(), exercise(p.rung()).name(), p.rung().gait(), p.role(), p.seconds()))
                .toList();
    }
}
