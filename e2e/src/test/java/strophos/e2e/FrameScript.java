package strophos.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.gson.JsonObject;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import java.util.ArrayList;
import java.util.List;
import java.util.function.IntToDoubleFunction;

/**
 * Script in a frame while a drawing along time is turned by the wheel.
 *
 * @param p50Ms half of the frames took no more; {@code p95Ms} 95 of 100
 */
record FrameScript(int frames, double p50Ms, double p95Ms) {

    static final double MOST_MS = 8;

    private static final String NEXT_FRAME =
            "() => new Promise((done) => requestAnimationFrame(() => setTimeout(done)))";

    /** @param wheel how far it is turned before each frame; above 0 further off */
    static FrameScript of(Visitor visitor, Locator drawing, int frames, IntToDoubleFunction wheel) {
        Page page = visitor.page();
        drawing.scrollIntoViewIfNeeded();
        BoundingBox box = drawing.boundingBox();
        page.mouse().move(box.x + box.width / 3, box.y + box.height / 2);
        CDPSession chromium = visitor.context().newCDPSession(page);
        chromium.send("Performance.enable");
        List<Double> script = new ArrayList<>();
        for (int i = 0; i < frames; i++) {
            double before = scriptMs(chromium);
            page.mouse().wheel(0, wheel.applyAsDouble(i));
            page.evaluate(NEXT_FRAME);
            script.add(scriptMs(chromium) - before);
        }
        script.sort(null);
        return new FrameScript(frames, script.get(frames / 2), script.get(frames * 95 / 100));
    }

    private static double scriptMs(CDPSession chromium) {
        JsonObject metrics = chromium.send("Performance.getMetrics");
        for (var metric : metrics.getAsJsonArray("metrics")) {
            if (metric.getAsJsonObject().get("name").getAsString().equals("ScriptDuration")) {
                return 1000 * metric.getAsJsonObject().get("value").getAsDouble();
            }
        }
        throw new AssertionError("The browser does not say how long script ran.");
    }

    String said() {
        return "%d frames: script p50 %.1f, p95 %.1f ms a frame (aim %.0f)".formatted(frames, p50Ms, p95Ms, MOST_MS);
    }

    void assertWithin(String what) {
        assertThat(p95Ms).as("%s, %s", what, said()).isLessThanOrEqualTo(MOST_MS);
    }
}
