package strophos.catalogue;

import java.util.List;
import java.util.OptionalInt;
import strophos.core.exchange.PadKind;
import strophos.core.exchange.UsualAid;
import strophos.core.homework.DoseRange;
import strophos.core.homework.Gate;
import strophos.core.plan.Line;

/**
 * One exercise, as its strand's file describes it.
 *
 * @param shortName fits a button, at most 18 letters
 * @param aids the usual ones, in order
 * @param pad how an ask is touched in
 * @param line what it is ridden on
 * @param circleM the diameter of its circle in metres, where it has one of its own
 * @param people who must be there beside the rider
 * @param isFence jumped
 * @param isHard rests on the day after
 * @param instruction what the rider reads, at most five sentences
 */
public record Exercise(
        String id,
        String name,
        String shortName,
        List<String> purpose,
        List<String> schools,
        String position,
        List<String> goodSigns,
        List<Fault> faults,
        String wayBack,
        String instruction,
        List<String> cautions,
        List<UsualAid> aids,
        PadKind pad,
        Line line,
        OptionalInt circleM,
        People people,
        boolean isFence,
        boolean isHard,
        Homework homework) {

    /** Who must be there beside the rider. */
    public enum People {
        NOBODY,
        SECOND_PERSON,
        ASSISTANT,
        COACH
    }

    /** Whether a rider may practise it alone: what asks for anybody, and jumping, is never homework (rules 8). */
    public boolean isForPractisingAlone() {
        return people == People.NOBODY && !isFence;
    }

    /**
     * What it is as homework.
     *
     * @param dose on each rein
     * @param gate what opens the next step
     * @param secondBest for the rider who will ride anyway: it keeps, and does not open the gate
     */
    public record Homework(
            DoseRange dose, Gate gate, String feel, String goesWrong, List<String> stopIf, String secondBest) {
        public Homework {
            stopIf = List.copyOf(stopIf);
        }
    }

    /** What is often seen, and what to do then. */
    public record Fault(String seen, String remedy) {}

    public Exercise {
        purpose = List.copyOf(purpose);
        schools = List.copyOf(schools);
        goodSigns = List.copyOf(goodSigns);
        faults = List.copyOf(faults);
        cautions = List.copyOf(cautions);
        aids = List.copyOf(aids);
    }
}
