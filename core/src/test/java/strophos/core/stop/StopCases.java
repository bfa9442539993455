package strophos.core.stop;

import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.function.Function;
import strophos.core.exchange.Gait;
import strophos.core.exchange.Place;
import strophos.core.exchange.Rein;
import strophos.core.exchange.Response;
import strophos.core.exchange.Side;
import strophos.core.judgement.Cases;
import strophos.core.judgement.Thresholds;
import strophos.core.nudge.NudgeRules;
import strophos.core.pause.HorseState;
import strophos.core.plan.Block;
import strophos.core.plan.HorseFacts;
import strophos.core.plan.Plan;
import strophos.core.plan.PlanFacts;
import strophos.core.plan.PlanLimits;
import strophos.core.plan.ReinTime;
import strophos.core.school.School;
import strophos.core.school.Teaching;
import strophos.core.stair.RungId;
import strophos.core.welfare.GroundAndWeather;
import strophos.core.welfare.Heat;

/** Both sides of every threshold of stopping and of turns (rules 4 and 5; common practice, no source). */
public final class StopCases {

    private static final Map<Character, Response> LETTERS =
            Map.of('y', Response.YES, 't', Response.TRY, 'b', Response.BRACE, 'w', Response.WRONG);

    private StopCases() {}

    public static Cases all() {
        return new Cases(StopThresholds.SET)
                .with("45 minutes", ride(45, false, "t", "t"), "STOP stop.worked-long-enough")
                .with("44 minutes", ride(44, false, "yyy", "yyy"), "GOOD_PLACE stop.good-place")
                .with(
                        "five minutes before the end",
                        ride(40, false, "ttt", "yyy"),
                        "END_ON_KNOWN stop.does-not-become-good")
                .with("six minutes before", ride(39, false, "ttt", "yyy"), "ride on")
                .with("a young horse at 20 minutes", ride(20, true, "t", "t"), "STOP stop.worked-long-enough")
                .with("at 19", ride(19, true, "t", "t"), "END_ON_KNOWN stop.does-not-become-good")
                .with("at 14", ride(14, true, "t", "t"), "ride on")
                .with("°F + % at 180 is still light work", heat(180), "ride on")
                .with("over 180", heat(181), "STOP stop.too-hot")
                .with("175.5", heat(175.5), "ride on")
                .with("184", heat(184), "STOP stop.too-hot")
                .with("32 °C and 65 %", weather(32, 65), "LIGHT_ONLY")
                .with("25 °C, 53 %: 130", weather(25, 53), "SHADE")
                .with("25 °C, 52 %: 129", weather(25, 52), "RIDE")
                .with("25 °C, 48 %: 125", weather(25, 48), "RIDE")
                .with("25 °C, 56 %: 133", weather(25, 56), "SHADE")
                .with("30 °C, 64 %: 150", weather(30, 64), "LIGHT_ONLY")
                .with("30 °C, 63 %: 149", weather(30, 63), "SHADE")
                .with("30 °C, 66 %: 152", weather(30, 66), "LIGHT_ONLY")
                .with("22 °C, 60 %: it speaks", weather(22, 60), "SHADE")
                .with("21 °C, 95 %: it does not", weather(21, 95), "RIDE")
                .with("10 °C, 95 %: silent", weather(10, 95), "RIDE")
                .with("40 °C, 20 %: dry heat", weather(40, 20), "LIGHT_ONLY")
                .with("35 °C, 10 %", weather(35, 10), "LIGHT_ONLY")
                .with("34 °C, 10 %", weather(34, 10), "RIDE")
                .with("20 °C, 50 %: silent", weather(20, 50), "RIDE")
                .with("35 °C, 85 %: 180 is still light work", weather(35, 85), "LIGHT_ONLY")
                .with("35 °C, 86 %", weather(35, 86), "STOP")
                .with(
                        "three YES on each rein at 10 minutes",
                        ride(10, false, "yyy", "yyy"),
                        "GOOD_PLACE stop.good-place")
                .with("at 9 minutes", ride(9, false, "yyy", "yyy"), "ride on")
                .with("two YES on one rein", ride(15, false, "tyy", "yyy"), "ride on")
                .with("clearly better than at first", ride(15, false, "bbttty", "yyy"), "GOOD_PLACE stop.good-place")
                .with("not so clearly", ride(15, false, "ttttyy", "yyy"), "ride on")
                .with("by 0.5", ride(15, false, "ttbytt", "yyy"), "ride on")
                .with(
                        "three WRONG since the step back",
                        stuck("www", School.CLASSICAL, false),
                        "END_ON_KNOWN stop.stuck-after-step-back")
                .with("two", stuck("tww", School.CLASSICAL, false), "ride on")
                .with(
                        "by another school",
                        stuck("www", School.PRESSURE_AND_RELEASE, false),
                        "STAY_UNTIL_SOFT stop.stuck-after-step-back")
                .with(
                        "never with a fright",
                        stuck("www", School.PRESSURE_AND_RELEASE, true),
                        "END_ON_KNOWN stop.stuck-after-step-back")
                .with("no step back, no advice", stuck("", School.PRESSURE_AND_RELEASE, false), "ride on")
                .with("longest turn", t -> turns(t, false), "300 s, a breather after 600 s, quiet 60 s")
                .with("ten minutes, the stiffer rein first in time", t -> shared(t), "360:240")
                .with("two to one", t -> twoToOne(t, 400, 200), "fits")
                .with("a little more", t -> twoToOne(t, 405, 200), "TWO_TO_ONE")
                .with("1.95 to one", t -> twoToOne(t, 390, 200), "fits")
                .with("in the first year", t -> turns(t, true), "120 s, a breather after 600 s, quiet 60 s");
    }

