package strophos.catalogue;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import strophos.core.exchange.Manner;
import strophos.core.exchange.Means;
import strophos.core.exchange.PadKind;
import strophos.core.exchange.Rein;
import strophos.core.exchange.Shot;
import strophos.core.exchange.Side;
import strophos.core.exchange.Strength;
import strophos.core.exchange.UsualAid;
import strophos.core.exchange.WorkedSide;
import strophos.core.homework.DoseRange;
import strophos.core.homework.Gate;
import strophos.core.plan.FigureKind;
import strophos.core.plan.InHand;
import strophos.core.school.CorrectionPolicy;
import strophos.core.school.School;
import strophos.core.school.Settings;
import strophos.core.school.Teaching;

/**
 * One exercise, as its strand's file describes it.
 *
 * @param shortName fits a button, at most 18 letters
 * @param purpose what of the training scale it serves
 * @param schools that teach it; none teaches what was put away
 * @param works the side of the horse it works
 * @param goes where it is flexed and what moves where, for what is not simply ridden forward on its line
 * @param aids the usual ones, in order
 * @param correction what is done about an error, where the exercise itself asks for it; else as the pair is taught
 * @param pad how an ask is touched in; by strength where the file does not say
 * @param hard rests on the day after
 * @param quickens it makes a horse quicker: neither a warm-up nor an end for one that is keen today
 * @param inHand how it is asked from the ground; empty when it is ridden only
 * @param sideReins it is done in side reins: left out where these are never used
 * @param instruction what the rider reads, at most five sentences
 * @param dose as homework, on each rein
 * @param gate what opens the next step of the homework, where it has one of its own
 * @param notJudgedYet what may look wrong at first, and the rung from which it counts
 * @param hack how it is ridden on a hack, where it can be
 * @param feel how it feels to the rider when it goes well
 * @param goesWrong what the rider does then
 * @param film what a video of it shows, so that it can be told from it
 * @param secondBest for the rider who will ride anyway: it keeps, and does not open the gate
 */
