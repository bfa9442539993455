package strophos.core.record;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import strophos.core.exchange.Aid;
import strophos.core.exchange.Foot;
import strophos.core.exchange.Manner;
import strophos.core.exchange.Means;
import strophos.core.exchange.Side;

/** Reads what may be left out of a payload; what is there must lie within its bounds, or the whole does not fit. */
final class Detail {

    private final Map<String, Object> p;
    private boolean fits = true;

    Detail(Map<String, Object> payload) {
        p = payload;
    }

    /** Whether all that was read so far was left out or within its bounds. */
    boolean fits() {
        return fits;
    }

    <T extends Enum<T>> Optional<T> one(String name, Class<T> words) {
        Optional<T> read = PayloadReader.one(words, p.get(name));
        fits &= p.get(name) == null || read.isPresent();
        return read;
    }

    OptionalInt whole(String name, int least, int most) {
        Optional<Integer> read = PayloadReader.whole(p.get(name), least, most);
        fits &= p.get(name) == null || read.isPresent();
        return read.map(OptionalInt::of).orElse(OptionalInt.empty());
    }

    Optional<Boolean> flag(String name) {
        fits &= p.get(name) == null || p.get(name) instanceof Boolean;
        return p.get(name) instanceof Boolean is ? Optional.of(is) : Optional.empty();
    }

    /** LEFT or RIGHT. */
    Optional<Side> side(String name) {
        Optional<Side> read = one(name, Side.class);
        fits &= read.filter(s -> s == Side.NONE).isEmpty();
        return read;
    }

    /** One to four aids; an empty list does not fit. */
    List<Aid> aids() {
        if (p.get("aids") == null) {
            return List.of();
        }
        if (!(p.get("aids") instanceof List<?> all) || all.isEmpty() || all.size() > Aid.MOST) {
            fits = false;
            return List.of();
        }
        List<Aid> read = new ArrayList<>();
        all.forEach(each -> aid(each).ifPresentOrElse(read::add, () -> fits = false));
        return read;
    }

    @SuppressWarnings("unchecked")
    private static Optional<Aid> aid(Object value) {
        if (!(value instanceof Map<?, ?> map)) {
            return Optional.empty();
        }
        Detail detail = new Detail((Map<String, Object>) map);
        Optional<Manner> manner = detail.one("manner", Manner.class);
        Optional<Foot> foot = detail.one("foot", Foot.class);
        return PayloadReader.one(Means.class, map.get("means"))
                .flatMap(means ->
                        PayloadReader.one(Side.class, map.get("side")).map(side -> new Aid(means, side, manner, foot)))
                .filter(aid -> detail.fits());
    }
}
