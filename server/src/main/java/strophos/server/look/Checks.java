package strophos.server.look;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import strophos.core.look.BendPlace;
import strophos.core.look.FirstLook;
import strophos.core.look.Shoulders;
import strophos.core.look.SideLook;
import strophos.core.look.Soundness;
import strophos.server.contract.CanBeNull;

/** A first look as sent: the payload of its entry, with null for a check that was not made. */
public record Checks(
        @CanBeNull Soundness soundness,
        @CanBeNull Integer calm,
        @CanBeNull Integer rider,
        @CanBeNull Integer halt,
        @CanBeNull Integer leg,
        @CanBeNull Integer bendLeft,
        @CanBeNull Integer bendRight,
        @CanBeNull BendPlace placeLeft,
        @CanBeNull BendPlace placeRight,
        @CanBeNull Integer circleLeft,
        @CanBeNull Integer circleRight,
        @CanBeNull Integer shoulder,
        @CanBeNull Boolean shoulderBoth) {

    /** The look as sent. */
    public static Checks of(FirstLook look) {
        return new Checks(
                look.soundness().orElse(null),
                orNull(look.calm()),
                orNull(look.rider()),
                orNull(look.halt()),
                orNull(look.leg()),
                orNull(look.left().bend()),
                orNull(look.right().bend()),
                look.left().place().orElse(null),
                look.right().place().orElse(null),
                orNull(look.left().evenCircleM()),
                orNull(look.right().evenCircleM()),
                look.shoulders().map(Shoulders::heavy).orElse(null),
                look.shoulders().map(Shoulders::onBothReins).orElse(null));
    }

    /** The look these checks tell; they were bounded when they were read. */
    public FirstLook look() {
        return new FirstLook(
                Optional.ofNullable(soundness),
                orEmpty(calm),
                orEmpty(rider),
                orEmpty(halt),
                orEmpty(leg),
                new SideLook(orEmpty(bendLeft), Optional.ofNullable(placeLeft), orEmpty(circleLeft)),
                new SideLook(orEmpty(bendRight), Optional.ofNullable(placeRight), orEmpty(circleRight)),
                Optional.ofNullable(shoulder).map(s -> new Shoulders(s, Boolean.TRUE.equals(shoulderBoth))));
    }

    /** As an entry's payload: only the checks that were made. */
    public Map<String, Object> payload() {
        Map<String, Object> made = new LinkedHashMap<>();
        put(made, "soundness", soundness == null ? null : soundness.name());
        put(made, "calm", calm);
        put(made, "rider", rider);
        put(made, "halt", halt);
        put(made, "leg", leg);
        put(made, "bendLeft", bendLeft);
        put(made, "bendRight", bendRight);
        put(made, "placeLeft", placeLeft == null ? null : placeLeft.name());
        put(made, "placeRight", placeRight == null ? null : placeRight.name());
        put(made, "circleLeft", circleLeft);
        put(made, "circleRight", circleRight);
        put(made, "shoulder", shoulder);
        put(made, "shoulderBoth", shoulderBoth);
        return made;
    }

    private static void put(Map<String, Object> made, String name, Object value) {
        if (value != null) {
            made.put(name, value);
        }
    }

    private static Integer orNull(OptionalInt score) {
        return score.isPresent() ? score.getAsInt() : null;
    }

    private static OptionalInt orEmpty(Integer score) {
        return score == null ? OptionalInt.empty() : OptionalInt.of(score);
    }
}
