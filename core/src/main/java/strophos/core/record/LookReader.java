package strophos.core.record;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import strophos.core.bend.CircleSizes;
import strophos.core.look.BendPlace;
import strophos.core.look.FirstLook;
import strophos.core.look.Shoulders;
import strophos.core.look.SideLook;
import strophos.core.look.Soundness;

/**
 * Reads a first look. A check that was not made is absent or null; one that is out of its bounds makes the whole entry
 * not understood, since a look half read could be a look that hides something.
 */
final class LookReader {

    private static final List<String> SCORES = List.of("calm", "rider", "halt", "leg", "bendLeft", "bendRight");
    private static final List<String> CIRCLES = List.of("circleLeft", "circleRight");

    private final Map<String, Object> payload;
    private boolean fits = true;

    private LookReader(Map<String, Object> payload) {
        this.payload = payload;
    }

    static Optional<FirstLook> read(Map<String, Object> payload) {
        return new LookReader(payload).look();
    }

    private Optional<FirstLook> look() {
        Optional<Soundness> soundness = word("soundness", Soundness.class);
        Optional<BendPlace> placeLeft = word("placeLeft", BendPlace.class);
        Optional<BendPlace> placeRight = word("placeRight", BendPlace.class);
        Optional<Shoulders> shoulders = shoulders();
        SCORES.forEach(name -> number(name, 0, FirstLook.BEST));
        CIRCLES.forEach(this::circle);
        if (!fits) {
            return Optional.empty();
        }
        return Optional.of(new FirstLook(
                soundness,
                score("calm"),
                score("rider"),
                score("halt"),
                score("leg"),
                new SideLook(score("bendLeft"), placeLeft, circle("circleLeft")),
                new SideLook(score("bendRight"), placeRight, circle("circleRight")),
                shoulders));
    }

    private OptionalInt score(String name) {
        return number(name, 0, FirstLook.BEST);
    }

    private OptionalInt circle(String name) {
        OptionalInt metres = number(name, 0, CircleSizes.LARGEST_M);
        fits &= metres.isEmpty() || metres.getAsInt() == 0 || CircleSizes.TRIED_M.contains(metres.getAsInt());
        return metres;
    }

    private Optional<Shoulders> shoulders() {
        OptionalInt heavy = number("shoulder", -2, 2);
        Object both = payload.get("shoulderBoth");
        fits &= both == null || both instanceof Boolean;
        return heavy.isEmpty() || !fits
                ? Optional.empty()
                : Optional.of(new Shoulders(heavy.getAsInt(), Boolean.TRUE.equals(both)));
    }

    private OptionalInt number(String name, int least, int most) {
        Object value = payload.get(name);
        if (value == null) {
            return OptionalInt.empty();
        }
        Optional<Long> whole = PayloadReader.whole(value).filter(n -> n >= least && n <= most);
        fits &= whole.isPresent();
        return whole.map(n -> OptionalInt.of(n.intValue())).orElse(OptionalInt.empty());
    }

    private <T extends Enum<T>> Optional<T> word(String name, Class<T> type) {
        Object value = payload.get(name);
        Optional<T> read = PayloadReader.one(type, value);
        fits &= value == null || read.isPresent();
        return read;
    }
}
