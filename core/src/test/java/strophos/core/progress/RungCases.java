package strophos.core.progress;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import strophos.core.exchange.Side;
import strophos.core.judgement.Cases;
import strophos.core.judgement.Thresholds;

/**
 * Both sides of every threshold of the rung's decision (rules 3; common practice, no source). Fisher's and Wilson's values
 * by hand from their formulas.
 */
public final class RungCases {

    private static final String EIGHT = "yyyyyyyytt";
    private static final String CLEAR = "y3y3y3y3y3y3y3y3tt";
    private static final String GOOD = EIGHT + "/" + EIGHT;
    private static final Standing PASSED = new Standing(true, false, List.of());

    private RungCases() {}

    public static Cases all() {
        Cases cases = new Cases(RungThresholds.SET);
        rate(cases);
        stepBack(cases);
        help(cases);
        reopen(cases);
        width(cases);
        return cases;
    }

    private static void rate(Cases cases) {
        cases.with("8 of 10 on both reins in two lessons", on(GOOD + ";" + GOOD), "MOVE_ON criterion.rate")
                .with("8 of 10 once", on(GOOD), "STAY criterion.rate Lessons 1 Lessons 1")
                .with(
                        "7 of 10 right",
                        on("yyyyyyyytt/yyyyyyyttt;yyyyyyyytt/yyyyyyyttt"),
                        "STAY criterion.rate Successes 1")
                .with("nine asks are no window", on("yyyyyyyyt/" + EIGHT), "STAY criterion.rate Asks 1 Lessons 1")
                .with("eleven asks", on("y" + EIGHT + "/y" + EIGHT + ";" + GOOD), "MOVE_ON criterion.rate")
                .with(
                        "a clear YES is no success",
                        on(CLEAR + "/" + CLEAR + ";" + CLEAR + "/" + CLEAR),
                        "STAY criterion.rate Successes 8 Successes 8")
                .with(
                        "where 5 of 6 are asked, its lower end 0.4365 is under 0.45",
                        t -> on("yyyyyt/yyyyyt;yyyyyt/yyyyyt").apply(Cases.moved(t, "rate.window", 6)),
                        "STAY criterion.rate Certainty Certainty");
    }

    private static void stepBack(Cases cases) {
        cases.with("three of ten at strength 4", on("yyyyyyyt4t4t4/"), "STEP_BACK step-back.forcing")
                .with("three of the last ten of eleven", on("yyyyyyyyt4t4t4/"), "STEP_BACK step-back.forcing")
                .with("two of ten", on("yyyyyyyyt4t4/"), "STAY criterion.rate Lessons 1 Asks 10")
                .with("the tenth last is the third", on("t4tttttttt4t4/"), "STEP_BACK step-back.forcing")
                .with(
                        "the eleventh last is the third",
                        on("t4ttttttttt4t4/"),
                        "STAY criterion.rate Successes 8 Asks 10")
                .with("two of eight are a quarter", on("yyyyyyt4t4/"), few(2, 10))
                .with("mean strength 3", on("y3y3y3y3y3y3y3y3y3y3/"), "STEP_BACK step-back.forcing")
                .with("mean strength 2.9", on("y3y3y3y3y3y3y3y3y3y2/"), "STAY criterion.rate Successes 7 Asks 10")
                .with("seven at strength 4 are too few", on("t4t4t4t4t4t4t4/"), few(3, 10))
                .with("eight are enough", on("t4t4t4t4t4t4t4t4/"), "STEP_BACK step-back.forcing")
                .with("three tries of eight", on("yttbnwwb/"), "STEP_BACK step-back.too-few-tries")
                .with("four of eight are half", on("ytttnwwb/"), few(2, 10))
                .with("three of seven are too few to say", on("yttnwwb/"), few(3, 10))
                .with("nine of twenty", on("ytttttttt/nnnnnnnnnnn"), "STEP_BACK step-back.too-few-tries")
                // Fisher: 10/10 against 3/10 0.0031, 8/10 against 3/10 0.0698, 7/8 against 3/8 0.1189
                .with("8 against 3 of 10", on(EIGHT + "/yyyttttttt"), "STEP_BACK step-back.one-rein-fails")
                .with("7 against 3 of 8 may be chance", on("yyyyyyyt/yyyttttt"), "STAY criterion.rate Asks 2 Asks 2")
                .with(
                        "4 of 10 are not under 40 %",
                        on("yyyyyyyyyy/yyyytttttt"), "STAY criterion.rate Lessons 1 Successes 4")
                .with("3 of 8 are", on("yyyyyyyy/yyyttttt"), "STEP_BACK step-back.one-rein-fails")
                .with("2 of 7 are too few to say", on("yyyyyyyyyy/yyttttt"), "STAY criterion.rate Lessons 1 Asks 3")
                .with(
                        "only the last ten a side",
                        on("tttyyyyyyyyyy/yyyyyyyyyyttt"),
                        "STAY criterion.rate Lessons 1 Successes 1")
                // with an eleventh 8/11 against 4/11, 0.198; with nine 7/9 against 3/9, 0.153
                .with(
                        "the eleventh last says nothing",
                        on("tyyyyyyyytt/yyyyttttttt"),
                        "STEP_BACK step-back.one-rein-fails")
                .with("the tenth last does", on("yyyyyyyytt/tyyytttttt"), "STEP_BACK step-back.one-rein-fails")
                .with("two frights in two lessons", frights("y/y;y/y", 0, 1), "STEP_BACK step-back.fright-repeats")
                .with("two in one lesson", frights("y/y;y/y", 1, 1), "STEP_BACK step-back.fright-repeats")
                .with("one fright", frights("y/y;y/y", 1), "STAY criterion.rate Asks 8 Asks 8")
                .with(
                        "two, but with a lesson between",
                        frights("y/y;y/y;y/y", 0, 2),
                        "STAY criterion.rate Asks 7 Asks 7")
                .with("two, but not today", frights("y/y;y/y", 0, 0), "STAY criterion.rate Asks 8 Asks 8");
    }

