package strophos.core.contact;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import strophos.core.arena.Arena;
import strophos.core.arena.Figure;
import strophos.core.arena.Figures;
import strophos.core.exchange.Rein;

/** Letters as they stand in the standard arenas (published: international dressage rules). */
class LettersPassedTest {

    private static final Figure LEFT_ON_SAND = Figures.track(Arena.SMALL, 3);

    @Test
    void theLeftReinRunsAFBMCHEKAndTheRightReinTheOtherWay() {
        assertThat(order(LettersPassed.of(Arena.SMALL, LEFT_ON_SAND))).isEqualTo("AFBMCHEK");
        assertThat(order(LettersPassed.of(Arena.SMALL, LEFT_ON_SAND.reversed())))
                .isEqualTo("KEHCMBFA");
        assertThat(order(LettersPassed.of(Arena.STANDARD, Figures.track(Arena.STANDARD, 3))))
                .isEqualTo("AFPBRMCHSEVK");
    }

    @Test
    void theTrackIsRiddenOnItsRein() {
        assertThat(order(LettersPassed.alongTheTrack(Arena.SMALL, Rein.LEFT))).isEqualTo("AFBMCHEK");
        assertThat(order(LettersPassed.alongTheTrack(Arena.STANDARD, Rein.RIGHT)))
                .isEqualTo("KVESHCMRBPFA");
        assertThat(order(LettersPassed.alongTheTrack(Arena.SMALL, Rein.NONE))).isEmpty();
        // the example: heavy 25 m after K, past V and E on the right rein
        assertThat(LettersPassed.alongTheTrack(Arena.STANDARD, Rein.RIGHT).lastBefore("K", 25))
                .contains("E");
    }

    private static String order(LettersPassed letters) {
        return letters.letters().stream().map(LettersPassed.Letter::letter).collect(Collectors.joining());
    }

    /** From F the long side of the small arena has B after 14 m and M after 28; of the large one P 12, B 24, R 36, M 48. */
    @ParameterizedTest
    @CsvSource({
        "F, 0, F",
        "F, 13, F",
        "F, 15, B",
        "F, 25, B",
        "F, 29, M",
        "M, 25, C",
        "K, 200, C",
        "K, 203, H",
    })
    void saysTheLastLetterBefore(String from, double ridden, String last) {
        assertThat(LettersPassed.of(Arena.SMALL, LEFT_ON_SAND).lastBefore(from, ridden))
                .contains(last);
    }

    @ParameterizedTest
    @CsvSource({"F, 11, F", "F, 25, B", "F, 37, R", "H, 25, E"})
    void saysItInTheLargeArenaToo(String from, double ridden, String last) {
        Figure track = Figures.track(Arena.STANDARD, 3);
        assertThat(LettersPassed.of(Arena.STANDARD, track).lastBefore(from, ridden))
                .contains(last);
    }

    @Test
    void aCircleGoesRoundAndRoundPastItsLetters() {
        LettersPassed circle = LettersPassed.of(Arena.SMALL, Figures.circle(Arena.SMALL, "A", 20, Rein.LEFT));
        assertThat(circle.lapM()).isCloseTo(62.83, within(0.01));
        assertThat(order(circle)).contains("A", "X");
        assertThat(circle.lastBefore("A", 3 * 62.83 + 5)).contains("A");
        assertThat(circle.lastBefore("B", 5)).isEmpty();
    }
}
