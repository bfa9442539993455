package strophos.server.plan;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import strophos.catalogue.Exercise;
import strophos.core.exchange.Gait;
import strophos.core.exchange.Place;
import strophos.core.exchange.Rein;
import strophos.core.exchange.Side;
import strophos.core.look.FocusKind;
import strophos.core.plan.Alternative;
import strophos.core.plan.Block;
import strophos.core.plan.PlanChange;
import strophos.core.plan.PlanLimits;
import strophos.core.plan.PlanNote;
import strophos.core.plan.Reason;
import strophos.server.contract.CanBeNull;
import strophos.server.library.Aside;

/** A plan as sent; seconds throughout. */
public record PlanView(
        String book,
        List<FocusKind> focus,
        List<BlockView> blocks,
        int beforeS,
        int workS,
        int restS,
        int afterS,
        int leftS,
        int rightS,
        List<NoteView> notes,
        List<KitView> kit,
        List<HelperView> helpers,
        List<LaterView> later) {

    /**
     * A thing to bring.
     *
     * @param substitute what can stand in for it; null for nothing
     */
    public record KitView(String item, @CanBeNull String substitute) {}

    /** Who must be there beside the coach, and for which exercise. */
    public record HelperView(Exercise.People people, String name) {}

    /** What stays for another day: something that was found, or a rung that is being learnt; the other is null. */
    public record LaterView(
            @CanBeNull FocusKind focus, @CanBeNull NamedRung rung) {}

    /**
     * Another plan for the day.
     *
     * @param parts its blocks in short
     * @param blocks as they are kept when it is chosen
     */
    public record AlternativeView(
            Alternative.Kind kind, List<PartView> parts, int workS, List<CostView> givesUp, List<WantedBlock> blocks) {}

    /** What it gives up; the sentence stands in the language file under the code. */
    public record CostView(CostCode code, Map<String, String> values) {}

    /** Which sentence. */
    public enum CostCode {
        NOT_LEARNT,
        LESS_WORK,
        LEFT,
        NOT_RIDDEN
    }

    /** A turn on one rein. */
    public record PlanTurn(Rein rein, int seconds) {}

    /** A rung by name. */
    public record NamedRung(String rung, String exercise, String name, String shortName, Gait gait, Place place) {}

    /**
     * One exercise.
     *
     * @param longer the rein with the longer share
     * @param side to work, where the exercise leaves it open; else none
     * @param locked its minutes stay when others are fitted
     * @param circleM across; null when it is not ridden on a circle
     * @param aside what the coach shows beside the exercise; null for nothing
     * @param bendDegrees poll to dock on that circle; null without a circle or the horse's height
     */
    public record BlockView(
            @JsonProperty("of") NamedRung rung,
            Block.Role role,
            List<PlanTurn> turns,
            int workS,
            int restS,
            int leftS,
            int rightS,
            Rein longer,
            Side side,
            @CanBeNull NamedRung wayBack,
            String wayBackSaid,
            boolean locked,
            @CanBeNull Integer circleM,
            @CanBeNull Double bendDegrees,
            Ground ground,
            List<ReasonView> reasons,
            String position,
            List<String> goodSigns,
            List<String> cautions,
            @CanBeNull Aside aside) {}

    /** Why; the sentence stands in the language file under the code. */
    public record ReasonView(Reason.Code code, Map<String, String> values) {}

    /** Something said of the whole, the gravest first; a grave one is said before mounting. */
    public record NoteView(PlanNote.Code code, boolean grave, Map<String, String> values) {}

    /**
     * A limit the plan breaks.
     *
     * @param block its index; null when it is the plan as a whole
     */
    public record BreachView(
            PlanLimits.Limit limit, @CanBeNull Integer block) {}

    /** What one decision or report changed. */
    public record ChangeView(
            PlanChange.Kind kind,
            NamedRung rung,
            String what,
            LocalDate day,
            List<PartView> without,
            List<PartView> with) {}

    /** A block in short. */
    public record PartView(String rung, String name, Gait gait, Block.Role role, int seconds) {}
}
