package strophos.catalogue;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import strophos.core.exchange.Manner;
import strophos.core.exchange.Means;
import strophos.core.exchange.PadKind;
import strophos.core.exchange.Strength;
import strophos.core.exchange.UsualAid;
import strophos.core.exchange.WorkedSide;
import strophos.core.homework.DoseRange;
import strophos.core.homework.Gate;
import strophos.core.plan.FigureKind;
import strophos.core.school.School;
import tools.jackson.databind.EnumNamingStrategies;
import tools.jackson.databind.annotation.EnumNaming;

/**
 * One exercise, as its strand's file describes it.
 *
 * @param shortName fits a button, at most 18 letters
 * @param schools that teach it
 * @param works the side of the horse it works
 * @param aids the usual ones, in order
 * @param pad how an ask is touched in; by strength where the file does not say
 * @param hard rests on the day after
 * @param quickens it makes a horse quicker: neither a warm-up nor an end for one that is keen today
 * @param instruction what the rider reads, at most five sentences
 * @param dose as homework, on each rein
 * @param gate what opens the next step of the homework, where it has one of its own
 * @param feel how it feels to the rider when it goes well
 * @param goesWrong what the rider does then
 * @param secondBest for the rider who will ride anyway: it keeps, and does not open the gate
 */
public record Exercise(
        String id,
        String name,
        @JsonProperty("short") String shortName,
        Set<School> schools,
        Needs needs,
        Ground ground,
        WorkedSide works,
        String position,
        List<Aid> aids,
        List<String> goodSigns,
        List<Fault> faults,
        Optional<PadKind> pad,
        Optional<Boolean> hard,
        Optional<Boolean> quickens,
        String wayBack,
        String instruction,
        List<String> cautions,
        DoseRange dose,
        Optional<Gate> gate,
        String feel,
        String goesWrong,
        List<String> stopIf,
        String secondBest) {

    /** Who must be there beside the rider. */
    @EnumNaming(EnumNamingStrategies.KebabCaseStrategy.class)
    public enum People {
        NOBODY,
        SECOND_PERSON,
        ASSISTANT,
        COACH
    }

    /** @param fence it is jumped */
    record Needs(People people, Optional<Boolean> fence) {}

    /** @param diameterM of its circle in metres, where it has one of its own */
    record Ground(FigureKind figure, OptionalInt diameterM) {}

    /**
     * An aid as it is written.
     *
     * @param footfall when it is given; so far only with the inside hind leg
     */
    record Aid(
            @JsonProperty("aid") Means means,
            UsualAid.Where side,
            Strength strength,
            Manner manner,
            Optional<String> footfall) {

        private UsualAid usual() {
            return new UsualAid(means, side, strength, manner, footfall.isPresent());
        }
    }

    /** What is often seen, and what to do then. */
    public record Fault(String seen, @JsonProperty("do") String remedy) {}

    public Exercise {
        schools = Set.copyOf(schools);
        aids = List.copyOf(aids);
        goodSigns = List.copyOf(goodSigns);
        faults = List.copyOf(faults);
        cautions = List.copyOf(cautions);
        stopIf = List.copyOf(stopIf);
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

    /** Whether a rider may practise it alone: what asks for anybody, and jumping, is never homework (rules 8). */
    public boolean isForPractisingAlone() {
        return needs.people() == People.NOBODY && !isFence();
    }

    /** What opens the next step of the homework. */
    public Gate homeworkGate() {
        return gate.orElse(Gate.DEFAULT);
    }
}
