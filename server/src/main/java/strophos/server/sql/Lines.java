package strophos.server.sql;

import java.util.stream.Stream;
import strophos.server.contract.CanBeNull;

/**
 * Many rows that the database put together to one text: lines parted by {@code ;}, their fields by {@code |}. A row for each of a
 * thousand touches costs more to read than the touches themselves. For words and numbers only, never for what somebody wrote.
 */
public final class Lines {

    private Lines() {}

    /** @param together null where there was no row */
    public static Stream<String[]> of(@CanBeNull String together) {
        return together == null
                ? Stream.empty()
                : Stream.of(together.split(";")).map(line -> line.split("\\|", -1));
    }
}