    private static Function<Thresholds, String> ride(int minutes, boolean isSpared, String left, String right) {
        return t -> answer(
                t,
                new RideSoFar(
                        Duration.ofMinutes(minutes),
                        isSpared,
                        List.of(),
                        false,
                        OptionalDouble.empty(),
                        Map.of(Rein.LEFT, read(left), Rein.RIGHT, read(right)),
                        List.of(),
                        false,
                        School.CLASSICAL));
    }

    private static Function<Thresholds, String> heat(double heat) {
        return t -> answer(
                t,
                new RideSoFar(
                        Duration.ofMinutes(5),
                        false,
                        List.of(),
                        false,
                        OptionalDouble.of(heat),
                        Map.of(),
                        List.of(),
                        false,
                        School.CLASSICAL));
    }

    /** Check values: rules 12 (common practice, no source). */
    private static Function<Thresholds, String> weather(int temperatureC, int humidityPct) {
        return t -> Heat.of(t).level(temperatureC, humidityPct).name();
    }

    private static Function<Thresholds, String> stuck(String since, School school, boolean isFrightened) {
        return t -> answer(
                t,
                new RideSoFar(
                        Duration.ofMinutes(15),
                        false,
                        List.of(),
                        false,
                        OptionalDouble.empty(),
                        Map.of(),
                        read(since),
                        isFrightened,
                        school));
    }

    private static String turns(Thresholds t, boolean isFirstYear) {
        NudgeRules nudges = NudgeRules.with(300, 2700, Teaching.of(School.CLASSICAL), t);
        return "%d s, a breather after %d s, quiet %d s"
                .formatted(facts(t, isFirstYear).turnCapS(), nudges.breathS(), nudges.quietS());
    }

    private static PlanFacts facts(Thresholds t, boolean isFirstYear) {
        HorseFacts horse = new HorseFacts(
                OptionalInt.of(9),
                isFirstYear,
                false,
                OptionalInt.empty(),
                OptionalDouble.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                List.of(),
                Optional.empty());
        return new PlanFacts(
                60,
                horse,
                HorseState.FREE,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                List.of(),
                List.of(),
                List.of(),
                Teaching.of(School.CLASSICAL),
                List.of(),
                GroundAndWeather.UNKNOWN,
                t);
    }

    private static String shared(Thresholds t) {
        ReinTime time = ReinTime.of(600, Rein.LEFT, t.get("reins.stifferShare"), 300);
        return time.secondsOn(Rein.LEFT) + ":" + time.secondsOn(Rein.RIGHT);
    }

    private static String twoToOne(Thresholds t, int left, int right) {
        RungId rung = new RungId("bend", Gait.WALK, Place.RAIL);
        Block block = new Block(
                rung,
                Block.Role.MAIN,
                ReinTime.alternating(left, right, 300),
                0,
                Side.NONE,
                Optional.empty(),
                OptionalInt.empty(),
                false,
                List.of());
        Plan plan = new Plan("test", List.of(), List.of(block), 0, 0, List.of(), List.of());
        return PlanLimits.of(plan, facts(t, false)).stream()
                .map(b -> b.limit().name())
                .filter(l -> l.equals("TWO_TO_ONE"))
                .findFirst()
                .orElse("fits");
    }

    private static String answer(Thresholds t, RideSoFar ride) {
        StopBook.Ruling answer = StopBook.with(t).advise(ride);
        return answer.advice().map(a -> a + " " + answer.ruleId().orElseThrow()).orElse("ride on");
    }

    private static List<Response> read(String written) {
        return written.chars().mapToObj(c -> LETTERS.get((char) c)).toList();
    }
}
