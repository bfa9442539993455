package strophos.server.demo;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.List;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.dataformat.yaml.YAMLMapper;

/** The stories of the demo's nine pairs, a file each. */
final class Stories {

    /** The longest first: they are told beside each other, and none is left to be told alone at the end. */
    private static final List<String> FILES = List.of(
            "vesper", "sindri", "quillon", "tamarack", "marzipan", "skerry", "pepperwort", "fennel", "penny-black");

    private static final YAMLMapper YAML = YAMLMapper.builder()
            .disable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
            .build();

    private Stories() {}

    static List<Story> all() {
        return FILES.stream().map(Stories::read).toList();
    }

    private static Story read(String name) {
        try (InputStream in = Stories.class.getResourceAsStream("/demo/stories/" + name + ".yaml")) {
            return YAML.readValue(in, Story.class);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
