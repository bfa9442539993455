package strophos.core.change;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import strophos.core.exchange.Mounted;
import strophos.core.exchange.Side;
import strophos.core.judgement.Cases;
import strophos.core.judgement.Thresholds;
import strophos.core.progress.Lessons;
import strophos.core.stats.Proportion;

/** Both sides of every threshold of what changed (rules 7). */
public final class ChangeCases {

    private ChangeCases() {}

    public static Cases all() {
        return new Cases(ChangeThresholds.SET)
                .with("eight lessons, all the same", plateau(10, 7, 7, 7, 7, 7, 7, 7, 7), "MET")
                .with("seven lessons", plateau(10, 7, 7, 7, 7, 7, 7, 7), "FEW")
                .with("three asks a lesson do not count", plateau(3, 2, 2, 2, 2, 2, 2, 2, 2), "FEW")
                .with("four do", plateau(4, 2, 2, 2, 2, 2, 2, 2, 2), "MET")
                .with("two points a lesson", plateau(100, 50, 52, 54, 56, 58, 60, 62, 64), "MET")
                .with("three points a lesson", plateau(100, 50, 53, 56, 59, 62, 65, 68, 71), "BROKEN")
                .with("two and a quarter", plateau(400, 200, 209, 218, 227, 236, 245, 254, 263), "BROKEN")
                .with("falling", plateau(100, 71, 68, 65, 62, 59, 56, 53, 50), "BROKEN")
                .with("rates that jump", plateau(10, 3, 9, 4, 8, 2, 9, 3, 8), "FEW")
                // found by search: here the 21st, there the 20th lesson back would decide
                .with(
                        "the 21st lesson back does not count",
                        plateau(10, 5, 5, 8, 5, 7, 6, 5, 4, 6, 6, 3, 5, 6, 4, 5, 5, 5, 4, 4, 4, 3),
                        "FEW")
                .with(
                        "the 20th does",
                        plateau(10, 6, 7, 9, 8, 7, 7, 7, 8, 9, 6, 7, 7, 8, 6, 6, 8, 5, 8, 7, 4, 7),
                        "MET")
                // Fisher, two-sided: 0/4 against 4/4 0.029, 0/5 against 3/5 0.167, 1/7 against 5/7 0.103, 0/4 against
                // 3/4 0.143
                .with("from nothing to all", thirds("tttt" + "tyty" + "yyyy" + "t" + "yyy"), "MET")
                .with("1 against 5 of 7: 0.103", thirds("ytttttt" + "tytytyt" + "yyyytyt"), "BROKEN")
                .with("0 against 4 of 6: 0.061", thirds("tttttt" + "tytyty" + "yytyyt"), "MET")
                .with("three a third are too few", thirds("ttt" + "tyt" + "yyy" + "t" + "yyy"), "FEW")
                .with("what ended it is left out", thirds("tttt" + "tttt" + "tttt" + "t" + "yyyy"), "BROKEN");
    }

    private static Function<Thresholds, String> plateau(int of, int... successes) {
        return t -> Cases.word(Plateau.of(t).judge(rates(of, successes)));
    }

    private static List<Rate> rates(int of, int... successes) {
        List<Rate> rates = new ArrayList<>();
        for (int s : successes) {
            rates.add(new Rate("lesson " + rates.size(), new Proportion(s, of)));
        }
        return rates;
    }

    private static Function<Thresholds, String> thirds(String asks) {
        return t -> Cases.word(Thirds.of(t).judge(Lessons.asks(asks, Side.LEFT, Mounted.RIDER)));
    }
}
