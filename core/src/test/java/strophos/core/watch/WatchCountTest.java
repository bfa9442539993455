package strophos.core.watch;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import strophos.core.watch.WatchCount.Tick;

/** Counted by hand. */
class WatchCountTest {

    private static final LocalDate DAY = LocalDate.of(2026, 11, 24);

    @Test
    void isAskedForItsWeeksAndNoLonger() {
        WatchCount watched = WatchCount.of(DAY, 4, List.of());
        assertThat(watched.until()).isEqualTo(LocalDate.of(2026, 12, 22));
        assertThat(watched.isOn(DAY.minusDays(1))).isFalse();
        assertThat(watched.isOn(DAY)).isTrue();
        assertThat(watched.isOn(LocalDate.of(2026, 12, 22))).isTrue();
        assertThat(watched.isOn(LocalDate.of(2026, 12, 23))).isFalse();
    }

    @Test
    void countsALessonOnceWithItsLastTick() {
        List<Tick> ticks = List.of(
                new Tick("a", true),
                new Tick("b", false),
                new Tick("a", false),
                new Tick("c", true),
                new Tick("c", true));
        assertThat(WatchCount.of(DAY, 2, ticks)).isEqualTo(new WatchCount(DAY, 2, 3, 1));
    }

    @Test
    void refusesWhatCannotBe() {
        assertThatThrownBy(() -> new WatchCount(DAY, 0, 0, 0)).hasMessageContaining("weeks (0)");
        assertThatThrownBy(() -> new WatchCount(DAY, 27, 0, 0)).hasMessageContaining("weeks (27)");
        assertThatThrownBy(() -> new WatchCount(DAY, 1, 1, 2)).hasMessageContaining("Seen (2)");
    }
}
