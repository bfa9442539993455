package strophos.core.footfall;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import strophos.core.exchange.Foot;
import strophos.core.exchange.Landing;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class FootfallsTest {

    static Stream<JsonNode> examples() throws IOException {
        Path file = Path.of(System.getProperty("strophos.root"), "examples", "footfalls.json");
        return JsonMapper.shared().readTree(Files.readString(file)).valueStream();
    }

    /** The same examples as the web's. */
    @ParameterizedTest
    @MethodSource("examples")
    void theExamples(JsonNode e) {
        List<Landing> landings = e.path("landings")
                .valueStream()
                .map(l -> new Landing(
                        Foot.valueOf(l.path(0).asString()), l.path(1).asInt()))
                .toList();
        Optional<Footfalls> of = Footfalls.of(landings, e.path("frameMs").asDouble());
        if (e.path("strideS").isNull()) {
            assertThat(of).as(e.path("says").asString()).isEmpty();
            return;
        }
        assertThat(of.orElseThrow().strideS()).isCloseTo(e.path("strideS").asDouble(), within(1e-9));
        check(of.get().left(), e.path("left"));
        check(of.get().right(), e.path("right"));
    }

    private static void check(Optional<SideLag> of, JsonNode expected) {
        assertThat(of.isPresent()).isEqualTo(!expected.isMissingNode());
        of.ifPresent(lag -> {
            assertThat(lag.share()).isCloseTo(expected.path("share").asDouble(), within(5e-4));
            assertThat((lag.high() - lag.low()) / 2)
                    .isCloseTo(expected.path("half").asDouble(), within(1e-4));
            assertThat(lag.strides()).isEqualTo(expected.path("strides").asInt());
            assertThat(lag.order()).hasToString(expected.path("order").asString());
        });
    }

    /** Where one word ends and the next begins (calculations 12, common practice, no source). */
    @ParameterizedTest
    @CsvSource({
        "0, LATERAL", "0.0999, LATERAL", "0.10, STEPPING_PACE", "0.1999, STEPPING_PACE", "0.20, FOUR_BEAT",
                "0.2999, FOUR_BEAT",
        "0.30, TOWARDS_TROT", "0.4499, TOWARDS_TROT", "0.45, DIAGONAL", "0.8999, DIAGONAL", "0.90, LATERAL",
                "0.999, LATERAL"
    })
    void theWords(double share, LandingOrder order) {
        assertThat(LandingOrder.of(share)).isEqualTo(order);
    }

    /**
     * Landings that are known, seen only frame by frame. Strides vary by 2 in 100, as a horse's do: were each exactly so many frames long,
     * all would be misread alike.
     */
    private static List<Landing> filmed(double strideMs, double lag, int strides, double framesASecond, long seed) {
        SplittableRandom random = new SplittableRandom(seed);
        double hind = random.nextDouble() * strideMs;
        List<Landing> landings = new ArrayList<>();
        for (int i = 0; i < strides; i++) {
            landings.add(new Landing(Foot.LEFT_HIND, onFrame(hind, framesASecond)));
            landings.add(new Landing(Foot.LEFT_FORE, onFrame(hind + lag * strideMs, framesASecond)));
            hind += strideMs * (1 + 0.02 * random.nextGaussian());
        }
        return landings;
    }

    private static int onFrame(double ms, double framesASecond) {
        return (int) Math.round(Math.round(ms * framesASecond / 1000) * 1000 / framesASecond);
    }

    /** Eight strides at thirty frames a second: within three points, whatever the gait, and within the interval in 95 of 100. */
    @ParameterizedTest
    @CsvSource({"1070, 0.02", "1070, 0.06", "1070, 0.24", "1000, 0.25", "620, 0.4", "760, 0.5"})
    void plantedLagsComeBackWithinThreePoints(double strideMs, double lag) {
        List<SideLag> found = IntStream.range(0, 400)
                .mapToObj(seed -> Footfalls.of(filmed(strideMs, lag, 8, 30, seed), 1000 / 30.0)
                        .flatMap(Footfalls::left)
                        .orElseThrow())
                .toList();
        assertThat(found)
                .allSatisfy(
                        l -> assertThat(Math.IEEEremainder(l.share() - lag, 1)).isCloseTo(0, within(0.03)));
        assertThat(found.stream()
                        .filter(l -> Math.abs(Math.IEEEremainder(l.share() - lag, 1)) <= (l.high() - l.low()) / 2)
                        .count())
                .isGreaterThanOrEqualTo((long) (0.93 * found.size()));
    }

    /** Thirty frames a second, a stride of 1.0 s, 8 strides alike: a standard error of 0.005 (calculations 12), by Student's 2.365. */
    @Test
    void theErrorOfEightStrides() {
        List<Landing> alike = new ArrayList<>();
        for (int i = 0; i < 8; i++) {
            alike.add(new Landing(Foot.LEFT_HIND, 1000 * i));
            alike.add(new Landing(Foot.LEFT_FORE, 1000 * i + 300));
        }
        SideLag lag = Footfalls.of(alike, 1000 / 30.0).flatMap(Footfalls::left).orElseThrow();
        assertThat((lag.high() - lag.low()) / 2 / 2.365).isCloseTo(0.0048, within(1e-4));
    }
}
