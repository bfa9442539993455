package strophos.bench.judgement;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import strophos.core.cause.HelpsMoreThanWaiting;
import strophos.core.cause.HelpsOverDays;
import strophos.core.cause.MarkedAsk;
import strophos.core.cause.ProbeDay;
import strophos.core.cause.ProbeThresholds;
import strophos.core.cause.SideBySide;
import strophos.core.exchange.Side;
import strophos.core.judgement.Rule;
import strophos.core.progress.Ask;

/** What is said of causes on simulated pairs. */
final class Causes {

    private static final int FACTORS = 8;
    private static final LocalDate FIRST_DAY = LocalDate.of(2026, 1, 5);

    private Causes() {}

    /**
     * Eight faults that do nothing, each more frequent on bad days, over so many lessons of twenty asks: is anything shown
     * as worth checking?
     */
    static Counted falseFindings(int lessons, int pairs) {
        SideBySide rule = SideBySide.of(SideBySide.SET.standard());
        return Counted.over(
                "anything “worth checking”",
                "eight faults that do nothing, %d lessons of 20 asks".formatted(lessons),
                pairs,
                seed -> !rule.compare(noise(seed, lessons)).worthChecking().isEmpty());
    }

    static List<MarkedAsk> noise(long seed, int lessons) {
        SimulatedPair pair = new SimulatedPair(seed);
        List<MarkedAsk> told = new ArrayList<>();
        for (int lesson = 0; lesson < lessons; lesson++) {
            double day = pair.dayEffect();
            for (int i = 0; i < 20; i++) {
                Set<String> factors = new HashSet<>();
                for (int f = 0; f < FACTORS; f++) {
                    // a bad day has more faults and fewer YES, for one and the same reason
                    double often = SimulatedPair.shaken(0.08 + 0.04 * f, -2 * day);
                    if (pair.random().nextDouble() < often) {
                        factors.add("fault " + f);
                    }
                }
                boolean yes = pair.random().nextDouble() < SimulatedPair.shaken(0.65, 2 * day);
                told.add(new MarkedAsk("e" + told.size(), "lesson " + lesson, "bend", yes, factors));
            }
        }
        return told;
    }

    /** One fault that matters: 20 % YES with it, 80 % without, among seven that do not. */
    static Counted trueFinding(int lessons, int withALesson, int withoutALesson, int pairs) {
        SideBySide rule = SideBySide.of(SideBySide.SET.standard());
        return Counted.over(
                "the fault that matters “worth checking”",
                "20 %% YES with it, 80 %% without, %d lessons with %d and %d asks"
                        .formatted(lessons, withALesson, withoutALesson),
                pairs,
                seed -> rule.compare(planted(seed, lessons, withALesson, withoutALesson)).worthChecking().stream()
                        .anyMatch(l -> l.factor().equals("leg back")));
    }

    private static List<MarkedAsk> planted(long seed, int lessons, int withALesson, int withoutALesson) {
        SimulatedPair pair = new SimulatedPair(seed);
        List<MarkedAsk> told = new ArrayList<>();
        for (int lesson = 0; lesson < lessons; lesson++) {
            double day = pair.dayEffect();
            for (int i = 0; i < withALesson + withoutALesson; i++) {
                Set<String> factors = new HashSet<>();
                if (i < withALesson) {
                    factors.add("leg back");
                }
                for (int f = 1; f < FACTORS; f++) {
                    if (pair.random().nextDouble() < 0.25) {
                        factors.add("fault " + f);
                    }
                }
                double chance = SimulatedPair.shaken(i < withALesson ? 0.2 : 0.8, day);
                told.add(new MarkedAsk(
                        "e" + told.size(),
                        "lesson " + lesson,
                        "bend",
                        pair.random().nextDouble() < chance,
                        factors));
            }
        }
        return told;
    }

    /** Days on which a rung is measured twice with another exercise between, and control days. */
    private static List<ProbeDay> probes(long seed, int days, int controls, double warmUp, double help) {
        SimulatedPair pair = new SimulatedPair(seed);
        List<ProbeDay> probes = new ArrayList<>();
        for (int i = 0; i < days + controls; i++) {
            boolean isControl = i >= days;
            double day = pair.dayEffect();
            double gain = warmUp + (isControl ? 0 : help);
            probes.add(new ProbeDay(
                    FIRST_DAY.plusDays(3L * i),
                    isControl ? Optional.empty() : Optional.of("rein-back"),
                    measured(pair, 0.5, day),
                    measured(pair, 0.5 + gain, day)));
        }
        return probes;
    }

    private static List<Ask> measured(SimulatedPair pair, double good, double day) {
        List<Ask> asks = new ArrayList<>();
        for (int i = 0; i < 5; i++) {
            asks.add(pair.ask(Side.LEFT, SimulatedPair.shaken(good, day), i));
        }
        return asks;
    }

    static Counted hint(double warmUp, double help, int pairs) {
        return probe(HelpsOverDays.of(ProbeThresholds.SET.standard()), "probe: hint", 6, 0, warmUp, help, pairs);
    }

    static Counted moreThanWaiting(int controls, double warmUp, double help, int pairs) {
        return probe(
                HelpsMoreThanWaiting.of(ProbeThresholds.SET.standard()),
                "probe: helps more than waiting",
                6,
                controls,
                warmUp,
                help,
                pairs);
    }

    private static Counted probe(
            Rule<List<ProbeDay>> rule, String question, int days, int controls, double warmUp, double help, int pairs) {
        String situation = "%d days%s, warming up +%.0f points, the exercise +%.0f"
                .formatted(days, controls == 0 ? "" : " and " + controls + " control days", 100 * warmUp, 100 * help);
        return Counted.over(
                question,
                situation,
                pairs,
                seed -> rule.judge(probes(seed, days, controls, warmUp, help)).isMet());
    }
}
