package strophos.core.cause;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import strophos.core.exchange.Mounted;
import strophos.core.exchange.Side;
import strophos.core.judgement.Cases;
import strophos.core.judgement.Thresholds;
import strophos.core.progress.Lessons;

/** Both sides of every threshold of probe and side by side (rules 2 and 7). Exact values by hand: counting the ways. */
public final class CauseCases {

    private static final LocalDate DAY = LocalDate.of(2026, 5, 4);

    private CauseCases() {}

    public static Cases probe() {
        return new Cases(ProbeThresholds.SET)
                // 4 of 4 after 0 of 4: one way in 70; 3 after 0: 5 in 70 = 0.071; 3 after 1: 17 in 70 = 0.243
                .with("0.071", today("tttt", "yyyt"), "MET")
                .with("0.243", today("yttt", "yyyt"), "BROKEN")
                // 2 of 4 after 0 of 5: 6 in 36 = 0.167; 2 of 4 after 0 of 8: 6 in 66 = 0.091; after 0 of 7: 6 in 55 =
                // 0.109
                .with("0.109", today("ttttttt", "yytt"), "BROKEN")
                .with("three asks are too few", today("tttt", "yyy"), "FEW")
                .with("four are enough", today("bbbb", "yyyy"), "MET")
                .with("five of the last six", days("+++++-"), "MET")
                .with("four of the last six", days("++++--"), "BROKEN")
                .with("five of seven", days("+-+++-+"), "BROKEN")
                .with("five days", days("+++++"), "FEW")
                .with("a day that stayed the same did not help", days("++++=="), "BROKEN")
                // three gains of 0.5 against three of 0: one way in 20
                .with("three days against three control days", control(3, 3, "tttt/yyyy"), "MET")
                .with("two control days", control(3, 2, "tttt/yyyy"), "FEW")
                .with("no better than waiting", control(3, 3, "tttt/tttt"), "BROKEN")
                .with("0.1: 2 of 20 ways", mixedControl(), "MET")
                .with("0.2: 4 of 20 ways", weakControl(), "BROKEN");
    }

    private static Function<Thresholds, String> today(String before, String after) {
        return t -> Cases.word(HelpedToday.of(t).judge(day(DAY, Optional.of("rein-back"), before, after)));
    }

    private static Function<Thresholds, String> days(String signs) {
        List<ProbeDay> days = new ArrayList<>();
        for (int i = 0; i < signs.length(); i++) {
            String after = signs.charAt(i) == '+' ? "yyyy" : signs.charAt(i) == '=' ? "tttt" : "bbbb";
            days.add(day(DAY.plusDays(i), Optional.of("rein-back"), "tttt", after));
        }
        return t -> Cases.word(HelpsOverDays.of(t).judge(days));
    }

    /** Days with the exercise, each with this gain, and control days on which nothing changed. */
    private static Function<Thresholds, String> control(int with, int without, String gain) {
        List<ProbeDay> days = new ArrayList<>();
        for (int i = 0; i < with; i++) {
            days.add(day(DAY.plusDays(i), Optional.of("rein-back"), gain.split("/")[0], gain.split("/")[1]));
        }
        for (int i = 0; i < without; i++) {
            days.add(day(DAY.plusDays(10L + i), Optional.empty(), "tttt", "tttt"));
        }
        return t -> Cases.word(HelpsMoreThanWaiting.of(t).judge(days));
    }

    /** Gains 4, 3, 2 against 3, 1, 0 eighths... the sum of the first is reached or passed in 2 of 20 ways. */
    private static Function<Thresholds, String> mixedControl() {
        return gains(new String[] {"yyyy", "yyyt", "yytt"}, new String[] {"yytt", "yttt", "tttt"});
    }

    private static Function<Thresholds, String> weakControl() {
        return gains(new String[] {"yyyy", "yyyt", "yttt"}, new String[] {"yytt", "yttt", "tttt"});
    }

