package strophos.server.library;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import strophos.catalogue.Exercise;
import strophos.core.exchange.Foot;
import strophos.core.exchange.Gait;
import strophos.core.exchange.HoldUnit;
import strophos.core.exchange.Manner;
import strophos.core.exchange.Means;
import strophos.core.exchange.Place;
import strophos.core.exchange.Rein;
import strophos.core.exchange.Shot;
import strophos.core.exchange.Side;
import strophos.core.exchange.WorkedSide;
import strophos.core.homework.DoseRange;
import strophos.core.plan.FigureKind;
import strophos.core.progress.BeatsCriterion;
import strophos.core.progress.Criterion;
import strophos.core.progress.HoldCriterion;
import strophos.core.school.CorrectionPolicy;
import strophos.core.school.School;
import strophos.core.stair.Rung;
import strophos.server.contract.CanBeNull;

/**
 * One exercise, whole.
 *
 * @param strandName of a progression of the yard's own; null for a strand that ships
 * @param moves what moves where; null for what is simply ridden forward on its line
 * @param left how it is set out on the left rein; without a rein where it has none
 * @param own how it is filled in, where it is the yard's own; null for what ships
 * @param correction where the exercise itself asks for it; null: as the pair is taught
 * @param aside what the yard shows beside it; null for nothing
 * @param asideVersion of that; 0 where nothing was ever shown
 * @param hack how it is ridden on a hack; null where it cannot be
 * @param pairs those that were asked on it, the latest first, {@value LibraryController#PAIRS} at most
 */
record ExerciseView(
        String id,
        String strand,
        @CanBeNull String strandName,
        String name,
        Set<Exercise.Purpose> purpose,
        Set<School> schools,
        String space,
        Exercise.People people,
        List<KitView> kit,
        FigureKind figure,
        @CanBeNull Integer circleM,
        String ground,
        WorkedSide works,
        @CanBeNull Exercise.Moves moves,
        String position,
        OnRein left,
        OnRein right,
        List<String> goodSigns,
        List<Exercise.Fault> faults,
        List<Exercise.NotJudged> notJudgedYet,
        @CanBeNull CorrectionPolicy correction,
        String wayBack,
        String instruction,
        List<String> cautions,
        DoseRange dose,
        String feel,
        String goesWrong,
        List<Shot> film,
        List<String> stopIf,
        String secondBest,
        @CanBeNull String hack,
        boolean isHard,
        boolean isAlone,
        List<RungView> rungs,
        List<PairView> pairs,
        @CanBeNull OwnController.OwnExerciseView own,
        @CanBeNull Aside aside,
        int asideVersion) {

    /** A thing that is needed, and what can stand in for it. */
    record KitView(String item, @CanBeNull String substitute) {}

    /** Side none: straight, or as it is chosen. */
    record OnRein(Side flexed, Side worked, List<AidView> aids) {

        static OnRein of(Exercise e, Rein rein) {
            return new OnRein(
                    e.flexedOn(rein),
                    e.works().on(rein, Side.NONE),
                    e.aids().stream().map(a -> AidView.of(a, rein)).toList());
        }
    }

    /** One aid, in its order. */
    record AidView(
            Means means,
            Side side,
            int strength,
            Manner manner,
            @CanBeNull Foot foot,
            @CanBeNull String says) {

        static AidView of(Exercise.Aid a, Rein rein) {
            var given = a.usual().on(rein);
            return new AidView(
                    a.means(),
                    given.side(),
                    a.strength().level(),
                    a.manner(),
                    given.foot().orElse(null),
                    a.says().orElse(null));
        }
    }

    /** @param wayBack null at the bottom */
    record RungView(
            String rung,
            Gait gait,
            Place place,
            List<RungName> needs,
            @CanBeNull RungName wayBack,
            @CanBeNull CriterionView criterion) {}

    record RungName(String exercise, String name, Gait gait, Place place) {}

    /** A criterion of the rung's own: its kind, its numbers by name, and what is kept for them where it is a hold. */
    record CriterionView(
            String kind,
            Map<String, Double> numbers,
            @CanBeNull HoldUnit unit) {
        static CriterionView of(Criterion c) {
            return new CriterionView(c.id().substring("criterion.".length()), c.thresholds(), unit(c));
        }

        private static HoldUnit unit(Criterion c) {
            if (c instanceof BeatsCriterion beats) {
                return beats.unit();
            }
            return c instanceof HoldCriterion hold ? hold.unit() : null;
        }
    }

    record PairView(UUID pair, String horse, String rider, Instant at) {}

    static CriterionView criterion(Rung rung) {
        return rung.criterion().map(CriterionView::of).orElse(null);
    }
}
