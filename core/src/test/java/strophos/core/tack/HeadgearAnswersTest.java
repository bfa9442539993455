package strophos.core.tack;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import strophos.core.stair.RungId;
import strophos.core.stats.Proportion;
import strophos.core.tack.HeadgearAnswers.OfLesson;

class HeadgearAnswersTest {

    private static final RungId BEND = RungId.of("inside-bend.walk.rail");
    private static final RungId STOP = RungId.of("soft-halt.walk.rail");
    private static final RungId JUMP = RungId.of("single-fence.canter.fences");

    @Test
    void onlyWhatWasAskedInBothIsLaidBesideEachOther() {
        List<HeadgearAnswers> beside = HeadgearAnswers.beside(List.of(
                new OfLesson("1", "rope-halter", BEND, 6, 8, 12),
                new OfLesson("2", "rope-halter", STOP, 3, 4, 8),
                new OfLesson("2", "snaffle", BEND, 2, 4, 12),
                new OfLesson("3", "snaffle", STOP, 1, 4, 12),
                new OfLesson("3", "snaffle", JUMP, 9, 9, 9)));

        assertThat(beside)
                .containsExactly(
                        new HeadgearAnswers("rope-halter", 2, new Proportion(9, 12), 20 / 12.0),
                        new HeadgearAnswers("snaffle", 2, new Proportion(3, 8), 3.0));
    }

    @Test
    void nothingStandsBesideAHeadgearThatSharesNoRung() {
        assertThat(HeadgearAnswers.beside(List.of(
                        new OfLesson("1", "rope-halter", BEND, 6, 8, 12),
                        new OfLesson("2", "snaffle", JUMP, 2, 4, 12))))
                .isEmpty();
        assertThat(HeadgearAnswers.beside(List.of())).isEmpty();
    }
}
