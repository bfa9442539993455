package strophos.core.load;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.Duration;
import java.util.Collections;
import java.util.List;
import org.hipparchus.stat.descriptive.DescriptiveStatistics;
import org.junit.jupiter.api.Test;

class LoadsTest {

    private static final List<Double> WEEK = List.of(180.0, 0.0, 240.0, 150.0, 0.0, 300.0, 200.0);

    @Test
    void minutesTimesEffort() {
        assertThat(SessionLoad.of(Duration.ofMinutes(45), 4).load()).isEqualTo(180);
        assertThat(SessionLoad.of(Duration.ofMinutes(45), 0).load()).isZero();
        assertThat(SessionLoad.of(Duration.ofMinutes(1), 10).load()).isEqualTo(10);
        assertThatThrownBy(() -> SessionLoad.of(Duration.ofMinutes(1), 11)).hasMessageContaining("[0, 10]");
        assertThatThrownBy(() -> SessionLoad.of(Duration.ofMinutes(-1), 1)).hasMessageContaining("at least 0");
    }

    /** Foster's week by hand: mean 152.86, SD 114.70, monotony 1.333, strain 1425.9; the SD also by the library. */
    @Test
    void aWeek() {
        WeekLoad week = WeekLoad.of(WEEK);
        assertThat(week.mean()).isCloseTo(152.86, within(0.005));
        assertThat(week.sd()).isCloseTo(114.70, within(0.005));
        assertThat(week.monotony().orElseThrow()).isCloseTo(1.333, within(0.0005));
        assertThat(week.strain().orElseThrow()).isCloseTo(1425.9, within(0.05));
        DescriptiveStatistics library = new DescriptiveStatistics();
        WEEK.forEach(library::addValue);
        assertThat(week.sd()).isCloseTo(library.getStandardDeviation(), within(1e-9));
    }

    @Test
    void sevenDaysAlikeHaveNoMonotony() {
        assertThat(WeekLoad.of(Collections.nCopies(7, 150.0)).monotony()).isEmpty();
        assertThat(WeekLoad.of(Collections.nCopies(7, 0.0)).strain()).isEmpty();
        assertThatThrownBy(() -> WeekLoad.of(List.of(1.0))).hasMessageContaining("7 daily loads");
    }

    /** By hand: after 100 a day, one day of 500 lifts the acute by a quarter of 400, the chronic by 2/29 of it. */
    @Test
    void acuteAgainstChronic() {
        assertThat(AcuteChronic.of(Collections.nCopies(40, 100.0)).ratio()).hasValue(1);
        AcuteChronic jump = AcuteChronic.of(List.of(100.0, 100.0, 500.0));
        assertThat(jump.acute()).isEqualTo(200);
        assertThat(jump.chronic()).isCloseTo(100 + 400 * 2.0 / 29, within(1e-9));
        assertThat(AcuteChronic.of(List.of(0.0, 0.0)).ratio()).isEmpty();
        assertThatThrownBy(() -> AcuteChronic.of(List.of())).hasMessageContaining("at least one day");
    }
}
