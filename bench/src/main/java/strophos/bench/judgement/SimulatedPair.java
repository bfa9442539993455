package strophos.bench.judgement;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import strophos.core.exchange.Mounted;
import strophos.core.exchange.Response;
import strophos.core.exchange.Side;
import strophos.core.exchange.Strength;
import strophos.core.progress.Ask;
import strophos.core.progress.LessonFacts;

/**
 * A pair of known truth: its chance of a good answer (YES at strength 2 or lighter) on each side, shaken each day by a
 * normal effect on the log-odds of spread {@value #DAY_SPREAD}. At 0.8 that lets two days in three lie between 71 and 87 %
 * (assumption: what lessons of one pair look like).
 */
final class SimulatedPair {

    static final double DAY_SPREAD = 0.5;

    private static final LocalDate FIRST_DAY = LocalDate.of(2026, 1, 5);

    private final SplittableRandom random;
    private int lessons;

    SimulatedPair(long seed) {
        random = new SplittableRandom(seed);
    }

    SplittableRandom random() {
        return random;
    }

    /** So many lessons, two a week. */
    List<LessonFacts> lessons(int n, double left, double right, int asksASide) {
        List<LessonFacts> all = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            all.add(lesson(left, right, asksASide));
        }
        return all;
    }

    /** The next lesson, turns of five asks on each rein. */
    LessonFacts lesson(double left, double right, int asksASide) {
        double day = dayEffect();
        List<Ask> asks = new ArrayList<>();
        int onLeft = 0;
        int onRight = 0;
        while (onLeft < asksASide || onRight < asksASide) {
            for (int i = 0; i < 5 && onLeft < asksASide; i++, onLeft++) {
                asks.add(ask(Side.LEFT, shaken(left, day), asks.size()));
            }
            for (int i = 0; i < 5 && onRight < asksASide; i++, onRight++) {
                asks.add(ask(Side.RIGHT, shaken(right, day), asks.size()));
            }
        }
        LessonFacts lesson = new LessonFacts("lesson " + lessons, FIRST_DAY.plusDays(lessons * 7L / 2), asks);
        lessons++;
        return lesson;
    }

    double dayEffect() {
        return DAY_SPREAD * gaussian();
    }

    /** A chance on a day of this effect. */
    static double shaken(double chance, double day) {
        double odds = chance / (1 - chance) * Math.exp(day);
        return odds / (1 + odds);
    }

    /** One ask of which so many come well; the others are mostly on the way. */
    Ask ask(Side side, double good, int n) {
        boolean isGood = random.nextDouble() < good;
        double which = random.nextDouble();
        Response response = isGood
                ? Response.YES
                : which < 0.5
                        ? Response.TRY
                        : which < 0.7 ? Response.BRACE : which < 0.9 ? Response.NONE : Response.WRONG;
        Strength strength = random.nextDouble() < 0.3 ? Strength.THOUGHT : Strength.LIGHT;
        if (!isGood && random.nextDouble() < 0.3) {
            strength = random.nextDouble() < 0.8 ? Strength.CLEAR : Strength.STRONG;
        }
        return new Ask("e" + lessons + "." + n, 20_000L * n, side, Mounted.RIDER, strength, response);
    }

    /** Sum of twelve uniforms less six: normal enough for days. */
    private double gaussian() {
        double sum = 0;
        for (int i = 0; i < 12; i++) {
            sum += random.nextDouble();
        }
        return sum - 6;
    }
}
