package strophos.core.look;

import java.util.LinkedHashMap;
import java.util.Map;
import strophos.core.record.PayloadReader;

/** Looks for tests, as their payload says them. */
public final class Looks {

    private Looks() {}

    /** A look of these checks: a name, its value, the next name. */
    public static FirstLook of(Object... checks) {
        return of(Map.of(), checks);
    }

    /** The same on top of others. */
    static FirstLook of(Map<String, Object> others, Object... checks) {
        Map<String, Object> all = new LinkedHashMap<>(others);
        for (int i = 0; i < checks.length; i += 2) {
            all.put((String) checks[i], checks[i + 1]);
        }
        return PayloadReader.look(all).orElseThrow(() -> new AssertionError("no look: " + all));
    }
}
