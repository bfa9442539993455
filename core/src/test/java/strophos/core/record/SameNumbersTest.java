package strophos.core.record;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import strophos.core.bend.CircleSizes;
import strophos.core.watch.WatchCount;
import strophos.format.Format;
import strophos.format.SchemaReader;
import strophos.format.Type;

/** Numbers of the job that the format bounds, too, are the same in both. */
class SameNumbersTest {

    private static final Format FORMAT = SchemaReader.read(Path.of(System.getProperty("strophos.root"), "format"));

    @Test
    void aLookSaysOneOfTheCirclesThatAreTriedOrNone() {
        assertThat(FORMAT.scales().stream()
                        .filter(s -> s.name().equals("Circle"))
                        .flatMap(s -> s.values().stream()))
                .containsExactlyElementsOf(Stream.concat(CircleSizes.TRIED_M.stream(), Stream.of(0))
                        .toList());
    }

    @Test
    void whatIsPutOnWatchIsWatchedForAsLongAsAnythingIs() {
        assertThat(FORMAT.kinds().stream()
                        .filter(k -> k.kind().equals("watch"))
                        .flatMap(k -> k.fields().stream())
                        .filter(f -> f.name().equals("weeks"))
                        .map(f -> ((Type.Whole) f.type()).most()))
                .containsExactly((long) WatchCount.LONGEST_WEEKS);
    }
}
