package strophos.server.demo;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import strophos.core.exchange.ClipFile;
import strophos.core.exchange.Landing;
import tools.jackson.databind.json.JsonMapper;

/**
 * The clip of {@code examples/clip}, as a coach finds it who steps through it frame by frame (scripts/draw-clip.mjs).
 *
 * @param landings of the strides at a pace
 * @param ask on long reins, out of the pace
 */
record DemoClip(ClipFile file, int frameMs, List<Landing> landings, OneAsk ask) {

    /** Its moments, in milliseconds of the clip. */
    record OneAsk(int askedMs, int reinforcedMs, int answerMs, int letGoMs) {}

    static DemoClip read(JsonMapper json) {
        try (InputStream in = DemoClip.class.getResourceAsStream("/demo/clip.json")) {
            return json.readValue(in, DemoClip.class);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
