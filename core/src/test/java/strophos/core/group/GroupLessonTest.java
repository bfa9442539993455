package strophos.core.group;

import static org.assertj.core.api.Assertions.assertThat;
import static strophos.core.group.GroupLesson.findings;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import strophos.core.group.GroupLesson.Clash;
import strophos.core.group.GroupLesson.Finding;
import strophos.core.group.GroupLesson.Member;

/** Common practice, no source: nobody rides two horses at once, no horse carries two, and eight are as many as one can watch. */
class GroupLessonTest {

    private static final LocalDate TODAY = LocalDate.parse("2026-03-14");

    @Test
    void eightPairsAreTaughtTogetherAndNotNine() {
        assertThat(findings(pairs(8))).isEmpty();
        assertThat(findings(pairs(9))).containsExactly(new Finding(8, Clash.TOO_MANY));
    }

    @Test
    void aRiderAndAHorseAreInAGroupOnce() {
        Member vesper = member(1, 1, TODAY);
        assertThat(findings(List.of(vesper, member(1, 2, TODAY)))).containsExactly(new Finding(1, Clash.RIDER_TWICE));
        assertThat(findings(List.of(vesper, member(2, 1, TODAY)))).containsExactly(new Finding(1, Clash.HORSE_TWICE));
        assertThat(findings(List.of(vesper, member(2, 2, TODAY), vesper)))
                .containsExactly(new Finding(2, Clash.RIDER_TWICE), new Finding(2, Clash.HORSE_TWICE));
    }

    @Test
    void allRideOnTheDayOfTheFirst() {
        assertThat(findings(List.of(member(1, 1, TODAY), member(2, 2, TODAY.plusDays(1)), member(3, 3, TODAY))))
                .containsExactly(new Finding(1, Clash.OTHER_DAY));
    }

    @Test
    void onePairAloneIsNoTrouble() {
        assertThat(Stream.of(List.<Member>of(), pairs(1)).flatMap(m -> findings(m).stream()))
                .isEmpty();
    }

    private static List<Member> pairs(int many) {
        return IntStream.range(0, many).mapToObj(i -> member(i, i, TODAY)).toList();
    }

    private static Member member(int rider, int horse, LocalDate day) {
        return new Member(new UUID(9, rider * 100L + horse), new UUID(1, rider), new UUID(2, horse), day);
    }
}
