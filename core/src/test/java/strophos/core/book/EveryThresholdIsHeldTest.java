package strophos.core.book;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import strophos.core.aid.AidCases;
import strophos.core.cause.CauseCases;
import strophos.core.change.ChangeCases;
import strophos.core.forecast.ForecastCases;
import strophos.core.homework.HomeworkCases;
import strophos.core.judgement.Cases;
import strophos.core.judgement.Threshold;
import strophos.core.judgement.ThresholdSet;
import strophos.core.load.LoadCases;
import strophos.core.pause.PauseCases;
import strophos.core.progress.RungCases;
import strophos.core.progress.SidednessCases;
import strophos.core.stop.StopCases;

/** Every worked case of every rule book; and each threshold moved by one step, up and down, breaks at least one of them. */
class EveryThresholdIsHeldTest {

    private static final List<Cases> ALL = List.of(
            RungCases.all(),
            SidednessCases.all(),
            StopCases.all(),
            AidCases.all(),
            CauseCases.probe(),
            CauseCases.sideBySide(),
            ChangeCases.all(),
            ForecastCases.all(),
            HomeworkCases.all(),
            LoadCases.all(),
            PauseCases.all());

    record Move(Cases cases, Threshold threshold, double to) {
        @Override
        public String toString() {
            return "%s %s %s → %s".formatted(cases.sheet().id(), threshold.name(), threshold.standard(), to);
        }
    }

    static Stream<Cases.Case> cases() {
        return ALL.stream().flatMap(c -> c.all().stream());
    }

    static Stream<Move> moves() {
        List<Move> moves = new ArrayList<>();
        for (Cases cases : ALL) {
            for (Threshold t : cases.sheet().thresholds()) {
                for (double to : new double[] {t.standard() - t.step(), t.standard() + t.step()}) {
                    // a cap may not be loosened by a yard, but the code could: so it is moved past it, too
                    boolean isPossible = to >= t.least() - 1e-9 && to <= t.most() + 1e-9;
                    if (isPossible || t.cap() != Threshold.Cap.FREE) {
                        moves.add(new Move(cases, t, to));
                    }
                }
            }
        }
        return moves.stream();
    }

    @ParameterizedTest
    @MethodSource("cases")
    void answersAsWorkedOut(Cases.Case each) {
        assertThat(each.answer().apply(each.sheet().standard()))
                .as(each.toString())
                .isEqualTo(each.expected());
    }

    @ParameterizedTest
    @MethodSource("moves")
    void aMovedThresholdIsNoticed(Move move) {
        assertThat(move.cases().all().stream().filter(c -> isNoticed(c, move)))
                .as("cases that notice %s", move)
                .isNotEmpty();
    }

    private static boolean isNoticed(Cases.Case c, Move move) {
        String answer = c.answer()
                .apply(Cases.moved(c.sheet().standard(), move.threshold().name(), move.to()));
        return !answer.equals(c.expected());
    }

    @Test
    void noBookIsForgotten() {
        assertThat(ALL.stream().map(Cases::sheet)).containsExactlyInAnyOrderElementsOf(Books.ALL);
        assertThat(Books.ALL.stream().map(ThresholdSet::book)).doesNotHaveDuplicates();
    }
}
