package strophos.core.welfare;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import java.util.OptionalInt;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import strophos.core.exchange.Footing;
import strophos.core.stop.StopThresholds;

/** What ground and weather leave of a lesson (common practice, no source; the heat's lines are checked in {@link HeatTest}). */
class GroundAndWeatherTest {

    private static final Heat HEAT = Heat.of(StopThresholds.SET.standard());

    @ParameterizedTest
    @CsvSource(
            nullValues = "-",
            value = {
                // footing, °C, %, the fastest, share of the work
                "-,        -,  -,  ALL,     1",
                "GOOD,     10, 95, ALL,     1",
                "DEEP,     10, 50, TROT,    0.75",
                "HARD,     10, 50, TROT,    1",
                "SLIPPERY, 10, 50, WALK,    1",
                "FROZEN,   -5, 80, WALK,    1",
                // 24 °C, 60 % is 135.2: shade and shorter
                "GOOD,     24, 60, ALL,     0.75",
                // 32 °C, 65 % is 154.6: light work in the cool only
                "GOOD,     32, 65, TROT,    0.5",
                "SLIPPERY, 32, 65, WALK,    0.5",
                // 40 °C, 20 % is 124, and hot all the same
                "GOOD,     40, 20, TROT,    0.5",
                // 35 °C, 90 % is 185: nothing is ridden
                "GOOD,     35, 90, NOTHING, 0.5",
                // only the temperature was noted
                "-,        30, -,  ALL,     1",
                "-,        36, -,  TROT,    0.5",
                "-,        -,  90, ALL,     1"
            })
    void whatIsLeftOfALesson(
            Footing footing, Integer temperature, Integer humidity, GroundAndWeather.Most most, double share) {
        GroundAndWeather day = new GroundAndWeather(Optional.ofNullable(footing), of(temperature), of(humidity));
        assertThat(day.most(HEAT)).isEqualTo(most);
        assertThat(day.shareOfWork(HEAT)).isEqualTo(share);
    }

    private static OptionalInt of(Integer value) {
        return value == null ? OptionalInt.empty() : OptionalInt.of(value);
    }
}
