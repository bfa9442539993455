package strophos.core.progress;

import java.util.function.Function;
import strophos.core.judgement.Cases;
import strophos.core.judgement.Thresholds;

/** Both sides of every threshold of the stiffer side (rules 4). Fisher's two-sided values by hand from the formula. */
public final class SidednessCases {

    private SidednessCases() {}

    public static Cases all() {
        String level = "yyyt/yyyt";
        String left = "yytt/yyyt";
        return new Cases(StifferSide.SET)
                .with("10 against 6 of 10: 0.087", on("yyyyyyyyyy/yyyyyytttt"), "RIGHT DIFFERENCE")
                .with("20 against 16 of 20: 0.106", on(y(20, 20) + "/" + y(16, 20)), "NONE ALIKE")
                .with(
                        "one more, 20 ago: 20/20 against 16/20 is what counts",
                        on(y(20, 20) + "/b" + y(16, 20)),
                        "NONE ALIKE")
                .with(
                        "17 against 12 of 20, the 20th back a YES right",
                        on("b" + y(20, 20) + "/" + y(1, 1) + "tttt" + y(15, 15)),
                        "NONE ALIKE")
                .with(
                        "20/20 against 15/20: 0.047; with the 21st 16/21: 0.048",
                        on(y(20, 20) + "/" + y(15, 20)),
                        "RIGHT DIFFERENCE")
                .with(
                        "the 20th back makes it: 15/20 against 20/20",
                        on(y(20, 20) + "/ttttt" + y(15, 15)),
                        "RIGHT DIFFERENCE")
                .with("two asks a rein are too few", on("yy/tt"), "NONE TOO_FEW")
                .with("3 against 0 of 3: 0.1", on("yyy/ttt"), "RIGHT DIFFERENCE")
                .with("five of the last six", on(String.join(";", level, left, left, left, left, left)), "LEFT RUN")
                .with("four of the last six", on(String.join(";", level, level, left, left, left, left)), "NONE ALIKE")
                .with("five of seven", on(String.join(";", left, level, level, left, left, left, left)), "NONE ALIKE")
                .with(
                        "five lessons are too few for a run",
                        on(String.join(";", left, left, left, left, left)),
                        "NONE ALIKE");
    }

    private static String y(int yes, int of) {
        return "y".repeat(yes) + "t".repeat(of - yes);
    }

    private static Function<Thresholds, String> on(String lessons) {
        return t -> {
            Sidedness judged = StifferSide.of(t).judge(Lessons.read(lessons).facts());
            return judged.stiffer() + " " + judged.basis();
        };
    }
}
