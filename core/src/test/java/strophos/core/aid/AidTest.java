package strophos.core.aid;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import strophos.core.exchange.Rein;
import strophos.core.exchange.Release;
import strophos.core.school.CorrectionPolicy;
import strophos.core.school.School;
import strophos.core.school.Teaching;
import strophos.core.stats.Proportion;

class AidTest {

    @Test
    void theSegmentsPolicyGoesBeforeTheExercisesAndTheSchools() {
        CorrectionPolicy school = Teaching.of(School.CLASSICAL).correction();
        assertThat(Errors.policy(Optional.empty(), Optional.empty(), school)).isEqualTo(CorrectionPolicy.PREVENT);
        assertThat(Errors.policy(Optional.empty(), Optional.of(CorrectionPolicy.AT_ONCE), school))
                .isEqualTo(CorrectionPolicy.AT_ONCE);
        assertThat(Errors.policy(
                        Optional.of(CorrectionPolicy.WHEN_CLEAR), Optional.of(CorrectionPolicy.AT_ONCE), school))
                .isEqualTo(CorrectionPolicy.WHEN_CLEAR);
    }

    private static MissedReleases.NotedRelease release(String id, String exercise, Rein rein, Release kind) {
        return new MissedReleases.NotedRelease(id, exercise, rein, kind);
    }

    @Test
    void missedReleasesAreListedByExerciseAndRein() {
        assertThat(MissedReleases.list(List.of(
                        release("1", "bend", Rein.LEFT, Release.PROMPT),
                        release("2", "bend", Rein.RIGHT, Release.MISSED),
                        release("3", "halt", Rein.LEFT, Release.MISSED),
                        release("4", "bend", Rein.RIGHT, Release.LATE),
                        release("5", "bend", Rein.RIGHT, Release.MISSED))))
                .containsExactly(
                        new MissedReleases.Count("bend", Rein.RIGHT, new Proportion(2, 3), List.of("2", "5")),
                        new MissedReleases.Count("halt", Rein.LEFT, new Proportion(1, 1), List.of("3")));
    }

    @Test
    void aConflictNamesItsMoments() {
        AidEvidence seen = (AidEvidence) DrivesIntoTheHand.of(AidThresholds.SET.standard())
                .judge(java.util.stream.IntStream.range(0, 5)
                        .mapToObj(i -> new Drive(
                                "e" + i,
                                TimeSource.TWO_TOUCHES,
                                i < 2 ? Optional.of(java.time.Duration.ofMillis(700)) : Optional.empty(),
                                java.util.OptionalDouble.empty(),
                                false))
                        .toList())
                .evidence()
                .get(0);
        assertThat(seen.entries()).containsExactly("e0", "e1");
    }
}
