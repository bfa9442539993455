package strophos.core.clip;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import strophos.core.exchange.ClipFile;
import strophos.core.footfall.LandingOrder;
import strophos.core.frame.FrameQuantity;
import strophos.core.frame.FrameValue;
import strophos.core.record.SmallLog;

class ClipTest {

    private static final String NOWHERE = "018f0000-0000-7000-8000-00000000ffff";

    private final SmallLog log = new SmallLog();

    private String clip(String name, Map<String, Object> more) {
        Map<String, Object> base = new HashMap<>(more);
        base.put("source", "CLIP");
        base.put(
                "clip",
                Map.of("fileName", name, "bytes", 9_000_000_000L, "durationMs", 31_000, "digest", "0".repeat(64)));
        return log.say("time_base", base);
    }

    private String comment(String base, int ms, String text) {
        return log.say("comment", Map.of("at", Map.of("base", base, "ms", ms), "text", text));
    }

    @Test
    void commentsStandInTheOrderOfTheClip() {
        String clip = clip("vesper.mp4", Map.of());
        comment(clip, 9_000, "straight again");
        comment(clip, 4_300, "the outside rein slips");
        assertThat(Clip.of(log.ride())).singleElement().satisfies(c -> {
            assertThat(c.file()).isEqualTo(new ClipFile("vesper.mp4", 9_000_000_000L, 31_000, "0".repeat(64)));
            assertThat(c.comments())
                    .extracting(said -> said.said().text())
                    .containsExactly("the outside rein slips", "straight again");
        });
    }

    @Test
    void whatWasSaidOfACopyIsSaidOfTheClip() {
        String clip = clip("vesper.mp4", Map.of());
        String copy = clip("vid-20261130.mp4", Map.of("copyOf", clip));
        String copyOfCopy = clip("small.mp4", Map.of("copyOf", copy));
        comment(copy, 4_300, "here");
        comment(copyOfCopy, 9_000, "and here");
        assertThat(Clip.of(log.ride())).singleElement().satisfies(c -> {
            assertThat(c.id()).isEqualTo(clip);
            assertThat(c.file().fileName()).isEqualTo("vesper.mp4");
            assertThat(c.copies()).extracting(ClipFile::fileName).containsExactly("vid-20261130.mp4", "small.mp4");
            assertThat(c.comments()).hasSize(2);
        });
    }

    @Test
    void whatAFrameTellsStandsInTheOrderOfTheClip() {
        String clip = clip("vesper.mp4", Map.of());
        String copy = clip("small.mp4", Map.of("copyOf", clip));
        frame(clip, 9_000, "ANGLE", List.of(at(300, 100), at(300, 300), at(500, 300)));
        frame(copy, 4_300, "EARS", List.of(at(600, 300), at(500, 225)));
        frame(clip, 9_100, "LINE", List.of(at(600, 300), at(600, 301)));
        assertThat(Clip.of(log.ride()))
                .singleElement()
                .satisfies(c -> assertThat(c.frames())
                        .extracting(f -> f.tells().stream().map(FrameValue::of).toList())
                        .containsExactly(List.of(FrameQuantity.NECK_RISE), List.of(FrameQuantity.ANGLE), List.of()));
    }

    private static Map<String, Object> at(int x, int y) {
        return Map.of("x", x, "y", y);
    }

    private void frame(String base, int ms, String shape, List<Map<String, Object>> points) {
        log.say(
                "frame_measure",
                Map.of(
                        "at",
                        Map.of("base", base, "ms", ms),
                        "shape",
                        shape,
                        "width",
                        1280,
                        "height",
                        720,
                        "points",
                        points,
                        "withinPx",
                        2));
    }

    /** A sensor's clock, a copy of nothing that is here, and what is said of neither. */
    @Test
    void onlyClipsAreClips() {
        log.say("time_base", Map.of("source", "SENSOR"));
        String copy = clip("small.mp4", Map.of("copyOf", NOWHERE));
        comment(NOWHERE, 0, "of what?");
        assertThat(Clip.of(log.ride())).singleElement().satisfies(c -> {
            assertThat(c.id()).isEqualTo(copy);
            assertThat(c.comments()).isEmpty();
        });
    }

    @Test
    void markedLandingsSayTheirLag() {
        String clip = clip("skerry.mp4", Map.of());
        List<Map<String, Object>> landings = new ArrayList<>();
        for (int i = 0; i < 5; i++) {
            landings.add(Map.of("foot", "LEFT_HIND", "ms", 1000 * i));
            landings.add(Map.of("foot", "LEFT_FORE", "ms", 1000 * i + 60));
        }
        log.say("footfalls", Map.of("base", clip, "frameMs", 33, "landings", landings));
        log.say("footfalls", Map.of("base", clip, "frameMs", 33, "landings", landings.subList(0, 1)));
        List<Clip.Measured> measured = Clip.of(log.ride()).get(0).measured();
        assertThat(measured).hasSize(2);
        assertThat(measured.get(0).says().orElseThrow().left().orElseThrow().order())
                .isEqualTo(LandingOrder.LATERAL);
        assertThat(measured.get(1).says()).isEmpty();
    }
}