    private static void help(Cases cases) {
        String bad = "nnnnnnnn/";
        cases.with("three lessons running", on(bad + ";" + bad + ";" + bad), "GET_HELP get-help.three-step-backs")
                .with("two", on(bad + ";" + bad), "STEP_BACK step-back.too-few-tries")
                .with(
                        "two, then a good one, then one",
                        on(bad + ";" + bad + ";tttttttttt/;" + bad),
                        "STEP_BACK step-back.too-few-tries")
                .with(
                        "pain goes before all",
                        t -> answer(t, Lessons.read(bad), new Standing(false, false, List.of("swelling"))),
                        "GET_HELP get-help.pain-signs");
    }

    private static void reopen(Cases cases) {
        String holds = "MOVE_ON reopen.fails-two-days";
        cases.with("1 of 4 right on two days", passed("yytt/yttt;yytt/yttt"), "REOPEN reopen.fails-two-days")
                .with("one bad day", passed("yytt/yytt;yytt/yttt"), holds)
                .with("a bad day left, then one right", passed("yttt/yyyy;yyyy/yttt"), holds)
                .with("half on two days", passed("yyyy/yytt;yyyy/yytt"), holds)
                .with("nine of twenty on two days", passed(nineOfTwenty()), "REOPEN reopen.fails-two-days")
                .with("three asks are too few to say", passed("yyyy/ttt;yyyy/ttt"), holds)
                .with(
                        "two bad lessons on one day",
                        t -> answer(
                                t,
                                Lessons.of("yyyy", "yyyy").then("yyyy", "yttt").sameDay("yyyy", "yttt"),
                                PASSED),
                        holds)
                .with("a bad day between two good ones", passed("y/yttt;y/yyyy;y/yttt"), holds)
                .with("a passed rung is not stepped back from", passed("/;nnnnnnnn/"), holds)
                .with("a rung in work is not re-opened", on("yytt/yttt;yytt/yttt"), few(2, 2));
    }

    private static String nineOfTwenty() {
        String day = "/" + "y".repeat(9) + "t".repeat(11);
        return day + ";" + day;
    }

    private static void width(Cases cases) {
        String light = "y1y1y1y1y1y2y2y2y2y2";
        String lesson = light + "/" + light;
        String heavier = "y1y1y1y1y2y2y2y2y2y2";
        cases.with(
                        "three lessons without an error at mean strength 1.5",
                        on(String.join(";", lesson, lesson, lesson)),
                        "MOVE_ON criterion.rate or STAY_HARDER")
                .with("two lessons", on(lesson + ";" + lesson), "MOVE_ON criterion.rate")
                .with(
                        "mean strength 1.6",
                        on(String.join(";", heavier + "/" + heavier, heavier + "/" + heavier, heavier + "/" + heavier)),
                        "MOVE_ON criterion.rate")
                .with(
                        "an error three lessons ago",
                        on(String.join(";", "b1" + lesson, lesson, lesson)),
                        "MOVE_ON criterion.rate")
                .with(
                        "an error four lessons ago",
                        on(String.join(";", "b1" + lesson, lesson, lesson, lesson)),
                        "MOVE_ON criterion.rate or STAY_HARDER")
                .with(
                        "the next rung is closed",
                        t -> answer(t, Lessons.read(GOOD + ";" + GOOD), new Standing(false, true, List.of())),
                        "STAY_HARDER criterion.rate");
    }

    private static String few(int left, int right) {
        return "STAY criterion.rate" + " Asks " + left + " Asks " + right;
    }

    private static Function<Thresholds, String> on(String lessons) {
        return t -> answer(t, Lessons.read(lessons), Standing.IN_WORK);
    }

    private static Function<Thresholds, String> passed(String lessons) {
        return t -> answer(t, Lessons.read(lessons), PASSED);
    }

    private static Function<Thresholds, String> frights(String lessons, int... inLessons) {
        return t -> {
            Lessons read = new Lessons();
            String[] each = lessons.split(";");
            for (int i = 0; i < each.length; i++) {
                String[] reins = each[i].split("/");
                read.then(reins[0], reins[1]);
                for (int at : inLessons) {
                    if (at == i) {
                        read.with(new Observation.Fright("fright", Side.LEFT));
                    }
                }
            }
            return answer(t, read, Standing.IN_WORK);
        };
    }

    private static String answer(Thresholds t, Lessons lessons, Standing standing) {
        Advice advice = RungDecision.with(t).advise(lessons.facts(), Optional.empty(), standing);
        StringBuilder answer = new StringBuilder(advice.decision() + " " + advice.ruleId());
        advice.beside().forEach(d -> answer.append(" or ").append(d));
        if (advice.decision() == Decision.STAY) {
            advice.missing().forEach(m -> answer.append(' ').append(word(m)));
        }
        return answer.toString();
    }

    private static String word(Missing missing) {
        if (missing instanceof Missing.Asks m) {
            return "Asks " + m.more();
        } else if (missing instanceof Missing.Successes m) {
            return "Successes " + m.more();
        } else if (missing instanceof Missing.Lessons m) {
            return "Lessons " + m.more();
        }
        return missing.getClass().getSimpleName();
    }
}
