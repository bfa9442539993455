package strophos.server.demo;

import java.math.BigDecimal;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.SplittableRandom;
import strophos.core.exchange.Rein;
import strophos.core.exchange.Side;
import strophos.core.homework.Feel;
import strophos.core.pause.StopSign;
import strophos.core.stair.RungId;
import strophos.core.stride.Pace;
import strophos.core.stride.StrideMeasure;
import strophos.server.horse.Facts;

/**
 * What is true of a pair in the demo, so that the screens can find it; its weeks run from 0 to {@link #LAST_WEEK}, the one before today.
 * What a file leaves out is not so.
 *
 * @param lastDaysAgo how many days ago the last lesson was
 * @param without weeks without a lesson
 * @param twice weeks with a second lesson, three days after the first
 * @param weightReason why this rider rides this horse although another is advised
 * @param placed what the pair could do when it came
 * @param look the checks, what comes later in the file in place of what came before; two numbers are drawn between
 * @param yes the chance of a YES, by the first line that fits
 * @param strength the mean strength of the asks, by the first line that fits
 * @param conflicts the share of driving aids into which the hand takes
 * @param lightly the share of asks that begin more lightly than they end, where that is noted
 * @param also ridden beside what the plan proposes
 * @param effort how hard it is for the horse, 0 to 10
 * @param last the last report before today, which waits for an answer
 * @param outings where the horse goes in the next days
 * @param strides as they were counted between two marks
 * @param measured so many lessons with rein sensors, most of them the last
 * @param clip what was said of a video of one lesson
 */
