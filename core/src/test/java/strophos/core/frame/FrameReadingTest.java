package strophos.core.frame;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import org.assertj.core.api.SoftAssertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import strophos.core.exchange.FrameLevel;
import strophos.core.exchange.FramePoint;
import strophos.core.exchange.FrameShape;
import strophos.core.exchange.KnownLength;
import strophos.core.exchange.Moment;
import strophos.core.record.Payload;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** By plane geometry, and by throwing the points about: the spread of what they tell is the interval that is told. */
class FrameReadingTest {

    private static final Moment MOMENT = new Moment("00000000-0000-7000-8000-000000000001", 4000);

    /** 95 % of a normal distribution lie within so many of its standard deviations (tables of the normal distribution). */
    private static final double NORMAL_95 = 1.96;

    static Stream<JsonNode> examples() throws IOException {
        Path file = Path.of(System.getProperty("strophos.root"), "examples", "frame-measures.json");
        return JsonMapper.shared().readTree(Files.readString(file)).valueStream();
    }

    private static FramePoint point(JsonNode of) {
        return new FramePoint(of.get(0).asInt(), of.get(1).asInt());
    }

    private static Payload.FrameMeasure measure(JsonNode example) {
        JsonNode level = example.path("level");
        JsonNode scale = example.path("scale");
        return new Payload.FrameMeasure(
                MOMENT,
                FrameShape.valueOf(example.path("shape").asString()),
                1280,
                720,
                example.path("points")
                        .valueStream()
                        .map(FrameReadingTest::point)
                        .toList(),
                example.path("withinPx").asInt(),
                example.has("facesRight")
                        ? Optional.of(example.path("facesRight").asBoolean())
                        : Optional.empty(),
                level.isMissingNode()
                        ? Optional.empty()
                        : Optional.of(new FrameLevel(point(level.get(0)), point(level.get(1)))),
                scale.isMissingNode()
                        ? Optional.empty()
                        : Optional.of(new KnownLength(
                                point(scale.get(0)),
                                point(scale.get(1)),
                                scale.get(2).asInt())),
                Optional.empty(),
                Optional.empty());
    }

    @ParameterizedTest
    @MethodSource("examples")
    void tellsWhatAnExampleSays(JsonNode example) {
        List<FrameValue> tells = FrameReading.of(measure(example));
        JsonNode expected = example.path("tells");
        assertThat(tells.stream().map(v -> v.of().name()))
                .as(example.path("says").asString())
                .containsExactlyElementsOf(expected.propertyNames());
        SoftAssertions.assertSoftly(softly -> tells.forEach(v -> {
            JsonNode of = expected.path(v.of().name());
            double valueOff = v.of().isLength() ? 0.001 : 0.01;
            double halfOff = v.of().isLength() ? 0.0001 : 0.002;
            softly.assertThat(v.value()).as("%s", v.of()).isCloseTo(of.get(0).asDouble(), within(valueOff));
            softly.assertThat(v.half()).as("%s ±", v.of()).isCloseTo(of.get(1).asDouble(), within(halfOff));
        }));
    }

    /** GUM, supplement 1 (JCGM 101:2008): the inputs are drawn, and the spread of what follows is looked at. */
    @ParameterizedTest
    @MethodSource("examples")
    void thrownPointsSpreadAsFarAsItIsTold(JsonNode example) {
        Payload.FrameMeasure said = measure(example);
        List<FrameValue> tells = FrameReading.of(said);
        List<List<Double>> thrown = new ArrayList<>();
        Random chance = new Random(12);
        // ten times larger, so that whole pixels do not show
        Payload.FrameMeasure large = enlarged(said);
        for (int i = 0; i < 4000; i++) {
            List<Double> values = FrameReading.of(thrown(large, chance)).stream()
                    .map(FrameValue::value)
                    .toList();
            thrown.add(values);
        }
        for (int i = 0; i < tells.size(); i++) {
            FrameValue told = tells.get(i);
            int at = i;
            long inside = thrown.stream()
                    .filter(values -> isWithin(told, values.get(at)))
                    .count();
            assertThat(inside / 4000.0)
                    .as("%s of %s", told.of(), example.path("says"))
                    .isBetween(0.93, 0.97);
        }
    }

    /** Straight is the most an angle can be, and a plumb line slopes either way: what lies beyond is folded back. */
    private static boolean isWithin(FrameValue told, double value) {
        double apart = Math.abs(value - told.value());
        return Math.min(apart, told.of() == FrameQuantity.SLOPE ? 180 - apart : apart) <= told.half();
    }

    private static Payload.FrameMeasure enlarged(Payload.FrameMeasure of) {
        return moved(of, of.withinPx(), p -> new FramePoint(3000 + 10 * p.x(), 3000 + 10 * p.y()));
    }

    private static Payload.FrameMeasure thrown(Payload.FrameMeasure large, Random chance) {
        double sigma = 10 * large.withinPx() / NORMAL_95;
        return moved(
                large,
                1,
                p -> new FramePoint((int) Math.round(p.x() + sigma * chance.nextGaussian()), (int)
                        Math.round(p.y() + sigma * chance.nextGaussian())));
    }

    private static Payload.FrameMeasure moved(Payload.FrameMeasure of, int withinPx, UnaryOperator<FramePoint> by) {
        return new Payload.FrameMeasure(
                of.at(),
                of.shape(),
                of.width(),
                of.height(),
                of.points().stream().map(by).toList(),
                withinPx,
                of.facesRight(),
                of.level().map(l -> new FrameLevel(by.apply(l.from()), by.apply(l.to()))),
                of.scale().map(s -> new KnownLength(by.apply(s.from()), by.apply(s.to()), s.lengthMm())),
                of.of(),
                of.still());
    }

    @Test
    void isToldOnlyBeyondItsError() {
        assertThat(new FrameValue(FrameQuantity.LEFT_HIP_UP, -2, 1.9).isTold()).isTrue();
        assertThat(new FrameValue(FrameQuantity.LEFT_HIP_UP, 1.8, 1.9).isTold()).isFalse();
    }
}
