package strophos.core.plain;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.OptionalLong;
import java.util.function.Function;

/** Writes an object field by field; what is empty is left out. */
public final class PlainMap {

    private final Map<String, Object> written = new LinkedHashMap<>();

    public PlainMap put(String name, Object value) {
        written.put(name, value);
        return this;
    }

    public PlainMap maybe(String name, Optional<?> value) {
        value.ifPresent(v -> written.put(name, v));
        return this;
    }

    public PlainMap maybe(String name, OptionalInt value) {
        value.ifPresent(v -> written.put(name, v));
        return this;
    }

    public PlainMap maybe(String name, OptionalLong value) {
        value.ifPresent(v -> written.put(name, v));
        return this;
    }

    /** A list of objects; an empty one is left out. */
    public <T> PlainMap many(String name, List<T> values, Function<T, Map<String, Object>> plain) {
        if (!values.isEmpty()) {
            written.put(name, values.stream().map(plain).toList());
        }
        return this;
    }

    public Map<String, Object> map() {
        return written;
    }
}