record Story(
        String horse,
        LocalTime hour,
        int lastDaysAgo,
        List<Weeks> without,
        List<Weeks> twice,
        Today facts,
        Optional<String> weightReason,
        List<String> placed,
        List<LookFrom> look,
        List<OverWeeks> yes,
        List<OverWeeks> strength,
        List<OverWeeks> conflicts,
        Optional<Double> lightly,
        List<Shown> shown,
        List<Also> also,
        List<Asked> asked,
        List<Weeks> frights,
        List<Weeks> coachRides,
        List<OverWeeks> effort,
        Map<Integer, String> notes,
        Practising practises,
        Optional<LastReport> last,
        List<Going> outings,
        List<Strides> strides,
        Optional<Integer> measured,
        Optional<OnClip> clip) {

    static final int LAST_WEEK = 25;

    Story {
        without = orNone(without);
        twice = orNone(twice);
        placed = orNone(placed);
        yes = orNone(yes);
        strength = orNone(strength);
        conflicts = orNone(conflicts);
        shown = orNone(shown);
        also = orNone(also);
        asked = orNone(asked);
        frights = orNone(frights);
        coachRides = orNone(coachRides);
        notes = notes == null ? Map.of() : notes;
        outings = orNone(outings);
        strides = orNone(strides);
    }

    private static <T> List<T> orNone(List<T> given) {
        return given == null ? List.of() : List.copyOf(given);
    }

    /** What is known of the horse and the rider today. */
    record Today(
            Integer heightCm,
            int age,
            Integer firstYearDaysAgo,
            Back back,
            BigDecimal horseKg,
            Integer girthCm,
            Integer lengthCm,
            BigDecimal shouldWeighKg,
            BigDecimal riderKg,
            BigDecimal tackKg) {

        Facts on(LocalDate today) {
            return new Facts(
                    heightCm,
                    today.getYear() - age,
                    firstYearDaysAgo == null ? null : today.minusDays(firstYearDaysAgo),
                    back == null ? null : today.minusDays(back.daysAgo()),
                    back == null ? null : back.weeksOff(),
                    back == null ? null : back.minutesBefore(),
                    horseKg,
                    girthCm,
                    lengthCm,
                    shouldWeighKg,
                    riderKg,
                    tackKg);
        }
    }

    /** So many strides over a distance, by the watch. */
    record Strides(Pace pace, double metres, double count, double seconds, int daysAgo) {

        StrideMeasure measure(LocalDate today) {
            return new StrideMeasure(
                    pace,
                    StrideMeasure.Way.DISTANCE,
                    metres,
                    count,
                    OptionalDouble.of(seconds),
                    today.minusDays(daysAgo));
        }
    }

    /** Where a horse goes, so many days from today. */
    record Going(String what, int travelInDays, int countsInDays, boolean isFirst) {}

    /** What was said of the drawn clip, by its moments in milliseconds. */
    record OnClip(int week, Map<Integer, String> says) {}

    /** Came back to work. */
    record Back(int daysAgo, int weeksOff, int minutesBefore) {}

    /** Some checks of the looks of these weeks; all where none are said. */
    record LookFrom(Weeks weeks, Map<String, Object> checks) {}

    /**
     * A number that goes from one to another in these weeks, and stays; or one that holds in these weeks alone. What it is of may be left
     * out.
     */
    record OverWeeks(String strand, String exercise, Side side, double is, Double then, Weeks weeks) {

        boolean fits(String ofStrand, String ofExercise, Side ofSide, int week) {
            return (strand == null || strand.equals(ofStrand))
                    && (exercise == null || exercise.equals(ofExercise))
                    && (side == null || side == ofSide)
                    && (then != null || weeks == null || weeks.hold(week));
        }

        double in(int week) {
            return then == null ? is : is + (then - is) * weeks.over(week);
        }
    }

    /** Of what a fault, a sign or a contact state is marked. */
    enum ShownKind {
        FAULT,
        SIGN,
        CONTACT
    }

    /**
     * What is marked beside an ask, how often at a YES and how often at another answer, in [0, 1].
     *
     * @param side the side that is worked; all where it is left out
     * @param body the side it is seen on
     * @param corrected how often it is corrected, where it is an error that is
     */
    record Shown(
            ShownKind kind,
            String name,
            String strand,
            String exercise,
            Side side,
            Side body,
            double atYes,
            double atOthers,
            Weeks weeks,
            Double corrected) {

        boolean fits(String ofStrand, String ofExercise, Side ofSide, int week) {
            return (strand == null || strand.equals(ofStrand))
                    && (exercise == null || exercise.equals(ofExercise))
                    && (side == null || side == ofSide)
                    && (weeks == null || weeks.hold(week));
        }
    }

    /** Ridden beside the plan, so long on each rein, or in place of its main thing; with cues, by one after the other on the left rein. */
    record Also(String rung, int seconds, Weeks weeks, boolean isMain, List<String> cues, Map<Rein, String> begunAt) {
        Also {
            cues = orNone(cues);
            begunAt = begunAt == null ? Map.of() : begunAt;
        }
    }

    /** "Did that help?": the rung before and after another exercise, in the weeks in which it did, in those it did not, and without it. */
    record Asked(String rung, String other, List<Weeks> helped, List<Weeks> not, List<Weeks> without) {
        RungId of() {
            return RungId.of(rung);
        }
    }

    /**
     * How a rider practises.
     *
     * @param chance of practising on one of these days; on any day where none is said
     * @param programme a progression of the yard's own, set in this week
     * @param set what is set in which week; where nothing is said, what was decided on
     * @param easyFrom from this week on all of it is easy, and nothing before
     */
    record Practising(
            double chance,
            int daysAWeek,
            List<DayOfWeek> on,
            String programme,
            Integer from,
            Map<Integer, String> set,
            Integer easyFrom) {}

    /** How it went, what stopped it, what was asked. */
    record LastReport(Feel feel, Optional<StopSign> stop, Optional<String> question) {}

    static boolean hold(List<Weeks> weeks, int week) {
        return weeks.stream().anyMatch(w -> w.hold(week));
    }

    /** The checks of this week's look. */
    Map<String, Object> look(int week, SplittableRandom random) {
        Map<String, Object> checks = new LinkedHashMap<>();
        for (LookFrom from : look) {
            if (from.weeks() == null || from.weeks().hold(week)) {
                from.checks().forEach((check, value) -> checks.put(check, drawn(value, random)));
            }
        }
        return checks;
    }

    private static Object drawn(Object value, SplittableRandom random) {
        if (!(value instanceof List<?> bounds)) {
            return value;
        }
        int least = ((Number) bounds.get(0)).intValue();
        return least + random.nextInt(((Number) bounds.get(1)).intValue() - least + 1);
    }

    static double of(List<OverWeeks> lines, String strand, String exercise, Side side, int week, double otherwise) {
        return lines.stream()
                .filter(l -> l.fits(strand, exercise, side, week))
                .findFirst()
                .map(l -> l.in(week))
                .orElse(otherwise);
    }
}