    private static Function<Thresholds, String> gains(String[] with, String[] without) {
        List<ProbeDay> days = new ArrayList<>();
        for (int i = 0; i < with.length; i++) {
            days.add(day(DAY.plusDays(i), Optional.of("rein-back"), "tttt", with[i]));
            days.add(day(DAY.plusDays(10L + i), Optional.empty(), "tttt", without[i]));
        }
        return t -> Cases.word(HelpsMoreThanWaiting.of(t).judge(days));
    }

    private static ProbeDay day(LocalDate day, Optional<String> between, String before, String after) {
        return new ProbeDay(
                day,
                between,
                Lessons.asks(before, Side.LEFT, Mounted.RIDER),
                Lessons.asks(after, Side.LEFT, Mounted.RIDER));
    }

    public static Cases sideBySide() {
        return new Cases(SideBySide.SET)
                // each lesson 0 of 2 with, 4 of 4 without: by chance one way in 15, twice one in 225
                .with("four with in two lessons", compare("ffYYYY", "ffYYYY"), "leg back 0.004")
                .with("three with are too few", compare("ffYYYY", "fYYYY"), "few WITH")
                .with("four without", compare("ffffYY", "ffffYY"), "leg back 0.004")
                .with("three without are too few", compare("ffffYY", "ffffY"), "few WITHOUT")
                .with("one lesson is too few", compare("ffffYYYY", "YYYY"), "few LESSONS")
                // two lessons of 0/2 against 2/2: each 1 in 6, both 1 in 36, and as much the other way
                .with("0.056", compare("ffYY", "ffYY"), "leg back 0.056")
                .with("two lessons of 0/2 against 1/2", compare("ffYy", "ffYy"), "")
                .with("0.067: one lesson tells, one does not", compare("ffYYYY", "yyffff"), "leg back 0.067")
                // 0/2 against 4/5: 3 in 21
                .with("0.143", compare("ffYYYYy", "yyffff"), "")
                .with("only the last twenty lessons", t -> oldHabit(t, 20), "")
                .with("the twentieth still counts", t -> oldHabit(t, 18), "leg back 0.004")
                .with("the strongest three of four", CauseCases::fourFactors, "a b c");
    }

    /** f: no YES, with the fault; Y: YES without it; y: no YES without it. */
    private static Function<Thresholds, String> compare(String... lessons) {
        return t -> answer(SideBySide.of(t).compare(told(lessons)));
    }

    private static List<MarkedAsk> told(String... lessons) {
        List<MarkedAsk> told = new ArrayList<>();
        for (int i = 0; i < lessons.length; i++) {
            for (char c : lessons[i].toCharArray()) {
                Set<String> factors = c == 'f' ? Set.of("leg back") : Set.of();
                told.add(new MarkedAsk("e" + told.size(), "lesson " + i, "bend", c == 'Y', factors));
            }
        }
        return told;
    }

    /** Two lessons with the fault, then so many without. */
    private static String oldHabit(Thresholds t, int since) {
        String[] lessons = new String[since + 2];
        java.util.Arrays.fill(lessons, "YYYY");
        lessons[0] = "ffYYYY";
        lessons[1] = "ffYYYY";
        return answer(SideBySide.of(t).compare(told(lessons)));
    }

    private static String fourFactors(Thresholds t) {
        List<MarkedAsk> told = new ArrayList<>();
        for (int i = 0; i < 24; i++) {
            String factor = List.of("a", "b", "c", "d").get(i % 4);
            told.add(new MarkedAsk("f" + i, "lesson " + i % 3, "bend", false, Set.of(factor)));
            told.add(new MarkedAsk("g" + i, "lesson " + i % 3, "bend", true, Set.of()));
        }
        return String.join(
                " ",
                SideBySide.of(t).compare(told).worthChecking().stream()
                        .map(SideBySide.Comparison::factor)
                        .toList());
    }

    private static String answer(SideBySide.Result result) {
        if (!result.tooFew().isEmpty()) {
            return "few "
                    + String.join(
                            " ",
                            result.tooFew().values().stream().map(Enum::name).toList());
        }
        return String.join(
                " ",
                result.worthChecking().stream()
                        .map(l -> "%s %.3f".formatted(l.factor(), l.p()))
                        .toList());
    }
}
