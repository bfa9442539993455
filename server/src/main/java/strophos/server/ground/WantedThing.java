package strophos.server.ground;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.function.IntFunction;
import java.util.stream.Stream;
import strophos.core.arena.FigureField;
import strophos.core.arena.FigureForm;
import strophos.core.arena.FigureWish;
import strophos.core.arena.Point;
import strophos.core.arena.Pose;
import strophos.core.exchange.Rein;
import strophos.core.ground.Thing;
import strophos.core.stride.Pace;
import strophos.server.contract.CanBeNull;
import strophos.server.problem.Issue;
import strophos.server.problem.Problem;

/**
 * One thing of a set-up as it is asked for: just one of its parts is there.
 *
 * @param id made by the caller, to know the answer by
 * @param laidS when it is laid, in seconds from the beginning of the lesson; null: before it
 * @param awayS when it is taken away; null: after it
 * @param pace in which it is ridden; null: as all of the set-up
 */
public record WantedThing(
        @NotBlank @Size(max = 40) String id,
        @CanBeNull @Valid OfFigure figure,
        @CanBeNull @Valid OfRow row,
        @CanBeNull @Valid OfFan fan,
        @CanBeNull @Valid OfFences fences,
        @CanBeNull @Valid OfCourse course,
        @CanBeNull @Valid OfYield sideways,
        @CanBeNull @Valid OfQuarters quarters,
        @CanBeNull @Valid Spot cone,
        @CanBeNull @Min(0) @Max(28_800) Integer laidS,
        @CanBeNull @Min(0) @Max(28_800) Integer awayS,
        @CanBeNull Pace pace) {

    /** A place, in metres as the arena has them. */
    record Spot(
            @NotNull @DecimalMin("-60") @DecimalMax("260") BigDecimal x,
            @NotNull @DecimalMin("-60") @DecimalMax("560") BigDecimal y) {

        Point point() {
            return new Point(x.doubleValue(), y.doubleValue());
        }

        /** To a centimetre: what a tape can tell. */
        static Spot of(Point at) {
            return new Spot(tidy(at.xM()), tidy(at.yM()));
        }
    }

    /** A place and the way ridden from there, in degrees counter-clockwise from x: 90 is towards C. */
    record Way(
            @NotNull @Valid Spot at,
            @NotNull @DecimalMin("-360") @DecimalMax("360") BigDecimal headingDeg) {

        Pose pose() {
            return new Pose(at.point(), Math.toRadians(headingDeg.doubleValue()));
        }

        static Way of(Pose pose) {
            return new Way(Spot.of(pose.at()), tidy(Math.toDegrees(pose.headingRad())));
        }
    }

    /** What its form does not ask for is not looked at. */
    record OfFigure(
            @NotNull FigureForm form,
            @NotNull Rein rein,
            @NotNull @Size(max = 20) String at,
            @NotNull @DecimalMin("0") @DecimalMax("500") BigDecimal sizeM,
            @NotNull @DecimalMin("0") @DecimalMax("500") BigDecimal toM,
            @NotNull @Min(0) @Max(20) Integer count,
            @NotNull @DecimalMin("0") @DecimalMax("100") BigDecimal cornerM) {

        FigureWish wish() {
            return new FigureWish(form, rein, at, sizeM.doubleValue(), toM.doubleValue(), count, cornerM.doubleValue());
        }

        List<Issue> issues(String path) {
            List<Issue> issues = new ArrayList<>();
            if (rein == Rein.NONE) {
                issues.add(new Issue("form", path + ".rein", "LEFT or RIGHT"));
            }
            bound(FigureField.SIZE, form.size(), sizeM.doubleValue(), path + ".sizeM", issues);
            bound(FigureField.TO, FigureForm.TO, toM.doubleValue(), path + ".toM", issues);
            bound(FigureField.COUNT, form.count(), count, path + ".count", issues);
            bound(FigureField.CORNER, FigureForm.CORNER, cornerM.doubleValue(), path + ".cornerM", issues);
            return issues;
        }

        private void bound(FigureField field, FigureForm.Bounds b, double asked, String path, List<Issue> issues) {
            if (form.fields().contains(field) && !b.hold(asked)) {
                issues.add(new Issue("bounds", path, "%s to %s".formatted(whole(b.least()), whole(b.most()))));
            }
        }

        private static String whole(double value) {
            return BigDecimal.valueOf(value).stripTrailingZeros().toPlainString();
        }
    }

    /**
     * Poles in a row.
     *
     * @param apartM null: as it suits the horses that are asked for
     */
    record OfRow(
            @NotNull @Valid Way first,
            @NotNull @Min(1) @Max(12) Integer poles,
            @CanBeNull @DecimalMin("0.4") @DecimalMax("5") BigDecimal apartM,
            @NotNull @DecimalMin("1") @DecimalMax("6") BigDecimal poleM,
            boolean isRaised) {

        OfRow with(Way from, BigDecimal apart) {
            return new OfRow(from, poles, apart, poleM, isRaised);
        }
    }

    /**
     * Poles that point to one middle.
     *
     * @param gapDeg null: as it suits the horses that are asked for
     */
    record OfFan(
            @NotNull @Valid Way middle,
            @NotNull @Min(2) @Max(12) Integer poles,
            @NotNull @DecimalMin("3") @DecimalMax("30") BigDecimal middleM,
            @NotNull @DecimalMin("1") @DecimalMax("5") BigDecimal poleM,
            @CanBeNull @DecimalMin("1") @DecimalMax("30") BigDecimal gapDeg) {

        OfFan with(Way to, BigDecimal gap) {
            return new OfFan(to, poles, middleM, poleM, gap);
        }
    }

    /** Fences one after the other. */
    record OfFences(
            @NotNull @Valid Way first,
            @NotNull @Size(max = 7) List<@NotNull @DecimalMin("2") @DecimalMax("60") BigDecimal> distancesM,
            @NotNull @DecimalMin("0") @DecimalMax("2") BigDecimal fenceM,
            @NotNull @DecimalMin("1") @DecimalMax("6") BigDecimal widthM) {

        OfFences from(Way way) {
            return new OfFences(way, distancesM, fenceM, widthM);
        }

        Thing.OfFences thing() {
            return new Thing.OfFences(
                    first.pose(),
                    distancesM.stream().map(BigDecimal::doubleValue).toList(),
                    fenceM.doubleValue(),
                    widthM.doubleValue());
        }
    }

    /**
     * A course over fences of the same set-up.
     *
     * @param turnM radius of its turns
     */
    record OfCourse(
            @NotNull @Size(min = 1, max = 20) List<@NotNull @Valid Jump> over,
            @NotNull @DecimalMin("3") @DecimalMax("30") BigDecimal turnM,
            @NotNull @DecimalMin("200") @DecimalMax("700") BigDecimal speedMMin) {}

    /** Fences of the set-up, by the thing's id; of a line all of them, one after the other. */
    record Jump(@NotBlank @Size(max = 40) String fences, boolean isReversed) {}

    /** Sideways from letter to letter. */
    record OfYield(
            @NotBlank @Size(max = 20) String from,
            @NotBlank @Size(max = 20) String to) {}

    /** Quarters in: on which circle the forehand goes, and on which smaller one the quarters. */
    record OfQuarters(
            @NotNull Rein rein,
            @NotBlank @Size(max = 20) String at,
            @NotNull @DecimalMin("6") @DecimalMax("60") BigDecimal foreM,
            @NotNull @DecimalMin("4") @DecimalMax("60") BigDecimal hindM) {

        Thing.OfQuarters thing() {
            return new Thing.OfQuarters(
                    new FigureWish(FigureForm.CIRCLE, rein, at, foreM.doubleValue(), 0, 0, 0), hindM.doubleValue());
        }

        List<Issue> issues(String path) {
            List<Issue> issues = new ArrayList<>();
            if (rein == Rein.NONE) {
                issues.add(new Issue("form", path + ".rein", "LEFT or RIGHT"));
            }
            if (hindM.compareTo(foreM) > 0) {
                issues.add(new Issue("quarters_outside", path + ".hindM", "no more than the forehand's circle"));
            }
            return issues;
        }
    }

    WantedThing named(String other) {
        return new WantedThing(other, figure, row, fan, fences, course, sideways, quarters, cone, laidS, awayS, pace);
    }

    WantedThing during(Integer laid, Integer away, Pace in) {
        return new WantedThing(id, figure, row, fan, fences, course, sideways, quarters, cone, laid, away, in);
    }

    WantedThing with(OfRow of) {
        return new WantedThing(id, null, of, null, null, null, null, null, null, laidS, awayS, pace);
    }

    WantedThing with(OfFan of) {
        return new WantedThing(id, null, null, of, null, null, null, null, null, laidS, awayS, pace);
    }

    WantedThing with(OfFences of) {
        return new WantedThing(id, null, null, null, of, null, null, null, null, laidS, awayS, pace);
    }

    WantedThing with(Spot of) {
        return new WantedThing(id, null, null, null, null, null, null, null, of, laidS, awayS, pace);
    }

    private static BigDecimal tidy(double value) {
        return BigDecimal.valueOf(value).setScale(2, RoundingMode.HALF_UP);
    }

    /** What cannot be taken, where it stands. */
    List<Issue> issues(String path) {
        if (Stream.of(figure, row, fan, fences, course, sideways, quarters, cone)
                        .filter(Objects::nonNull)
                        .count()
                != 1) {
            return List.of(
                    new Issue("form", path, "one of figure, row, fan, fences, course, sideways, quarters and cone"));
        }
        if (quarters != null) {
            return quarters.issues(path + ".quarters");
        }
        return figure == null ? List.of() : figure.issues(path + ".figure");
    }

    static List<Issue> issues(List<WantedThing> things) {
        return issues(things, "things[%d]"::formatted);
    }

    /** @param pathOf where each of them stands */
    static List<Issue> issues(List<WantedThing> things, IntFunction<String> pathOf) {
        List<Issue> issues = new ArrayList<>();
        for (int i = 0; i < things.size(); i++) {
            issues.addAll(things.get(i).issues(pathOf.apply(i)));
        }
        return issues;
    }

    static void refuseIf(List<Issue> issues) {
        if (!issues.isEmpty()) {
            throw Problem.refused(issues);
        }
    }
}
