package strophos.catalogue;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;

/** Reads the strand files. A new strand is a file beside {@code bend.yaml} and its name in {@link #SHIPPED}. */
public final class CatalogueReader {

    static final List<String> SHIPPED = List.of(
            "bend",
            "forward",
            "stop-back",
            "shoulders",
            "quarters",
            "jaw",
            "rhythm",
            "contact",
            "canter",
            "poles",
            "collection",
            "rider",
            "confidence",
            "ground",
            "basics");

    private CatalogueReader() {}

    /** The catalogue that ships with the product. */
    public static Library shipped() {
        return new Library(SHIPPED.stream()
                .map(name -> StrandFile.read(name + ".yaml", text(name + ".yaml")))
                .toList());
    }

    static String text(String file) {
        try (InputStream in = CatalogueReader.class.getResourceAsStream("/catalogue/" + file)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