public record Exercise(
        String id,
        String name,
        @JsonProperty("short") String shortName,
        Set<Purpose> purpose,
        Set<School> schools,
        Needs needs,
        Ground ground,
        WorkedSide works,
        Optional<Course> goes,
        String position,
        List<Aid> aids,
        List<String> goodSigns,
        List<Fault> faults,
        List<NotJudged> notJudgedYet,
        Optional<CorrectionPolicy> correction,
        Optional<PadKind> pad,
        Optional<Boolean> hard,
        Optional<Boolean> quickens,
        Optional<FromGround> inHand,
        Optional<Boolean> sideReins,
        String wayBack,
        String instruction,
        List<String> cautions,
        DoseRange dose,
        Optional<Gate> gate,
        Optional<String> hack,
        String feel,
        String goesWrong,
        List<Shot> film,
        List<String> stopIf,
        String secondBest) {

    /** Who must be there beside the rider. */
    public enum People {
        NOBODY,
        SECOND_PERSON,
        ASSISTANT,
        COACH
    }

    /** The training scale. */
    public enum Purpose {
        RHYTHM,
        SUPPLENESS,
        CONTACT,
        IMPULSION,
        STRAIGHTNESS,
        COLLECTION
    }

    /** Where the horse is flexed, by its rein. */
    public enum Flexed {
        STRAIGHT,
        INSIDE,
        OUTSIDE,
        /** To the side that is worked. */
        CHOSEN
    }

    /** What moves where. */
    public enum Moves {
        FORWARD,
        FORWARD_INSIDE,
        FORWARD_OUTSIDE,
        SHOULDERS_IN,
        SHOULDERS_ROUND,
        SHOULDERS_AWAY,
        QUARTERS_IN,
        QUARTERS_AWAY
    }

    public record Course(Flexed flexed, Moves moves) {}

    /** As it is written. */
    public record FromGround(Set<String> prepares, Optional<Boolean> anyHorse, Optional<Boolean> mountedToo) {

        public InHand told() {
            return new InHand(prepares, anyHorse.orElse(false), mountedToo.orElse(false));
        }
    }

    /** A thing that is needed, and what can stand in for it. */
    public record Kit(String item, Optional<String> substitute) {}

    /** @param fence it is jumped */
    public record Needs(String space, People people, Optional<Boolean> fence, List<Kit> kit) {}

    /** @param diameterM of its circle in metres, where it has one of its own */
    public record Ground(FigureKind figure, OptionalInt diameterM, String note) {}

    /** @param from the rung from which it counts */
    public record NotJudged(String what, String from) {}

    /**
     * An aid as it is written.
     *
     * @param footfall when it is given; so far only with the inside hind leg
     * @param says what else is to be said of it
     */
    public record Aid(
            @JsonProperty("aid") Means means,
            UsualAid.Where side,
            Strength strength,
            Manner manner,
            Optional<String> footfall,
            Optional<String> says) {

        public UsualAid usual() {
            return new UsualAid(means, side, strength, manner, footfall.isPresent());
        }
    }

    /** What is often seen, and what to do then. */
    public record Fault(String seen, @JsonProperty("do") String remedy) {}

    public Exercise {
        purpose = ordered(Purpose.class, purpose);
        schools = ordered(School.class, schools);
        aids = List.copyOf(aids);
        goodSigns = List.copyOf(goodSigns);
        faults = List.copyOf(faults);
        notJudgedYet = List.copyOf(notJudgedYet);
        cautions = List.copyOf(cautions);
        stopIf = List.copyOf(stopIf);
    }

    private static <E extends Enum<E>> Set<E> ordered(Class<E> of, Set<E> values) {
        EnumSet<E> ordered = EnumSet.noneOf(of);
        ordered.addAll(values);
        return Collections.unmodifiableSet(ordered);
    }

    /** The side to which the horse is flexed on this rein; none when it is straight, or where the side is the coach's choice. */
    public Side flexedOn(Rein rein) {
        Flexed flexed = goes.map(Course::flexed)
                .orElse(
                        switch (works) {
                            case INSIDE -> figureBends() ? Flexed.INSIDE : Flexed.STRAIGHT;
                            case OUTSIDE -> Flexed.OUTSIDE;
                            case CHOSEN -> Flexed.CHOSEN;
                            case NEITHER -> Flexed.STRAIGHT;
                        });
        return switch (flexed) {
            case INSIDE -> WorkedSide.INSIDE.on(rein, Side.NONE);
            case OUTSIDE -> WorkedSide.OUTSIDE.on(rein, Side.NONE);
            case STRAIGHT, CHOSEN -> Side.NONE;
        };
    }

    private boolean figureBends() {
        return switch (ground.figure()) {
            case CIRCLE, SERPENTINE, FIGURE_EIGHT, CHANGE_IN_CIRCLE, SPIRAL, TWO_CONES, POLE_FAN -> true;
            default -> aids.stream().anyMatch(a -> a.means() == Means.REIN && a.side() == UsualAid.Where.INSIDE);
        };
    }

    public List<UsualAid> usualAids() {
        return aids.stream().map(Aid::usual).toList();
    }

    public PadKind padKind() {
        return pad.orElse(PadKind.STRENGTH);
    }

    /** What it is ridden on. */
    public FigureKind line() {
        return ground.figure();
    }

    /** The diameter of its circle in metres, where it has one of its own. */
    public OptionalInt circleM() {
        return ground.diameterM();
    }

    public boolean isFence() {
        return needs.fence().orElse(false);
    }

    public boolean isQuickening() {
        return quickens.orElse(false);
    }

    public boolean isHard() {
        return hard.orElse(false);
    }

    public boolean isInSideReins() {
        return sideReins.orElse(false);
    }

    /** Whether it is among what is taught so. */
    public boolean isTaught(Teaching.Way way) {
        return schools.contains(way.school()) && !(isInSideReins() && way.sideReins() == Settings.SideReins.NEVER);
    }

    /** Whether a rider may practise it alone: what asks for anybody, and jumping, is never homework (rules 8). */
    public boolean isForPractisingAlone() {
        return needs.people() == People.NOBODY && !isFence();
    }

    /** What opens the next step of the homework. */
    public Gate homeworkGate() {
        return gate.orElse(Gate.DEFAULT);
    }
}
