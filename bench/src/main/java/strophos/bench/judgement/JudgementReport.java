package strophos.bench.judgement;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** {@code ./strophos bench judgement}: the table of docs/judgement.md, made anew between its two marks. */
public final class JudgementReport {

    private static final int PAIRS = 4000;
    private static final String BEGIN = "<!-- table: ./strophos bench judgement -->";
    private static final String END = "<!-- end of table -->";

    private JudgementReport() {}

    static List<Counted> all(int pairs) {
        List<Counted> all = new ArrayList<>();
        for (double good : new double[] {0.5, 0.6, 0.7}) {
            all.add(Decisions.movesOn(good, 8, 10, pairs));
        }
        for (int lessons : new int[] {2, 4, 8}) {
            all.add(Decisions.movesOn(0.9, lessons, 10, pairs));
        }
        for (double good : new double[] {0.9, 0.8, 0.6, 0.3}) {
            all.add(Decisions.stepsBack(good, 4, 10, pairs));
        }
        all.add(Decisions.reopens(0.85, 20, 6, pairs));
        all.add(Decisions.reopens(0.35, 4, 6, pairs));
        all.add(Decisions.namesRight(0.7, 0.7, 2, 10, pairs));
        all.add(Decisions.namesRight(0.7, 0.7, 6, 10, pairs));
        all.add(Decisions.namesRight(0.8, 0.55, 2, 10, pairs));
        all.add(Decisions.namesRight(0.8, 0.55, 6, 10, pairs));
        all.add(Causes.falseFindings(10, pairs));
        all.add(Causes.falseFindings(20, pairs));
        all.add(Causes.trueFinding(2, 3, 4, pairs));
        all.add(Causes.trueFinding(4, 3, 4, pairs));
        all.add(Causes.trueFinding(8, 3, 4, pairs));
        all.add(Causes.hint(0, 0, pairs));
        all.add(Causes.hint(0.15, 0, pairs));
        all.add(Causes.moreThanWaiting(3, 0.15, 0, pairs));
        all.add(Causes.moreThanWaiting(3, 0.15, 0.3, pairs));
        all.add(Causes.moreThanWaiting(6, 0.15, 0.3, pairs));
        all.add(Changes.plateau(3, 10, 20, pairs));
        all.add(Changes.plateau(3, 20, 20, pairs));
        all.add(Changes.plateau(0, 10, 20, pairs));
        all.add(Changes.plateau(0, 20, 20, pairs));
        all.add(Changes.moves(0, 20, 20, pairs));
        all.add(Changes.moves(3, 10, 20, pairs));
        all.add(Changes.moves(3, 20, 20, pairs));
        all.add(Changes.falseThirds(0.5, pairs));
        return all;
    }

    public static void main(String[] args) throws IOException {
        StringBuilder table =
                new StringBuilder("| said | on pairs of which | how often | standard error |\n|---|---|---|---|\n");
        all(PAIRS).forEach(c -> table.append(c.line()).append('\n'));
        double[] free = Changes.thirdsBias(0.5, 0, PAIRS);
        double[] least = Changes.thirdsBias(0.5, 18, PAIRS);
        table.append(
                "\nLast third over first where nothing changed (50 %% throughout): ended at three YES running, %+.1f points counted naively, %+.1f as the rule counts; the same with 18 asks at least, %+.1f and %+.1f. %d simulated pairs a line.\n"
                        .formatted(free[0], free[1], least[0], least[1], PAIRS));
        System.out.println(table);
        Path doc = Path.of(args[0]);
        String text = Files.readString(doc);
        int from = text.indexOf(BEGIN) + BEGIN.length();
        Files.writeString(doc, text.substring(0, from) + "\n\n" + table + "\n" + text.substring(text.indexOf(END)));
    }
}
